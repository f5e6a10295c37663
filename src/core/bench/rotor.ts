import { ruleOf, type Act } from './acts';
import { atStart, type BikeState } from './bikeState';
import { hasDisc, type Job } from './job';
import { doAct } from './simulate';
import { step, type BenchStep } from './steps';
import * as CLOSING from '../words/bench/closing';
import * as SAID from '../words/bench/preparing';

/** Acts that may splash a rotor. */
const SPLASHES: readonly Act[] = ['degreaser', 'flush', 'lube'];

/**
 * Covers the rotor before the first step that may splash it, and takes the cover off before the wheel turns or the bike is
 * set down. Where the cranks drive the wheel it turns all the time: nothing is hung on it then.
 */
export function withRotorCovered(job: Job, steps: readonly BenchStep[]): BenchStep[] {
  if (!hasDisc(job)) return [...steps];
  const out: BenchStep[] = [];
  let state = atStart(job);
  const push = (next: BenchStep) => {
    out.push(next);
    for (const act of next.acts) ({ state } = doAct(state, act, job));
  };
  for (const next of steps) {
    if (coverFirst(state, next, job)) push(COVER);
    if (state.rotor === 'covered' && next.acts.some(needsBare)) push(uncover(job));
    push(next);
  }
  return out;
}

const coverFirst = (state: BikeState, { acts }: BenchStep, job: Job): boolean =>
  acts.some((act) => SPLASHES.includes(act) && ruleOf(act).when?.(state, job) === false) &&
  doAct(state, 'cover rotor', job).fault === null;

const needsBare = (act: Act): boolean => {
  const rotor = ruleOf(act).needs?.rotor;
  return rotor !== undefined && !rotor.includes('covered');
};

const COVER = step({
  id: 'cover rotor',
  phase: 'prepare',
  ...SAID.COVER_ROTOR,
  acts: ['cover rotor'],
  materials: ['shower cap or bag'],
  cautions: ['rotor'],
  hands: 0.5,
});

const uncover = (job: Job): BenchStep =>
  step({
    id: 'uncover',
    phase: 'close',
    ...CLOSING.uncover(job.workshop.schools.rotor === 'alcohol'),
    acts: ['uncover'],
    cautions: ['rotor'],
    hands: 0.5,
  });
