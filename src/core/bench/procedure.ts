import { closing } from './closing';
import { cogSteps, pivots } from './cogs';
import { drying, evaporating } from './drying';
import { comesOff, flushesIn, mustStrip, usesDegreaser, wheelComesOut, type Job } from './job';
import { flushing, lubing } from './lubing';
import { thinCoat } from './thinCoat';
import { chainOn } from './fitting';
import { measuring } from './measure';
import { baths, chainOff } from './offBike';
import { newChain } from './newChain';
import { onBike } from './onBike';
import { prepare } from './prepare';
import { withRotorCovered } from './rotor';
import { bikeAfter } from './simulate';
import { step, type BenchStep, type StepId } from './steps';
import { exchange } from './swap';
import { boiledOff, hotRinse } from './waxing';
import { wheelIn, wheelOut } from './wheel';
import { gloveCheck, ragCheck, wipe, wipeOffBike } from './wiping';
import { FINAL_RINSE, washBike } from '../words/bench/preparing';

/**
 * The steps of a piece of work in order, made from rules for this bike, chain, lube, workshop and
 * school. The same job returns the same steps, so that a session can be taken up again. Ask `refusal`
 * first: a refused job has no procedure.
 */
export function procedure(job: Job): BenchStep[] {
  if (job.depth === 'thin coat')
    return [...prepare(job), ...(job.lube ? thinCoat(job, job.lube) : []), ...closing(job)];
  if (job.depth === 'new chain')
    return withRotorCovered(job, [...prepare(job), ...newChain(job), ...closing(job)]);
  const off = comesOff(job);
  const steps: BenchStep[] = [...prepare(job), ...cleaning(job)];
  const flushes = flushesIn(job);
  // A rag before the drying: a second round then costs no second drying.
  if (!flushes && (job.lube || job.depth === 'wipe-down')) steps.push(check(job, steps, off));
  // After a wash with the wheel out the whole bike is rinsed once more, and dried only then.
  const rinsesAgain = washesAmid(job) && wheelComesOut(job);
  if (rinsesAgain) steps.push(...wheelIn(job), finalRinse(job));
  if (bikeAfter(job, steps).water !== 'dry') steps.push(...drying(job));
  else if (usesDegreaser(job)) steps.push(...evaporating(job));
  if (!rinsesAgain) steps.push(...wheelIn(job));
  steps.push(...measuring(job));
  const { lube } = job;
  if (lube && job.depth !== 'wipe-down') {
    const waxed = lube.lubeClass === 'hot wax';
    // Oil goes on a chain that is on the bike again, wax on one that hangs on its wire.
    if (off && !waxed) steps.push(...chainOn(job));
    steps.push(...(flushes ? flushing(job, lube) : lubing(job, lube)), ...pivots(job));
    if (off && waxed) steps.push(...chainOn(job));
  } else if (off) steps.push(...chainOn(job));
  steps.push(...closing(job));
  return withRotorCovered(job, steps);
}

/** Cleaning steps, the cheapest to repeat first. */
const LOOPS: readonly StepId[] = [
  'wipe',
  'brush',
  'scrub',
  'soak',
  'hot rinse',
  'boil',
  'degrease',
];

/** A failed rag goes back to the cleaning that is cheapest to repeat. */
function check(job: Job, steps: readonly BenchStep[], off: boolean): BenchStep {
  const failTo = LOOPS.find((id) => steps.some((s) => s.id === id)) ?? steps[0]?.id ?? 'wipe';
  return job.depth === 'roadside' ? gloveCheck(failTo) : ragCheck(job, failTo, off);
}

const washes = ({ addOns, workshop, depth }: Job): boolean =>
  addOns.includes('wash') &&
  workshop.water !== 'none' &&
  depth !== 'new-chain strip' &&
  depth !== 'roadside';

/** Whether the bike is washed while the degreaser works on its chain. */
const washesAmid = (job: Job): boolean =>
  washes(job) &&
  job.workshop.schools.washOrder === 'degreaser first' &&
  usesDegreaser(job) &&
  !comesOff(job);

/** What cleans the chain at each depth; wax over oil strips it first, whatever was asked for. */
function cleaning(job: Job): BenchStep[] {
  const off = comesOff(job);
  const amid = washesAmid(job);
  const before = washes(job) && !amid ? [wash(job, false)] : [];
  if (mustStrip(job) || job.depth === 'on-bike clean')
    return off
      ? [...before, ...chainOff(job), ...baths(job)]
      : [...before, ...wheelOut(job), ...onBike(job, amid ? [wash(job, wheelComesOut(job))] : [])];
  switch (job.depth) {
    case 'swap':
      return [...chainOff(job), ...exchange(job)];
    case 'off-bike clean':
    case 'soak':
      return [...before, ...chainOff(job), ...baths(job)];
    case 'new-chain strip':
      return baths(job);
    case 'wax reset':
      return off
        ? [...before, ...chainOff(job), wipeOffBike(), ...boiledOff(job, cogSteps(job, false))]
        : [...before, ...hotRinse(job), ...wipe(job), ...cogSteps(job, false)];
    default:
      return [
        ...before,
        ...(off ? [...chainOff(job), wipeOffBike()] : [...hotRinse(job), ...wipe(job)]),
        ...(job.depth === 'roadside'
          ? []
          : cogSteps(job, false).filter((s) => (job.addOns as readonly string[]).includes(s.id))),
      ];
  }
}

/** A wash of the whole bike, its chain on. */
function wash(job: Job, wheelIsOut: boolean): BenchStep {
  return step({
    id: 'wash',
    phase: 'clean',
    ...washBike(job.workshop.water === 'hose', job.bike.frame === 'gloss', wheelIsOut),
    acts: ['wash'],
    materials: ['water', 'soft brush', 'soap'],
    cautions: job.bike.ebike ? ['motor'] : [],
    hands: 8,
  });
}

const finalRinse = (job: Job): BenchStep =>
  step({
    id: 'final rinse',
    phase: 'rinse',
    ...FINAL_RINSE,
    acts: ['rinse'],
    materials: ['water'],
    cautions: job.bike.ebike ? ['motor'] : [],
    hands: 2,
  });
