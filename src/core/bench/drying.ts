import { comesOff, owns, type Job } from './job';
import { step, type Step } from './steps';
import { ragStep } from './wiping';

/** Towel, then air or time: water sits inside the pins long after the outside looks dry. */
export function drying(job: Job): Step[] {
  const towel = comesOff(job)
    ? step(
        'towel',
        'dry',
        'Pull the chain through a dry towel.',
        'What the towel takes need not dry.',
        { acts: ['dried'], materials: ['towel'] },
      )
    : ragStep(
        job,
        'towel',
        { what: 'Hold a dry towel round the chain', why: 'What the towel takes need not dry.' },
        { phase: 'dry', acts: ['dried'], materials: ['towel'] },
      );
  const air = owns(job, 'air');
  const minutes = Math.round((air ? job.dryHours.air : job.dryHours.towel) * 60);
  const rest = air
    ? step(
        'air',
        'dry',
        'Blow the chain out, link by link, away from your eyes.',
        'Water sits inside the pins long after the outside looks dry.',
        {
          acts: ['dried'],
          materials: ['air'],
          hands: 2,
          timer: { label: 'Dries', minutes },
        },
      )
    : step(
        'hang',
        'dry',
        comesOff(job)
          ? 'Hang the chain somewhere warm.'
          : 'Tip the frame to drain, somewhere warm.',
        'Water sits inside the pins long after the outside looks dry.',
        {
          acts: ['dried'],
          hands: 0.5,
          timer: { label: 'Dries', minutes },
        },
      );
  return [
    towel,
    rest,
    step('is dry', 'dry', 'Wait until it is dry inside too.', 'Lube does not stick to water.', {
      waitsFor: rest.id,
      hands: 0.5,
    }),
  ];
}
