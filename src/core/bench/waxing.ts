import { cranksDrive, hasDisc, mustStrip, poursHot, type Job } from './job';
import { drying } from './drying';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/waxing';

/** The pot: where it is a reset the water liner first, then wax, then cooling. */
export function hotWax(job: Job): BenchStep[] {
  return [
    step({
      id: 'heat',
      phase: 'lube',
      ...SAID.HEAT,
      // After the water liner the pot is hot already.
      acts: boils(job) ? [] : ['pot on'],
      materials: ['thermostat pot', 'wax', 'wire'],
      cautions: ['hot wax'],
      timer: { label: SAID.MELTS, minutes: 20 },
    }),
    step({
      id: 'dip',
      phase: 'lube',
      ...SAID.DIP,
      acts: ['dip'],
      cautions: ['hot wax'],
      waitsFor: 'heat',
      hands: 10,
    }),
    step({
      id: 'lift',
      phase: 'lube',
      ...SAID.LIFT,
      acts: ['leave coat'],
      cautions: ['hot wax'],
      timer: { label: SAID.COOLS, minutes: 30 },
    }),
    step({
      id: 'pot off',
      phase: 'lube',
      ...SAID.POT_OFF,
      acts: ['pot off'],
      cautions: ['hot wax'],
      closing: true,
      hands: 0.5,
    }),
    step({
      id: 'break in',
      phase: 'lube',
      ...SAID.BREAK_IN,
      acts: ['chain in hand'],
      waitsFor: 'lift',
      hands: 2,
    }),
  ];
}

/** Whether old wax is boiled off before the dip. */
const boils = (job: Job): boolean => job.depth === 'wax reset' && !mustStrip(job);

/** Old wax boiled off in the pot, the chain on its wire, and dried before it meets hot wax; `meanwhile`: while it boils. */
export const boiledOff = (job: Job, meanwhile: readonly BenchStep[]): BenchStep[] => [
  step({
    id: 'boil',
    phase: 'rinse',
    ...SAID.BOIL,
    acts: ['pot on', 'boil off'],
    materials: ['thermostat pot', 'water liner', 'wire'],
    cautions: ['hot water'],
    timer: { label: SAID.BOILS, minutes: 10 },
  }),
  ...meanwhile,
  step({
    id: 'boil out',
    phase: 'rinse',
    ...SAID.BOIL_OUT,
    acts: ['rinse'],
    cautions: ['hot water'],
    waitsFor: 'boil',
    hands: 3,
  }),
  ...drying(job),
];

/** Hot water over the waxed chain on the bike, and what becomes of what ran off. */
export const hotRinse = (job: Job): BenchStep[] =>
  poursHot(job)
    ? [
        step({
          id: 'kettle',
          phase: 'rinse',
          ...SAID.KETTLE,
          acts: ['kettle on'],
          materials: ['kettle', 'tray'],
          cautions: ['hot water'],
          timer: { label: SAID.KETTLE_BOILS, minutes: 5 },
        }),
        step({
          id: 'hot rinse',
          phase: 'rinse',
          ...SAID.hotRinse(cranksDrive(job), hasDisc(job)),
          acts: [cranksDrive(job) ? 'move on by hand' : 'pedal forwards', 'pour'],
          cautions: cranksDrive(job) ? ['hot water', 'driven cranks'] : ['hot water', 'fingers'],
          waitsFor: 'kettle',
          hands: 4,
        }),
        step({ id: 'tray', phase: 'rinse', ...SAID.TRAY, hands: 1 }),
      ]
    : [];
