import { turnsPerLap } from '../chain';
import { comesOff, cranksDrive, hasDisc, isDeep, owns, usesDegreaser, type Job } from './job';
import { step, type Step } from './steps';

/** Whole turns of the crank that take the chain round so many times, on the ring it lies on. */
export const turnsFor = (job: Job, laps: number): number =>
  Math.ceil(turnsPerLap(job.chain.links, ringOn(job)) * laps);

/** The smallest ring, where there is one to choose: it leaves the chain slack. */
const ringOn = (job: Job): number => Math.min(...job.bike.rings);

/** Grit outside from which mud is rinsed off before any degreaser. Own estimate. */
const MUDDY = 0.6;

/** Getting bike, hands and place ready. */
export function prepare(job: Job): Step[] {
  const { bike, depth } = job;
  const steps: Step[] = [];
  if (bike.ebike)
    steps.push(
      step(
        'motor',
        'prepare',
        'Switch the motor off and take the battery out.',
        'A motor that starts takes fingers with it.',
        {
          acts: ['motor off'],
          cautions: ['motor'],
        },
      ),
    );
  if (depth === 'roadside') {
    steps.push(
      step(
        'place',
        'prepare',
        'Get off the road, lean the bike where it stands firm.',
        'Nobody should be working in traffic.',
        { hands: 0.5 },
      ),
    );
    return steps;
  }
  const cautious = usesDegreaser(job) || depth === 'wax reset' || job.between === 'degreaser';
  if (cautious || job.lube)
    steps.push(
      step(
        'gloves',
        'prepare',
        cautious
          ? `Put on gloves and eye protection${job.workshop.outdoors ? '' : ', open a window'}.`
          : 'Put on gloves.',
        'Lube and degreaser belong on the chain, not on skin.',
        {
          acts: ['gloves'],
          materials: ['gloves'],
          cautions: cautious ? ['solvent'] : [],
          hands: 0.5,
        },
      ),
    );
  steps.push(stand(job));
  // A coat at the chain is one thing, degreaser and brushes beside a disc another: it is covered for both.
  if (hasDisc(job) && (usesDegreaser(job) || job.lube))
    steps.push(
      step(
        'cover rotor',
        'prepare',
        'Cover the rear rotor with a shower cap or a bag.',
        'A film of oil on it, and the brake is gone.',
        {
          acts: ['rotor covered'],
          materials: ['shower cap or bag'],
          cautions: ['rotor'],
          hands: 0.5,
        },
      ),
    );
  if (job.outside > MUDDY && job.workshop.water === 'hose' && usesDegreaser(job))
    steps.push(
      step(
        'mud',
        'prepare',
        'Rinse the loose mud off with a soft stream.',
        'Degreaser is for what water leaves.',
        {
          acts: ['water'],
          materials: ['water'],
          hands: 2,
        },
      ),
    );
  if (bike.gear === 'derailleur')
    steps.push(
      step(
        'shift',
        'prepare',
        comesOff(job)
          ? 'Shift to the smallest cog and the smallest ring.'
          : isDeep(job)
            ? 'Shift to the smallest cog and the largest ring.'
            : 'Shift to the smallest cog.',
        comesOff(job)
          ? 'It leaves the chain slack, to be opened.'
          : 'The chain lies straight, and its rollers turn most.',
        { hands: 0.5 },
      ),
    );
  return steps;
}

function stand(job: Job): Step {
  if (owns(job, 'stand'))
    return step(
      'stand',
      'prepare',
      'Hang the bike in the stand. Lights and bags off.',
      'The rear wheel must turn freely.',
    );
  // Fixed cranks turn the wheel: it must be off the ground, and the rider's hands off it.
  return step(
    'stand',
    'prepare',
    cranksDrive(job)
      ? 'Stand the bike upside down on a cloth. Lights and bags off.'
      : 'Lean the bike on a wall, drive side out, or stand it upside down on a cloth. Lights and bags off.',
    'The rear wheel must turn freely.',
    { acts: ['upside down'], materials: ['cloth'] },
  );
}
