import { turnsPerLap } from '../chain';
import { comesOff, cranksDrive, hasDisc, isDeep, owns, usesDegreaser, type Job } from './job';
import { step, type BenchStep } from './steps';

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
  what: 'Switch the motor off and take the battery out.',
  why: 'A motor that starts takes fingers with it.',
  acts: ['motor off'],
  cautions: ['motor'],
});

const SAFE_PLACE = step({
  id: 'place',
  phase: 'prepare',
  what: 'Get off the road, lean the bike where it stands firm.',
  why: 'Nobody should be working in traffic.',
  hands: 0.5,
});

const gloves = (job: Job, cautious: boolean): BenchStep =>
  step({
    id: 'gloves',
    phase: 'prepare',
    what: cautious
      ? `Put on gloves and eye protection${job.workshop.outdoors ? '' : ', open a window'}.`
      : 'Put on gloves.',
    why: 'Lube and degreaser belong on the chain, not on skin.',
    acts: ['gloves'],
    materials: ['gloves'],
    cautions: cautious ? ['solvent'] : [],
    hands: 0.5,
  });

const COVER_ROTOR = step({
  id: 'cover rotor',
  phase: 'prepare',
  what: 'Cover the rear rotor with a shower cap or a bag.',
  why: 'A film of oil on it, and the brake is gone.',
  acts: ['rotor covered'],
  materials: ['shower cap or bag'],
  cautions: ['rotor'],
  hands: 0.5,
});

const RINSE_MUD = step({
  id: 'mud',
  phase: 'prepare',
  what: 'Rinse the loose mud off with a soft stream.',
  why: 'Degreaser is for what water leaves.',
  acts: ['water'],
  materials: ['water'],
  hands: 2,
});

const shiftFor = (job: Job): BenchStep =>
  step({
    id: 'shift',
    phase: 'prepare',
    what: comesOff(job)
      ? 'Shift to the smallest cog and the smallest ring.'
      : isDeep(job)
        ? 'Shift to the smallest cog and the largest ring.'
        : 'Shift to the smallest cog.',
    why: comesOff(job)
      ? 'It leaves the chain slack, to be opened.'
      : 'The chain lies straight, and its rollers turn most.',
    hands: 0.5,
  });

function standSteady(job: Job): BenchStep {
  if (owns(job, 'stand'))
    return step({
      id: 'stand',
      phase: 'prepare',
      what: 'Hang the bike in the stand. Lights and bags off.',
      why: 'The rear wheel must turn freely.',
    });
  // Fixed cranks turn the wheel: it must be off the ground, and the rider's hands off it.
  return step({
    id: 'stand',
    phase: 'prepare',
    what: cranksDrive(job)
      ? 'Stand the bike upside down on a cloth. Lights and bags off.'
      : 'Lean the bike on a wall, drive side out, or stand it upside down on a cloth. Lights and bags off.',
    why: 'The rear wheel must turn freely.',
    acts: ['upside down'],
    materials: ['cloth'],
  });
}
