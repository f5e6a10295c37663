import type { Depth } from '../records/kinds';

/** Whether another chain goes on in place of the one on the bike. */
export const changesChain = (depth: Depth): boolean => depth === 'swap' || depth === 'new chain';

/** Depths that answer an occasion: a ride under way, a wet or a new chain, half an hour before a ride. Nothing else leads to them. */
const OCCASIONS: readonly Depth[] = [
  'thin coat',
  'roadside',
  'rescue',
  'new-chain strip',
  'swap',
  'new chain',
];
export const isOfAnOccasion = (depth: Depth): boolean => OCCASIONS.includes(depth);
