import { usualWork, type Proposal } from '../care/verdict/proposal';
import type { LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';

/** The four works a year is kept with. */
export interface Works {
  topUp: Proposal;
  wipe: Proposal;
  clean: Proposal;
  rescue: Proposal;
}

/** The usual works with a lube, by the rider's school of what is done between two cleans. */
export function worksWith(lube: LubeClass, between: Schools['between']): Works {
  const usual = usualWork(lube, undefined, between);
  // Hot wax has no other renewal than the pot's.
  const topUp = usual.find((w) => w.depth === 'top-up' || w.depth === 'wax reset');
  const wipe = usual.find((w) => w.depth === 'wipe-down');
  const clean = usual.findLast((w) => w.depth === 'wax reset' || w.depth === 'on-bike clean');
  // Hot wax is wiped and blown dry.
  const rescue =
    usual.find((w) => w.depth === 'rescue') ??
    usual.find((w) => w.depth === 'wipe-down' && w.spec.drying === 'towel and air');
  if (!topUp || !wipe || !clean || !rescue) throw new Error(`No usual work for ${lube}`);
  return { topUp, wipe, clean, rescue };
}
