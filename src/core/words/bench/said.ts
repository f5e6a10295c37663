/** What a step of the bench says: what to do, and why. */
export interface Said {
  what: string;
  why: string;
}

/** How the chain is moved on: by cranks that turn back freely, or a stretch at a time, by hand or by rolling the bike. */
export type Moving = 'cranks' | 'by hand' | 'rolling';

/** How the bike lies to the hand: a bike upside down has its lower run on top. */
export type Lies = 'upright' | 'upside down';

/** The run a rag is held round: away from where the chain meets ring and cog under load. */
export const ragRun = (lies: Lies): string =>
  lies === 'upright' ? 'the lower run' : 'the run on top';

/** The run that pulls: forwards, from cog to ring. */
export const pullRun = (lies: Lies): string =>
  lies === 'upright' ? 'the upper run' : 'the run at the bottom';

/** The run whose inside faces up, so that drops fall on it. */
export const dropRun = (lies: Lies): string =>
  lies === 'upright' ? 'the lower run' : 'the run at the bottom';

/** What stands still while a stretch is worked on, and what moves the chain on; nothing where the cranks turn freely. */
export const stretchNote = (moving: Moving): string =>
  ({
    cranks: '',
    'by hand': ' Everything stands still: one stretch, then move the chain on by hand.',
    rolling: ' Everything stands still: one stretch, then roll the bike on.',
  })[moving];

/** What a check says: its question, and what is said when it fails. */
export interface CheckSaid {
  ask: string;
  failWhy: string;
}

/** What a step is done with: the tool itself, or what stands in for it and the minutes more that takes. */
export interface InHand {
  name: string;
  standsIn: boolean;
  minutes: number;
}
