import { comesOff, owns, type Job } from './job';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/waxing';

/** The pot: water liner first, then wax, then cooling. */
export function hotWax(job: Job): BenchStep[] {
  return [
    step({
      id: 'heat',
      phase: 'lube',
      ...SAID.HEAT,
      acts: ['hot'],
      materials: ['thermostat pot', 'wax', 'wire'],
      cautions: ['hot wax'],
      timer: { label: SAID.MELTS, minutes: 20 },
    }),
    step({
      id: 'dip',
      phase: 'lube',
      ...SAID.DIP,
      acts: ['lube', 'wax'],
      cautions: ['hot wax'],
      waitsFor: 'heat',
      hands: 2,
      timer: { label: SAID.IN_THE_WAX, minutes: 10 },
    }),
    step({
      id: 'lift',
      phase: 'lube',
      ...SAID.LIFT,
      cautions: ['hot wax'],
      waitsFor: 'dip',
      timer: { label: SAID.COOLS, minutes: 30 },
    }),
    step({
      id: 'pot off',
      phase: 'lube',
      ...SAID.POT_OFF,
      acts: ['hot off'],
      cautions: ['hot wax'],
      closing: true,
      hands: 0.5,
    }),
    step({
      id: 'break in',
      phase: 'lube',
      ...SAID.breakIn(comesOff(job)),
      waitsFor: 'lift',
      hands: 2,
    }),
  ];
}

/** Hot water over the waxed chain, for a reset without a pot. */
export const hotRinse = (job: Job): BenchStep[] =>
  owns(job, 'pot') || job.workshop.water === 'none'
    ? []
    : [
        step({
          id: 'hot rinse',
          phase: 'rinse',
          ...SAID.HOT_RINSE,
          acts: ['rinse', 'water', 'hot', 'hot off'],
          materials: ['kettle', 'tray'],
          cautions: ['hot water'],
          hands: 4,
        }),
      ];
