import type { Depth } from '../records/kinds';

/** What may be done beside a depth. */
export const ADD_ONS = [
  'wash',
  'jockey wheels',
  'cassette',
  'chainrings',
  'brakes',
  'no time to dry',
  'measure',
] as const;
export type AddOn = (typeof ADD_ONS)[number];

/** Depths after which a chain lies clean. */
const CLEANS: readonly Depth[] = ['on-bike clean', 'off-bike clean', 'soak', 'wax reset'];

/** Depths that are done by themselves. */
const BARE: readonly Depth[] = ['roadside', 'thin coat', 'new-chain strip', 'swap', 'new chain'];

/** Whether slower rounds may go along: the bike is at hand, and there is time. */
export const takesRounds = (depth: Depth): boolean =>
  !['roadside', 'thin coat', 'new-chain strip'].includes(depth);

/** Add-ons that make sense with a depth. */
export const addOnsFor = (depth: Depth): AddOn[] =>
  ADD_ONS.filter((a) =>
    a === 'no time to dry'
      ? depth === 'rescue'
      : a === 'measure'
        ? CLEANS.includes(depth)
        : !BARE.includes(depth),
  );
