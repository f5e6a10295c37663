import { hasDisc, movingOf, usesDegreaser, wipesWet, type Job } from './job';
import { look, TURNED } from './look';
import { firstRide, underLoad } from './newChain';
import { shiftsThrough } from './lubing';
import { placeOf } from './prepare';
import { roundSteps } from './rounds';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/closing';
import { firstMetres } from '../words/bench/swapping';

/** What keeps a rider safe after the work: seen each time, never passed by itself. */
export const closing = (job: Job): BenchStep[] => [
  listen(job),
  ...roundSteps(job),
  setDown(job),
  ...(isNew(job) ? [underLoad(job)] : []),
  ...(job.bike.ebike ? [BATTERY_IN] : []),
  ...(mayWeakenBrakes(job) ? [brakes(job)] : []),
  ...(isNew(job) ? [firstRide(job)] : []),
];

const isNew = ({ depth }: Job): boolean => depth === 'new chain';

const listen = (job: Job): BenchStep =>
  look({
    id: 'listen',
    kind: 'listen',
    ...SAID.listen(job.bike.gear, job.lube === null || shiftsThrough(job), movingOf(job)),
    ...(job.depth === 'swap' ? firstMetres(job.bike.gear === 'derailleur') : {}),
    acts: [TURNED[movingOf(job)]],
    hands: 0.25,
  });

const setDown = (job: Job): BenchStep =>
  step({
    id: 'set down',
    phase: 'close',
    ...SAID.setDown(job.depth === 'roadside' ? 'wall' : placeOf(job)),
    acts: ['set down'],
    hands: 0.25,
  });

const BATTERY_IN = step({
  id: 'battery',
  phase: 'close',
  ...SAID.BATTERY_IN,
  acts: ['battery in'],
  cautions: ['battery'],
  hands: 0.5,
});

/** Oil or degreaser near a rim or rotor, a wheel that was out, a bike that hung or stood on its head. */
const mayWeakenBrakes = (job: Job): boolean =>
  job.addOns.includes('brakes') ||
  placeOf(job) !== 'wall' ||
  ((hasDisc(job) || job.bike.brake === 'rim') &&
    (usesDegreaser(job) || job.lube !== null || wipesWet(job)));

const brakes = (job: Job): BenchStep =>
  look({
    id: 'brakes',
    kind: 'brakes',
    ...(job.bike.drive === 'coaster'
      ? SAID.coasterBrake
      : SAID.brakes(hasDisc(job) ? 'rotor' : job.bike.brake === 'rim' ? 'rim' : 'hub')),
  });
