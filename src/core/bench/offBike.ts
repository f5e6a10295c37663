import { cogSteps } from './cogs';
import { DEGREASER, isSpent, startsBare, type Job } from './job';
import { look } from './look';
import { step, type BenchStep, type StepId } from './steps';
import { inHand } from './substitutes';
import { wheelOut } from './wheel';
import * as CLOSING from '../words/bench/closing';
import * as SAID from '../words/bench/offBike';

/** Minutes a chain soaks, and shakes in a bath. Common practice; the label has the word. */
const SOAK_MIN = 30;
const BATH_MIN = 2;

/** Opening the chain, slack first, and taking it off; then the wheel, where it comes out too. */
export function chainOff(job: Job): BenchStep[] {
  if (startsBare(job)) return [];
  const { closure } = job.chain;
  const once = closure !== 'reusable link' || isSpent(job);
  const pliers = inHand(job, 'quick-link pliers');
  const tool = closure === 'connecting pin' ? 'chain tool' : pliers.name;
  return [
    job.bike.gear === 'derailleur'
      ? step({
          id: 'hook',
          phase: 'prepare',
          ...SAID.hook(closure === 'connecting pin'),
          acts: ['hook on'],
          materials: ['bent wire or string'],
          cautions: ['tension'],
          drawing: 'unload',
        })
      : step({
          id: 'slacken',
          phase: 'prepare',
          ...CLOSING.slacken(job.bike.gear === 'hub'),
          acts: ['slacken wheel'],
          materials: ['spanner or key'],
          cautions: ['tension'],
          hands: 2,
        }),
    step({
      id: 'open',
      phase: 'prepare',
      ...SAID.open(closure, {
        pliers,
        openings: job.openings,
        hooked: job.bike.gear === 'derailleur',
      }),
      acts: ['open'],
      materials: [tool],
      cautions: once ? ['closes once', 'tension'] : ['tension'],
      hands: 3 + (closure.endsWith('link') ? pliers.minutes : 0),
    }),
    ...(once ? [] : [LINK_WORN]),
    ...wheelOut(job),
  ];
}

const LINK_WORN: BenchStep = {
  ...look({ id: 'link worn', ...SAID.LINK_WORN, acts: ['chain in hand'] }),
  phase: 'prepare',
};

/** Baths or a soak in a jar, and the cogs meanwhile. */
export function baths(job: Job): BenchStep[] {
  const count = job.depth === 'soak' ? 1 : job.baths.count;
  const onBench = job.depth === 'new-chain strip' || job.depth === 'new chain';
  const meanwhile = onBench ? [] : cogSteps(job, true);
  const more = Array.from({ length: Math.max(0, count - 1) }, (_, n) => nextBath(n));
  const last = more.at(-1)?.id ?? 'soak';
  const water = job.workshop.water !== 'none';
  return [
    firstBath(job, count),
    ...meanwhile,
    ...more,
    water ? rinse(last) : pullThroughRags(last),
    ...(onBench ? [] : [water ? rinseCogs(job) : wipeCogs(job)]),
    SETTLE,
  ];
}

function firstBath(job: Job, count: number): BenchStep {
  const soak = job.depth === 'soak';
  return step({
    id: 'soak',
    phase: 'clean',
    ...(soak ? SAID.SOAK : SAID.firstBath(job.baths.ml)),
    acts: ['into the jar', 'bath'],
    materials: [
      'jar with a lid, or a bottle and a sieve',
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
    acts: ['bath'],
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
    acts: ['out of the jar', 'rinse'],
    materials: ['warm water'],
    waitsFor: after,
    hands: 2,
  });

const pullThroughRags = (after: StepId): BenchStep =>
  step({
    id: 'take off',
    phase: 'rinse',
    ...SAID.PULL_THROUGH_RAGS,
    acts: ['out of the jar', 'take degreaser off'],
    materials: ['rags'],
    cautions: ['waste'],
    waitsFor: after,
    hands: 2,
  });

const rinseCogs = (job: Job): BenchStep =>
  step({
    id: 'rinse cogs',
    phase: 'rinse',
    ...SAID.rinseCogs(job.bike.gear === 'derailleur'),
    acts: ['rinse'],
    hands: 2,
  });

export const wipeCogs = (job: Job): BenchStep =>
  step({
    id: 'wipe cogs',
    phase: 'rinse',
    ...SAID.wipeCogs(job.bike.gear === 'derailleur'),
    acts: ['take degreaser off'],
    materials: ['rags'],
    hands: 2,
  });

const SETTLE = step({
  id: 'settle',
  phase: 'rinse',
  ...SAID.SETTLE,
  acts: ['jar away'],
  cautions: ['waste'],
  hands: 0.5,
});
