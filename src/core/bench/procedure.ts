import { closing } from './closing';
import { cogSteps } from './cogs';
import { drying } from './drying';
import { comesOff, mustStrip, usesDegreaser, type Job } from './job';
import { isWax } from '../lube';
import { flush, lubing, pivots } from './lubing';
import { baths, chainOff } from './offBike';
import { onBike } from './onBike';
import { prepare } from './prepare';
import { step, type Act, type BenchStep, type StepId } from './steps';
import { hotRinse } from './waxing';
import { gloveCheck, ragCheck, ragStep, wipe } from './wiping';
import { washBike } from '../words/bench/preparing';
import { PULL_THROUGH_CLOTH, WIPE } from '../words/bench/wiping';

/**
 * The steps of a piece of work in order, made from rules for this bike, chain, lube, workshop and
 * school. The same job returns the same steps, so that a session can be taken up again. Ask `refusal`
 * first: a refused job has no procedure.
 */
export function procedure(job: Job): BenchStep[] {
  const steps: BenchStep[] = [...prepare(job)];
  const washes = job.addOns.includes('wash') && job.workshop.water !== 'none';
  // Degreaser works while the frame is washed, for those who begin with it.
  const during =
    washes && usesDegreaser(job) && job.workshop.schools.washOrder === 'degreaser first';
  const cleaned = cleaning(job);
  if (during) cleaned.splice(cleaned.findIndex((s) => s.timer !== null) + 1, 0, washSteps(job));
  if (washes && !during) steps.push(washSteps(job));
  steps.push(...cleaned);
  if (!steps.some((s) => s.acts.includes('cassette')))
    steps.push(...cogSteps(job).filter((s) => (job.addOns as readonly string[]).includes(s.id)));
  const wet = steps.some((s) => s.acts.includes('water') || s.acts.includes('degreaser'));
  if (wet || job.depth === 'rescue') steps.push(...drying(job));
  const flushes = job.oldCoat === 'flush' && job.depth === 'top-up' && !mustStrip(job);
  if (job.lube && flushes && !isWax(job.lube.lubeClass)) steps.push(...flush(job, job.lube));
  else if (job.lube || job.depth === 'wipe-down')
    steps.push(
      job.depth === 'roadside' ? gloveCheck(loopOf(steps)) : ragCheck(loopOf(steps), comesOff(job)),
    );
  if (job.lube && job.depth !== 'wipe-down') {
    const late = comesOff(job) && job.lube.lubeClass !== 'hot wax';
    const close = closing(job, actsOf(steps));
    // Oil goes on a chain that is on the bike again; its closing checks then come before the coat.
    const fitting = late ? close.filter((s) => FITTING.has(s.id)) : [];
    steps.push(
      ...fitting,
      ...lubing(job, job.lube),
      ...(job.depth === 'roadside' ? [] : pivots(job)),
    );
    steps.push(...close.filter((s) => !fitting.includes(s)));
  } else steps.push(...closing(job, actsOf(steps)));
  return steps;
}

const FITTING = new Set<StepId>(['chain on', 'routed', 'link seated', 'direction']);

const actsOf = (steps: readonly BenchStep[]): Set<Act> => new Set(steps.flatMap((s) => s.acts));

/** Cleaning steps, the cheapest to repeat first. */
const LOOPS: readonly StepId[] = ['wipe', 'brush', 'scrub', 'soak', 'hot rinse', 'degrease'];

/** Where a failed rag sends the rider back to: the cleaning that is cheapest to repeat. */
const loopOf = (steps: readonly BenchStep[]): StepId =>
  LOOPS.find((id) => steps.some((s) => s.id === id)) ?? steps[0]?.id ?? 'wipe';

/** What cleans the chain at each depth; wax over oil strips it first, whatever was asked for. */
function cleaning(job: Job): BenchStep[] {
  const off = comesOff(job);
  if (mustStrip(job) || job.depth === 'on-bike clean')
    return off ? [...chainOff(job), ...baths(job)] : onBike(job);
  switch (job.depth) {
    case 'off-bike clean':
    case 'soak':
    case 'new-chain strip':
      return [...chainOff(job), ...baths(job)];
    case 'wax reset':
      return [
        ...hotRinse(job),
        ...(off ? [...chainOff(job), wipeOff()] : [waxCloth(job)]),
        ...cogSteps(job),
      ];
    default:
      return off ? [...chainOff(job), wipeOff()] : [wipe(job)];
  }
}

const waxCloth = (job: Job): BenchStep =>
  ragStep(job, 'wipe', WIPE.cloth, { materials: ['lint-free cloth'] });

const wipeOff = (): BenchStep =>
  step({
    id: 'wipe',
    phase: 'clean',
    ...PULL_THROUGH_CLOTH,
    materials: ['lint-free cloth'],
  });

function washSteps(job: Job): BenchStep {
  return step({
    id: 'wash',
    phase: 'clean',
    ...washBike(job.workshop.water === 'hose', job.bike.frame === 'gloss'),
    acts: ['water', 'rinse'],
    materials: ['water', 'soft brush', 'soap'],
    cautions: job.bike.ebike ? ['motor'] : [],
    hands: 8,
  });
}
