import type { PlannedJob } from '../simulate/sequences';
import type { BikeProblem } from '../solver/problem';

/** What a job changes: another class of lube, or from one family to the other, which takes a cleaning of its own. */
export type LubeChange = 'lube' | 'wax to oil' | 'oil to wax';

/** Returns what a job changes over the last one before it; null: nothing. */
export function changesOf(
  { coats, coatNow }: BikeProblem,
  jobs: readonly PlannedJob[],
  { day, work }: PlannedJob,
): LubeChange | null {
  if (work.coat === null) return null;
  const last = jobs.filter((j) => j.day < day && j.work.coat !== null).at(-1);
  const before = coats[last?.work.coat ?? coatNow];
  const after = coats[work.coat];
  if (!before?.lubeClass || !after || before.lubeClass === after.lubeClass) return null;
  if (before.family === after.family) return 'lube';
  return after.family === 'wax' ? 'oil to wax' : 'wax to oil';
}
