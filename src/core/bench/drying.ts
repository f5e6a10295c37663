import { comesOff, owns, type Job } from './job';
import { step, type BenchStep } from './steps';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/drying';

/** Towel, then air or time: water sits inside the pins long after the outside looks dry. */
export function drying(job: Job): BenchStep[] {
  const towel = comesOff(job)
    ? step({
        id: 'towel',
        phase: 'dry',
        ...SAID.TOWEL_OFF_BIKE,
        acts: ['dried'],
        materials: ['towel'],
      })
    : ragStep(job, 'towel', SAID.TOWEL, { phase: 'dry', acts: ['dried'], materials: ['towel'] });
  const air = owns(job, 'air');
  const minutes = Math.round((air ? job.dryHours.air : job.dryHours.towel) * 60);
  const rest = air
    ? step({
        id: 'air',
        phase: 'dry',
        ...SAID.BLOW_OUT,
        acts: ['dried'],
        materials: ['air'],
        hands: 2,
        timer: { label: SAID.DRIES, minutes },
      })
    : step({
        id: 'hang',
        phase: 'dry',
        ...SAID.hang(comesOff(job)),
        acts: ['dried'],
        hands: 0.5,
        timer: { label: SAID.DRIES, minutes },
      });
  return [
    towel,
    rest,
    step({
      id: 'is dry',
      phase: 'dry',
      ...SAID.IS_DRY,
      waitsFor: rest.id,
      hands: 0.5,
    }),
  ];
}
