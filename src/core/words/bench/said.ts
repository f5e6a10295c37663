/** What a step of the bench says: what to do, and why. */
export interface Said {
  what: string;
  why: string;
}

/** How the chain is moved on: by cranks that turn back freely, or a stretch at a time, by hand or by rolling the bike. */
export type Moving = 'cranks' | 'by hand' | 'rolling';

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
