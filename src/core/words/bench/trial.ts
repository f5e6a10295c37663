import type { Said } from './said';

/** Whose turn it is in a trial. */
export const trialSaid = (label: string): Said => ({
  what: `This coat is for your trial. This time it is “${label}”.`,
  why: 'Chance drew whose turn it is, so that good and bad weather fall on both. If you do it another way, say so at the end.',
});

/** Asked at the end. */
export const HOW_TRIED = 'How did you do it, for your trial?';
export const NEITHER_WAY = 'Neither way';

/** Before starting: whose turn the next coat is, and that it is set up so. */
export const turnSentence = (label: string): string =>
  `In your trial the next coat is due with “${label}”. We set the job up that way.`;
