import { MS_PER_HOUR, MS_PER_MINUTE } from '../../units/convert';
import { settingHours, type Air } from '../../weather/drying';
import { SHARED_MINUTES, type BenchSlot, type Family, type Work } from './problem';

/** Hours from starting a work to riding: its own minutes, then setting in the air there is. */
export const readyHours = (work: Work, air: Air): number =>
  work.elapsed / 60 + (work.coat === null ? 0 : settingHours(work, air));

/** Minutes a work takes of an evening on which another bike is on the stand too, or not. */
export const minutesOf = (work: Work, shared: boolean): number =>
  shared ? Math.max(2, work.handsOn - SHARED_MINUTES) : work.handsOn;

/** The latest start, ms, so that the chain is ready for the next ride; null: no ride is waiting. */
export const startBy = (work: Work, bench: BenchSlot): number | null =>
  bench.nextRideAt === null ? null : bench.nextRideAt - readyHours(work, bench.air) * MS_PER_HOUR;

export interface Circumstance {
  family: Family;
  /** Index of the coat that is on. */
  coat: number;
  wet: boolean;
  /** Minutes left of the day. */
  minutes: number;
  shared: boolean;
}

/**
 * Whether the rules allow a work at a bench: in the minutes free, dry and set before the next ride, over
 * what is on the chain, in air warm enough for the bottle, and before a race nothing new. A chain that is wet
 * on the eve of a race is lubed all the same.
 */
export function mayDo(work: Work, bench: BenchSlot, on: Circumstance): boolean {
  if (bench.mark === 'leave') return false;
  if (!work.over.includes(on.family)) return false;
  if (minutesOf(work, on.shared) > on.minutes) return false;
  if (bench.raceEve && work.coat !== null && !on.wet) return false;
  if (bench.sameLube && work.coat !== null && work.coat !== on.coat) return false;
  if (work.leastC !== null && bench.air.temperatureC < work.leastC) return false;
  if (work.coatsLeft !== null && work.coatsLeft < 1) return false;
  const by = startBy(work, bench);
  return by === null || by >= bench.from - MS_PER_MINUTE;
}

/** A pin narrows the works of its day to its own depth, where one of them can be done at all. */
export function allowedAt(works: readonly Work[], bench: BenchSlot, on: Circumstance): Work[] {
  const can = works.filter((w) => mayDo(w, bench, on));
  const { mark } = bench;
  if (mark === null) return can;
  // A rescue is a top-up on a wet chain.
  return can.filter((w) => w.depth === (mark === 'rescue' ? 'top-up' : mark));
}

/** Whether the rider's word leaves no choice but to work. */
export const mustWork = (bench: BenchSlot, allowed: readonly Work[]): boolean =>
  bench.mark !== null && bench.mark !== 'leave' && allowed.length > 0;
