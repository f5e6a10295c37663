import { comesOff, owns, type Job } from './job';
import { step, type BenchStep } from './steps';
import { ragStep } from './wiping';

/** Towel, then air or time: water sits inside the pins long after the outside looks dry. */
export function drying(job: Job): BenchStep[] {
  const towel = comesOff(job)
    ? step({
        id: 'towel',
        phase: 'dry',
        what: 'Pull the chain through a dry towel.',
        why: 'What the towel takes need not dry.',
        acts: ['dried'],
        materials: ['towel'],
      })
    : ragStep(
        job,
        'towel',
        { what: 'Hold a dry towel round the chain', why: 'What the towel takes need not dry.' },
        { phase: 'dry', acts: ['dried'], materials: ['towel'] },
      );
  const air = owns(job, 'air');
  const minutes = Math.round((air ? job.dryHours.air : job.dryHours.towel) * 60);
  const rest = air
    ? step({
        id: 'air',
        phase: 'dry',
        what: 'Blow the chain out, link by link, away from your eyes.',
        why: 'Water sits inside the pins long after the outside looks dry.',
        acts: ['dried'],
        materials: ['air'],
        hands: 2,
        timer: { label: 'Dries', minutes },
      })
    : step({
        id: 'hang',
        phase: 'dry',
        what: comesOff(job)
          ? 'Hang the chain somewhere warm.'
          : 'Tip the frame to drain, somewhere warm.',
        why: 'Water sits inside the pins long after the outside looks dry.',
        acts: ['dried'],
        hands: 0.5,
        timer: { label: 'Dries', minutes },
      });
  return [
    towel,
    rest,
    step({
      id: 'is dry',
      phase: 'dry',
      what: 'Wait until it is dry inside too.',
      why: 'Lube does not stick to water.',
      waitsFor: rest.id,
      hands: 0.5,
    }),
  ];
}
