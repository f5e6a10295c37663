import type { Depth } from '../logbook';

/** Whether another chain goes on in place of the one on the bike. */
export const changesChain = (depth: Depth): boolean => depth === 'swap' || depth === 'new chain';
