import type { LookSaid } from './closing';

/** The word on a round at its end. */
export const isFine = (name: string, caution: string): LookSaid => ({
  what: `${name}: is all of it as it should be?`,
  why: caution,
  failWhy: 'Put it right if it is work for home. If not, go on and leave it for a workshop.',
});
