import { turnsPerLap } from '../chain/geometry';
import { changesChain } from './depths';
import {
  comesOff,
  cranksDrive,
  isHydraulic,
  isRaised,
  owns,
  startsBare,
  usesDegreaser,
  wheelComesOut,
  wipesWet,
  type Job,
} from './job';
import { step, type BenchStep } from './steps';
import { trialStep } from './trial';
import type { Lies } from '../words/bench/said';
import type { ShiftFor } from '../words/bench/preparing';
import * as SAID from '../words/bench/preparing';

/** Whole turns of the crank that take the chain round so many times, on the ring it lies on. */
export const turnsFor = (job: Job, laps: number): number =>
  Math.ceil(turnsPerLap(job.chain.links, ringOn(job)) * laps);

/** The ring the chain lies on at the bench: the smallest where it is opened, else the largest. As `shift` says. */
const ringOn = (job: Job): number =>
  comesOff(job) ? Math.min(...job.bike.rings) : largestRing(job);

const largestRing = (job: Job): number => Math.max(...job.bike.rings);

/** Where the bike stands while it is worked on. */
export const placeOf = (job: Job): 'stand' | 'upside down' | 'wall' =>
  owns(job, 'stand') ? 'stand' : isRaised(job) ? 'upside down' : 'wall';

/** Which way up it is. */
export const liesOf = (job: Job): Lies =>
  placeOf(job) === 'upside down' ? 'upside down' : 'upright';

/** Whether drops go on the top of a cog, the chain slightly crossed from the start: by the rider's way, where the chain stays on. */
export const crosses = (job: Job): boolean =>
  job.workshop.schools.where === 'top of the cog' &&
  job.bike.gear === 'derailleur' &&
  !cranksDrive(job) &&
  !comesOff(job) &&
  !wheelComesOut(job) &&
  liesOf(job) === 'upright' &&
  job.lube !== null &&
  job.depth !== 'roadside';

/** Grit outside from which mud is rinsed off before any degreaser. Own estimate. */
const MUDDY = 0.6;

/** Getting bike, hands and place ready. */
export function prepare(job: Job): BenchStep[] {
  const { bike, depth, workshop } = job;
  const motor = bike.ebike ? [batteryOut(job)] : [];
  if (depth === 'roadside') return [...motor, SAFE_PLACE, ROADSIDE_GLOVES];
  if (depth === 'thin coat') return [...motor, gloves(job, false), standSteady(job)];
  const cautious = usesDegreaser(job) || depth === 'wax reset' || job.between === 'degreaser';
  const muddy = job.outside > MUDDY && workshop.water === 'hose' && usesDegreaser(job);
  const shifts = bike.gear === 'derailleur' && !startsBare(job) ? [shiftFor(job)] : [];
  const stand = standSteady(job);
  return [
    ...trialStep(job),
    ...motor,
    ...(cautious || job.lube || wipesWet(job) || depth === 'swap' ? [gloves(job, cautious)] : []),
    // Only a wheel off the ground turns: without a stand it is lifted before the bike leans or lies.
    ...(placeOf(job) === 'stand' ? [stand, ...shifts] : [...shifts, stand]),
    ...(muddy ? [RINSE_MUD] : []),
    ...(saltStays(job) ? [rinseSalt(job)] : []),
  ];
}

/** Salt that no rinse or bath of the clean takes off. */
const saltStays = (job: Job): boolean =>
  job.salted &&
  job.depth !== 'new-chain strip' &&
  !changesChain(job.depth) &&
  !(usesDegreaser(job) && (comesOff(job) || job.workshop.water !== 'none'));

const batteryOut = (job: Job): BenchStep =>
  step({
    id: 'motor',
    phase: 'prepare',
    ...SAID.batteryOut(job.bike.gear === 'derailleur'),
    acts: ['battery out'],
    cautions: ['motor'],
  });

const SAFE_PLACE = step({
  id: 'place',
  phase: 'prepare',
  ...SAID.SAFE_PLACE,
  acts: ['lean'],
  hands: 0.5,
});

const ROADSIDE_GLOVES = step({
  id: 'gloves',
  phase: 'prepare',
  ...SAID.ROADSIDE_GLOVES,
  acts: ['gloves'],
  materials: ['gloves or a bag'],
  hands: 0.5,
});

const gloves = (job: Job, cautious: boolean): BenchStep =>
  step({
    id: 'gloves',
    phase: 'prepare',
    ...SAID.gloves(cautious, job.workshop.outdoors),
    acts: ['gloves'],
    materials: cautious ? ['gloves', 'eye protection'] : ['gloves'],
    cautions: cautious || wipesWet(job) ? ['solvent'] : [],
    hands: 0.5,
  });

const RINSE_MUD = step({
  id: 'mud',
  phase: 'prepare',
  ...SAID.RINSE_MUD,
  acts: ['rinse mud'],
  materials: ['water'],
  hands: 2,
});

const rinseSalt = (job: Job): BenchStep =>
  step({
    id: 'salt',
    phase: 'prepare',
    ...(job.workshop.water === 'none' ? SAID.RINSE_SALT_RAG : SAID.RINSE_SALT),
    acts: ['rinse salt'],
    materials: [job.workshop.water === 'none' ? 'wet rag' : 'fresh water'],
    hands: 1,
  });

function shiftFor(job: Job): BenchStep {
  const to: ShiftFor = comesOff(job) ? 'to open' : crosses(job) ? 'to cross' : 'to work';
  return step({
    id: 'shift',
    phase: 'prepare',
    ...SAID.shift(to, job.bike.rings.length, placeOf(job) !== 'stand'),
    acts: [to === 'to cross' ? 'shift crossed' : 'shift'],
    hands: 0.5,
  });
}

function standSteady(job: Job): BenchStep {
  const place = placeOf(job);
  return step({
    id: 'stand',
    phase: 'prepare',
    ...SAID.standIn(place, isHydraulic(job), cranksDrive(job)),
    acts: [place === 'stand' ? 'hang up' : place === 'wall' ? 'lean' : 'turn over'],
    materials: place === 'upside down' ? ['cloth'] : [],
    hands: 0.5,
  });
}
