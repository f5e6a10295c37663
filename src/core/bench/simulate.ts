import { ruleOf, type Act } from './acts';
import { atEnd, atStart, type BikeState, type Needs } from './bikeState';
import type { Job } from './job';
import type { BenchStep, StepId } from './steps';

/** A step that cannot be done as the bike then stands. */
export interface Fault {
  step: StepId | 'end';
  act: Act | null;
  /** The part that stands in the way and how it stands; null: this bike cannot have it done, or not now. */
  part: keyof BikeState | null;
  is: string;
}

/** Acts for which a motor that may start is no danger: it is being seen to, or nobody touches chain or wheel. */
const MOTOR_MAY_BE_READY: readonly Act[] = [
  'battery out',
  'battery in',
  'gloves',
  'lean',
  'hang up',
  'turn over',
  'set down',
];

function unmet(state: BikeState, needs: Needs): Pick<Fault, 'part' | 'is'> | null {
  for (const key of Object.keys(needs) as (keyof BikeState)[]) {
    const allowed = needs[key] as readonly string[];
    if (!allowed.includes(state[key])) return { part: key, is: state[key] };
  }
  return null;
}

/** Applies one act to the bike: its state after it, or what stood in its way. */
export function doAct(
  state: BikeState,
  act: Act,
  job: Job,
): { state: BikeState; fault: Omit<Fault, 'step'> | null } {
  const { needs = {}, changes = {}, fits, when } = ruleOf(act);
  const safe: Needs = MOTOR_MAY_BE_READY.includes(act) ? {} : { motor: ['none', 'battery out'] };
  const found =
    unmet(state, { ...safe, ...needs }) ??
    (fits?.(job) === false ? { part: null, is: 'not on this bike' } : null) ??
    (when?.(state, job) === false ? { part: null, is: 'not as it stands' } : null);
  return { state: { ...state, ...changes }, fault: found && { act, ...found } };
}

/** Returns the bike after some steps, those that were skipped left out. */
export function bikeAfter(job: Job, steps: readonly BenchStep[]): BikeState {
  let state = atStart(job);
  for (const step of steps) for (const act of step.acts) ({ state } = doAct(state, act, job));
  return state;
}

/** Returns the first step that cannot be done on the bike as it then stands, or what is left undone at the end; null: none. */
export function firstFault(job: Job, steps: readonly BenchStep[]): Fault | null {
  let state = atStart(job);
  for (const step of steps)
    for (const act of step.acts) {
      const done = doAct(state, act, job);
      if (done.fault) return { step: step.id, ...done.fault };
      state = done.state;
    }
  const left = unmet(state, atEnd(job));
  return left && { step: 'end', act: null, ...left };
}
