import { cogSteps } from './cogs';
import { DEGREASER, isHydraulic, mustStrip, owns, type Job } from './job';
import { step, type BenchStep, type StepId } from './steps';
import * as SAID from '../words/bench/offBike';

/** Minutes a chain soaks, and shakes in a bath. Common practice; the label has the word. */
const SOAK_MIN = 30;
const BATH_MIN = 2;

/** Opening the chain and taking it off. */
export function chainOff(job: Job): BenchStep[] {
  if (job.depth === 'new-chain strip') return [];
  const once = job.chain.closure !== 'reusable link';
  const steps = [
    step({
      id: 'unload',
      phase: 'prepare',
      ...SAID.UNLOAD,
      materials: ['string or wire hook'],
      cautions: ['tension'],
      drawing: 'unload',
    }),
    step({
      id: 'open',
      phase: 'prepare',
      ...(once ? SAID.OPEN_ONCE : SAID.openLink(owns(job, 'link pliers'), job.openings)),
      acts: ['chain off'],
      materials: [once ? 'chain tool' : owns(job, 'link pliers') ? 'link pliers' : 'pliers'],
      cautions: once ? ['closes once', 'tension'] : ['tension'],
      hands: 3,
    }),
  ];
  if (owns(job, 'chain keeper') && job.depth !== 'wax reset')
    steps.push(
      step({
        id: 'wheel out',
        phase: 'prepare',
        ...SAID.wheelOut(isHydraulic(job)),
        acts: ['wheel out'],
        materials: ['chain keeper', ...(isHydraulic(job) ? ['pad spacer'] : [])],
        cautions: isHydraulic(job) ? ['lever'] : [],
        hands: 2,
      }),
    );
  return steps;
}

/** Baths or a soak in a closed jar, and the cogs meanwhile. */
export function baths(job: Job): BenchStep[] {
  const count = job.depth === 'soak' ? 1 : job.baths.count;
  const meanwhile = job.depth === 'new-chain strip' ? [] : cogSteps(job);
  const more = Array.from({ length: Math.max(0, count - 1) }, (_, n) => nextBath(n));
  const last = more.at(-1)?.id ?? 'soak';
  const water = job.workshop.water !== 'none';
  return [
    firstBath(job, count),
    ...meanwhile,
    ...more,
    water ? rinse(last) : pullThroughRags(last),
    ...(meanwhile.length > 0 && water ? [RINSE_COGS] : []),
    SETTLE,
  ];
}

function firstBath(job: Job, count: number): BenchStep {
  const strip = mustStrip(job) || job.depth === 'new-chain strip' ? (['strip'] as const) : [];
  const soak = job.depth === 'soak';
  return step({
    id: 'soak',
    phase: 'clean',
    ...(soak ? SAID.SOAK : SAID.firstBath(job.baths.ml)),
    acts: ['degreaser', 'bath', ...strip],
    materials: [
      'jar with a lid',
      `${soak ? 150 : job.baths.ml * count} ml of ${job.degreaser ?? DEGREASER}`,
    ],
    cautions: ['solvent', 'jar'],
    hands: 2,
    timer: { label: soak ? SAID.SOAKS : SAID.FIRST_BATH, minutes: soak ? SOAK_MIN : BATH_MIN * 5 },
  });
}

/** A bath after the first; `n` counts from nought. */
const nextBath = (n: number): BenchStep =>
  step({
    id: `bath ${n + 2}`,
    phase: 'clean',
    ...SAID.nextBath(n + 2),
    acts: ['degreaser', 'bath'],
    cautions: ['jar'],
    ...(n === 0 ? { waitsFor: 'soak' } : { waitsFor: `bath ${n + 1}` }),
    hands: 2,
    timer: { label: SAID.bathTimer(n + 2), minutes: BATH_MIN },
  });

const rinse = (after: StepId): BenchStep =>
  step({
    id: 'rinse',
    phase: 'rinse',
    ...SAID.RINSE_CHAIN,
    acts: ['rinse', 'water'],
    materials: ['warm water'],
    waitsFor: after,
    hands: 2,
  });

const pullThroughRags = (after: StepId): BenchStep =>
  step({
    id: 'take off',
    phase: 'rinse',
    ...SAID.PULL_THROUGH_RAGS,
    materials: ['rags'],
    waitsFor: after,
    hands: 2,
  });

const RINSE_COGS = step({
  id: 'rinse cogs',
  phase: 'rinse',
  ...SAID.RINSE_COGS,
  acts: ['rinse', 'water'],
  hands: 2,
});

const SETTLE = step({
  id: 'settle',
  phase: 'rinse',
  ...SAID.SETTLE,
  cautions: ['waste'],
  hands: 0.5,
});
