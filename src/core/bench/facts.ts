import { changesChain } from './depths';
import type { Job } from './job';
import { benchOf, type Mark, type Run } from './run';
import type { BenchStep, StepId } from './steps';

/** Steps whose being done or not changes what the log believes. */
const BELIEVED: readonly StepId[] = [
  'wipe',
  'degrease',
  'brush',
  'scrub',
  'soak',
  'hot rinse',
  'boil',
  'jockey wheels',
  'cassette',
  'towel',
  'air',
  'under',
  'drops',
  'flush',
  'dip',
  'wipe off',
  'wipe hard',
  'settle',
  'wipe grease',
];

/** In a swap the chain that is closed at the end is the other one. */
const isBelieved = ({ id }: BenchStep, { depth }: Job): boolean =>
  BELIEVED.includes(id) || id.startsWith('bath ') || (changesChain(depth) && id === 'close');

/** Something the log will believe of a session, to be put right at its end. */
export interface Fact {
  step: StepId;
  done: boolean;
}

/** Returns what the log will believe of a session, step by step. */
export function factsOf(run: Run): Fact[] {
  const { steps, state } = benchOf(run);
  return steps
    .filter((s) => isBelieved(s, run.job))
    .map(({ id }) => ({ step: id, done: state.get(id) === 'done' }));
}

/** Returns the session with a fact put right at its end: the last mark of its step says so, at its own moment. */
export function putRight(run: Run, { step, done }: Fact): Run {
  const last = run.marks.findLastIndex((m) => m.step === step);
  const kind: Mark['kind'] = done ? 'done' : 'skipped';
  return { ...run, marks: run.marks.map((m, n) => (n === last ? { ...m, kind, why: '' } : m)) };
}
