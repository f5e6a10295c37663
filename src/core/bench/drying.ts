import { comesOff, hasNoTime, owns, type Job } from './job';
import { step, type BenchStep } from './steps';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/drying';

/** Minutes a wiped chain's last degreaser takes to dry off. Own estimate; the label has the word. */
const EVAPORATE_MIN = 20;

/** After a clean without water: what the rags left has to dry off before any coat. */
export const evaporating = (job: Job): BenchStep[] => [
  step({
    id: 'hang',
    phase: 'dry',
    ...SAID.evaporate(comesOff(job)),
    hands: 0.5,
    timer: { label: SAID.EVAPORATES, minutes: EVAPORATE_MIN },
  }),
  step({
    id: 'is dry',
    phase: 'dry',
    ...SAID.IS_GONE,
    acts: ['dry'],
    waitsFor: 'hang',
    hands: 0.5,
  }),
];

/** Towel, then air or time: water sits inside the pins long after the outside looks dry. */
export function drying(job: Job): BenchStep[] {
  const off = comesOff(job);
  const towel = off
    ? step({
        id: 'towel',
        phase: 'dry',
        ...SAID.TOWEL_OFF_BIKE,
        acts: ['chain in hand', 'towel'],
        materials: ['towel'],
      })
    : ragStep(job, 'towel', SAID.TOWEL, {
        phase: 'dry',
        acts: ['towel'],
        materials: ['towel or old sock'],
        drawing: 'squeeze',
      });
  if (hasNoTime(job)) return [towel];
  const air = owns(job, 'air');
  const minutes = Math.round((air ? job.dryHours.air : job.dryHours.towel) * 60);
  const rest = air
    ? step({
        id: 'air',
        phase: 'dry',
        ...SAID.BLOW_OUT,
        materials: ['air', 'eye protection'],
        cautions: ['air'],
        hands: 2,
        timer: { label: SAID.DRIES, minutes },
      })
    : step({
        id: 'hang',
        phase: 'dry',
        ...SAID.hang(off, job.workshop.outdoors),
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
      acts: ['dry'],
      waitsFor: rest.id,
      hands: 0.5,
    }),
  ];
}
