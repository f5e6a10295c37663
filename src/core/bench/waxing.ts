import { comesOff, owns, type Job } from './job';
import { step, type Step } from './steps';

/** The pot: water liner first, then wax, then cooling. */
export function hotWax(job: Job): Step[] {
  return [
    step(
      'heat',
      'lube',
      'Switch the pot on with its thermostat, lid at hand, and hang the dry chain on its wire.',
      'A wet chain in hot wax spits.',
      {
        acts: ['hot'],
        materials: ['thermostat pot', 'wax', 'wire'],
        cautions: ['hot wax'],
        timer: { label: 'Wax melts', minutes: 20 },
      },
    ),
    step(
      'dip',
      'lube',
      'Lower the chain in and move it gently until no bubbles rise.',
      'The last bubbles are the air that the wax takes the place of.',
      {
        acts: ['lube', 'wax'],
        cautions: ['hot wax'],
        waitsFor: 'heat',
        hands: 2,
        timer: { label: 'In the wax', minutes: 10 },
      },
    ),
    step(
      'lift',
      'lube',
      'Lift it out by the wire, let it drip, hang it straight.',
      'Hung straight, the links are free again when it is cold.',
      { cautions: ['hot wax'], waitsFor: 'dip', timer: { label: 'Cools', minutes: 30 } },
    ),
    step(
      'pot off',
      'lube',
      'Switch the pot off and pull its plug.',
      'Hot wax is never left alone.',
      { acts: ['hot off'], cautions: ['hot wax'], closing: true, hands: 0.5 },
    ),
    step(
      'break in',
      'lube',
      comesOff(job) ? 'When it is cold, bend each link free.' : 'Bend each link free.',
      'The first ride sheds flakes: that is as it should be.',
      { waitsFor: 'lift', hands: 2 },
    ),
  ];
}

/** Hot water over the waxed chain, for a reset without a pot. */
export const hotRinse = (job: Job): Step[] =>
  owns(job, 'pot') || job.workshop.water === 'none'
    ? []
    : [
        step(
          'hot rinse',
          'rinse',
          'Pour hot water over the front of the chain while you pedal forwards, into a tray.',
          'It melts the old wax and floats the dirt out.',
          {
            acts: ['rinse', 'water', 'hot', 'hot off'],
            materials: ['kettle', 'tray'],
            cautions: ['hot water'],
            hands: 4,
          },
        ),
      ];
