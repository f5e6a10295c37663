import type { Mark, StoredRun } from '../records/benchRun';
import { DEPTHS } from '../records/kinds';
import type { BenchLube, Job } from './job';
import { procedure } from './procedure';
import type { Run } from './run';

/** What jobs of sessions begun before lack. */
const NEW_IN_JOB = {
  under: null,
  salted: false,
  wheelOut: false,
  next: null,
  rounds: [],
  old: { becomes: null, limit: 0 },
};
const NEW_IN_LUBE = { stream: false, rested: false };

/** Returns a stored session as one of today; null where its job makes no procedure. */
export function upgraded(stored: StoredRun): Run | null {
  const job = jobOf(stored.job);
  if (!job) return null;
  const marks = stored.version === 1 ? withNewSteps(job, stored.marks) : stored.marks;
  return { ...stored, version: 2, job, marks };
}

/** A stored job with what newer ones have; null where it makes no procedure. */
function jobOf(value: unknown): Job | null {
  const known = value as Partial<Job> | null;
  if (typeof known !== 'object' || known === null || !DEPTHS.includes(known.depth as never))
    return null;
  const lube: BenchLube | null = known.lube ? { ...NEW_IN_LUBE, ...known.lube } : null;
  const job = { ...NEW_IN_JOB, ...known, lube } as Job;
  try {
    return procedure(job).length > 0 ? job : null;
  } catch {
    return null;
  }
}

/** Steps of today before the last one that was marked count as done: the rider is past them. */
function withNewSteps(job: Job, marks: readonly Mark[]): Mark[] {
  const steps = procedure(job);
  const marked = new Set(marks.map((m) => m.step));
  const last = steps.findLastIndex((s) => marked.has(s.id));
  const missing = steps
    .slice(0, Math.max(0, last))
    .filter((s) => !marked.has(s.id))
    .map((s): Mark => ({
      step: s.id,
      kind: 'done',
      at: marks[0]?.at ?? 0,
      swatch: null,
      why: '',
    }));
  return [...missing, ...marks];
}
