import { comesOff, owns, type Job } from './job';
import { step, type BenchStep } from './steps';

/** The pot: water liner first, then wax, then cooling. */
export function hotWax(job: Job): BenchStep[] {
  return [
    step({
      id: 'heat',
      phase: 'lube',
      what: 'Switch the pot on with its thermostat, lid at hand, and hang the dry chain on its wire.',
      why: 'A wet chain in hot wax spits.',
      acts: ['hot'],
      materials: ['thermostat pot', 'wax', 'wire'],
      cautions: ['hot wax'],
      timer: { label: 'Wax melts', minutes: 20 },
    }),
    step({
      id: 'dip',
      phase: 'lube',
      what: 'Lower the chain in and move it gently until no bubbles rise.',
      why: 'The last bubbles are the air that the wax takes the place of.',
      acts: ['lube', 'wax'],
      cautions: ['hot wax'],
      waitsFor: 'heat',
      hands: 2,
      timer: { label: 'In the wax', minutes: 10 },
    }),
    step({
      id: 'lift',
      phase: 'lube',
      what: 'Lift it out by the wire, let it drip, hang it straight.',
      why: 'Hung straight, the links are free again when it is cold.',
      cautions: ['hot wax'],
      waitsFor: 'dip',
      timer: { label: 'Cools', minutes: 30 },
    }),
    step({
      id: 'pot off',
      phase: 'lube',
      what: 'Switch the pot off and pull its plug.',
      why: 'Hot wax is never left alone.',
      acts: ['hot off'],
      cautions: ['hot wax'],
      closing: true,
      hands: 0.5,
    }),
    step({
      id: 'break in',
      phase: 'lube',
      what: comesOff(job) ? 'When it is cold, bend each link free.' : 'Bend each link free.',
      why: 'The first ride sheds flakes: that is as it should be.',
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
          what: 'Pour hot water over the front of the chain while you pedal forwards, into a tray.',
          why: 'It melts the old wax and floats the dirt out.',
          acts: ['rinse', 'water', 'hot', 'hot off'],
          materials: ['kettle', 'tray'],
          cautions: ['hot water'],
          hands: 4,
        }),
      ];
