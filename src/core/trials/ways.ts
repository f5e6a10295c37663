import { SCHOOLS } from '../lube/schools';
import type { TriedWay } from '../records/trialKinds';
import { BENCH_SCHOOLS } from '../records/workshop';

/** The ways of lubing that can be tried, each with its answers, the usual first. */
export const WAY_ANSWERS: Record<TriedWay, readonly string[]> = {
  where: BENCH_SCHOOLS.where,
  wipeAfter: BENCH_SCHOOLS.wipeAfter,
  amount: SCHOOLS.amount,
  // "As fits" is one or both by the bike: no habit of its own.
  sides: SCHOOLS.sides.filter((s) => s !== 'fitting'),
  oldCoat: SCHOOLS.oldCoat,
};
