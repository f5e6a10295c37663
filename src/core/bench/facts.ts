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
];

const isBelieved = ({ id }: BenchStep): boolean => BELIEVED.includes(id) || id.startsWith('bath ');

/** Something the log will believe of a session, to be put right at its end. */
export interface Fact {
  step: StepId;
  done: boolean;
}

/** Returns what the log will believe of a session, step by step. */
export function factsOf(run: Run): Fact[] {
  const { steps, state } = benchOf(run);
  return steps.filter(isBelieved).map(({ id }) => ({ step: id, done: state.get(id) === 'done' }));
}

/** Returns the session with a fact put right at its end; its moment stays that of the step where there was one. */
export function putRight(run: Run, { step, done }: Fact, now: number): Run {
  const before = run.marks.findLast((m) => m.step === step);
  const mark: Mark = {
    step,
    kind: done ? 'done' : 'skipped',
    at: before?.at ?? now,
    swatch: null,
    why: '',
  };
  return {
    ...run,
    marks: [...run.marks.filter((m) => m.step !== step || m.kind === 'swatch'), mark],
  };
}
