import { turnsPerLap } from '../chain';
import { comesOff, cranksDrive, hasDisc, isDeep, owns, usesDegreaser, type Job } from './job';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/preparing';

/** Whole turns of the crank that take the chain round so many times, on the ring it lies on. */
export const turnsFor = (job: Job, laps: number): number =>
  Math.ceil(turnsPerLap(job.chain.links, ringOn(job)) * laps);

/** The smallest ring, where there is one to choose: it leaves the chain slack. */
const ringOn = (job: Job): number => Math.min(...job.bike.rings);

/** Grit outside from which mud is rinsed off before any degreaser. Own estimate. */
const MUDDY = 0.6;

/** Getting bike, hands and place ready. */
export function prepare(job: Job): BenchStep[] {
  const { bike, depth } = job;
  const motor = bike.ebike ? [MOTOR_OFF] : [];
  if (depth === 'roadside') return [...motor, SAFE_PLACE];
  const cautious = usesDegreaser(job) || depth === 'wax reset' || job.between === 'degreaser';
  const muddy = job.outside > MUDDY && job.workshop.water === 'hose' && usesDegreaser(job);
  return [
    ...motor,
    ...(cautious || job.lube ? [gloves(job, cautious)] : []),
    standSteady(job),
    // A coat at the chain is one thing, degreaser and brushes beside a disc another: it is covered for both.
    ...(hasDisc(job) && (usesDegreaser(job) || job.lube) ? [COVER_ROTOR] : []),
    ...(muddy ? [RINSE_MUD] : []),
    ...(bike.gear === 'derailleur' ? [shiftFor(job)] : []),
  ];
}

const MOTOR_OFF = step({
  id: 'motor',
  phase: 'prepare',
  ...SAID.MOTOR_OFF,
  acts: ['motor off'],
  cautions: ['motor'],
});

const SAFE_PLACE = step({
  id: 'place',
  phase: 'prepare',
  ...SAID.SAFE_PLACE,
  hands: 0.5,
});

const gloves = (job: Job, cautious: boolean): BenchStep =>
  step({
    id: 'gloves',
    phase: 'prepare',
    ...SAID.gloves(cautious, job.workshop.outdoors),
    acts: ['gloves'],
    materials: ['gloves'],
    cautions: cautious ? ['solvent'] : [],
    hands: 0.5,
  });

const COVER_ROTOR = step({
  id: 'cover rotor',
  phase: 'prepare',
  ...SAID.COVER_ROTOR,
  acts: ['rotor covered'],
  materials: ['shower cap or bag'],
  cautions: ['rotor'],
  hands: 0.5,
});

const RINSE_MUD = step({
  id: 'mud',
  phase: 'prepare',
  ...SAID.RINSE_MUD,
  acts: ['water'],
  materials: ['water'],
  hands: 2,
});

const shiftFor = (job: Job): BenchStep =>
  step({
    id: 'shift',
    phase: 'prepare',
    ...SAID.shift(comesOff(job) ? 'to open' : isDeep(job) ? 'to clean' : 'to wipe'),
    hands: 0.5,
  });

function standSteady(job: Job): BenchStep {
  if (owns(job, 'stand'))
    return step({
      id: 'stand',
      phase: 'prepare',
      ...SAID.standIn('stand'),
    });
  // Fixed cranks turn the wheel: it must be off the ground, and the rider's hands off it.
  return step({
    id: 'stand',
    phase: 'prepare',
    ...SAID.standIn(cranksDrive(job) ? 'upside down' : 'wall'),
    acts: ['upside down'],
    materials: ['cloth'],
  });
}
