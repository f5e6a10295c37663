import { cogSteps } from './cogs';
import { drying } from './drying';
import { chainOn } from './fitting';
import { closesAs, movingOf, stripsNew, type Job } from './job';
import { look, TURNED } from './look';
import { lubing } from './lubing';
import { baths, chainOff, wipeCogs } from './offBike';
import { step, type BenchStep } from './steps';
import { wheelIn } from './wheel';
import { ragCheck } from './wiping';
import * as SAID from '../words/bench/newChain';

/** A chain out of its box onto the bike: the old one off, cogs cleaned and looked at, cut, coated, closed, measured. */
export function newChain(job: Job): BenchStep[] {
  const cogs = [...cogSteps(job, true), wipeCogs(job), teeth(job)];
  return [...oldOff(job), ...cogs, ...wheelIn(job), ...toLength(job), ...coatAndClose(job)];
}

function oldOff(job: Job): BenchStep[] {
  const { becomes, limit } = job.old;
  if (becomes === null) return [];
  return [
    step({
      id: 'measure old',
      phase: 'prepare',
      ...SAID.measureOld(limit),
      acts: ['still chain'],
      materials: ['ruler or chain checker'],
      hands: 2,
    }),
    ...chainOff(job).filter((s) => s.id !== 'link worn' || becomes === 'kept'),
    step({
      id: 'rest',
      phase: 'clean',
      ...SAID.restOld(becomes, job.chain.closure, job.salted),
      acts: ['chain in hand'],
      materials: becomes === 'kept' ? ['rag', 'bag or jar with a label'] : [],
    }),
  ];
}

const teeth = (job: Job): BenchStep => ({
  ...look({
    id: 'teeth',
    ...SAID.teeth(job.bike.gear === 'derailleur'),
    acts: ['look at teeth'],
    drawing: 'teeth',
  }),
  phase: 'clean',
});

/** Tried on the bike first, cut then: the other way round it cannot be put right. */
function toLength(job: Job): BenchStep[] {
  const closing = closesAs(job);
  return [
    step({
      id: 'length',
      phase: 'prepare',
      ...SAID.tryLength(job.bike, closing),
      acts: ['exchange', 'try length'],
      materials: ['new chain'],
      hands: 4,
    }),
    step({
      id: 'cut',
      phase: 'prepare',
      ...SAID.cut(closing),
      acts: ['cut'],
      materials: ['chain tool', 'eye protection'],
      hands: 3,
    }),
  ];
}

/** What is done to the factory's coat, then closing and the first coat: wax before, oil after the chain is on. */
function coatAndClose(job: Job): BenchStep[] {
  const on = [...chainOn(job), joints(job), BASELINE];
  const { lube } = job;
  if (!stripsNew(job) || !lube) return [WIPE_GREASE, ...on];
  const stripped = [...baths(job), ragCheck(job, 'soak', true), ...drying(job)];
  const coat = lubing(job, lube);
  // Only the pot coats a chain that is off the bike.
  return lube.lubeClass === 'hot wax'
    ? [...stripped, ...coat, ...on]
    : [...stripped, ...on, ...coat];
}

const WIPE_GREASE = step({
  id: 'wipe grease',
  phase: 'clean',
  ...SAID.WIPE_GREASE,
  acts: ['chain in hand', 'solvent', 'wipe grease'],
  materials: ['rag', 'solvent'],
  cautions: ['solvent', 'waste'],
  hands: 3,
});

const joints = (job: Job): BenchStep =>
  look({
    id: 'joints',
    ...SAID.joints(job.bike.gear, movingOf(job)),
    acts: [TURNED[movingOf(job)], 'look at joints'],
    hands: 1,
  });

const BASELINE = step({
  id: 'baseline',
  phase: 'check',
  ...SAID.BASELINE,
  acts: ['still chain', 'read new chain'],
  materials: ['ruler or chain checker'],
  hands: 3,
});

/** Pressing on the pedal with the bike on its wheels and, on an e-bike, its battery still out. */
export const underLoad = (job: Job): BenchStep =>
  look({
    id: 'load',
    ...SAID.load(
      job.bike.gear === 'derailleur',
      job.bike.brake !== 'drum or coaster' && job.bike.drive !== 'coaster',
    ),
    acts: ['try under load'],
    drawing: 'teeth',
    hands: 2,
  });

/** The short ride before anything important: done now, or left open for Today. */
export const firstRide = (job: Job): BenchStep =>
  look({
    id: 'first ride',
    ...SAID.firstRide(job.bike.gear, stripsNew(job) ? (job.lube?.setHours ?? 0) * 60 : 0),
    hands: 10,
  });
