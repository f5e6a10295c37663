import { isWax } from '../lube/classes';
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
