import { isWax } from '../lube';
import { BENCH_SCHOOLS } from '../records/workshop';
import { SCHOOLS } from '../lube';
import type { TriedWay } from '../records/trial';
import { flushesIn, type Job } from './job';
import { whereOn } from './lubing';
import type { BenchTrial } from './trial';

/** Whether a job puts its coat on as a trial's habit asks: not each bike and lube can. */
export function isDoneBy(job: Job, { lubing, work }: Pick<BenchTrial, 'lubing' | 'work'>): boolean {
  const { lube } = job;
  if (!lube) return false;
  const wax = isWax(lube.lubeClass);
  const flushes = flushesIn(job);
  if (work.where !== undefined)
    return lube.lubeClass !== 'hot wax' && !flushes && whereOn(job) === work.where;
  if (lubing.sides !== undefined) return lube.lubeClass !== 'hot wax' && !flushes;
  if (work.wipeAfter !== undefined || lubing.amount !== undefined) return !wax && !flushes;
  return lubing.oldCoat === undefined || !wax;
}

/** The ways of lubing that can be tried, each with its answers, the usual first. */
export const WAY_ANSWERS: Record<TriedWay, readonly string[]> = {
  where: BENCH_SCHOOLS.where,
  wipeAfter: BENCH_SCHOOLS.wipeAfter,
  amount: SCHOOLS.amount,
  // "As fits" is one or both by the bike: no habit of its own.
  sides: SCHOOLS.sides.filter((s) => s !== 'fitting'),
  oldCoat: SCHOOLS.oldCoat,
};
