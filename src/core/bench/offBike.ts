import { cogSteps } from './cogs';
import { DEGREASER, isHydraulic, mustStrip, owns, type Job } from './job';
import { step, type BenchStep, type StepId } from './steps';

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
      what: 'Tie a loop of slack into the chain with a string or hook, so that nothing pulls at the link.',
      why: 'Under tension it whips when it opens.',
      materials: ['string or wire hook'],
      cautions: ['tension'],
      drawing: 'unload',
    }),
    step({
      id: 'open',
      phase: 'prepare',
      what: once
        ? 'Open the chain, and put the old link or pin aside: it is not used again.'
        : `Open the quick link${owns(job, 'link pliers') ? ' with the pliers' : ''}, holding both ends, and draw the chain out.`,
      why: once
        ? 'Used a second time it can let go.'
        : `${openingsText(job.openings)} A link that opens by hand is worn.`,
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
        what: 'Take the rear wheel out and put the chain keeper in its place. Lay the wheel rotor up.',
        why: isHydraulic(job)
          ? 'Do not touch the brake lever while the wheel is out: the pistons come out. Put the spacer in.'
          : 'The cassette is reached from both sides.',
        acts: ['wheel out'],
        materials: ['chain keeper', ...(isHydraulic(job) ? ['pad spacer'] : [])],
        cautions: isHydraulic(job) ? ['lever'] : [],
        hands: 2,
      }),
    );
  return steps;
}

const openingsText = (n: number): string =>
  n === 0
    ? 'First opening on record.'
    : `Opened ${n} ${n === 1 ? 'time' : 'times'} before, by the log.`;

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
    what: soak
      ? 'Lay the chain in degreaser in a jar, lid on loosely.'
      : `First bath: chain and ${job.baths.ml} ml of degreaser into the jar, shake for a minute, let it stand.`,
    why: soak
      ? 'By the label, and hours at most.'
      : 'Each fresh bath takes most of what the last one left.',
    acts: ['degreaser', 'bath', ...strip],
    materials: [
      'jar with a lid',
      `${soak ? 150 : job.baths.ml * count} ml of ${job.degreaser ?? DEGREASER}`,
    ],
    cautions: ['solvent', 'jar'],
    hands: 2,
    timer: { label: soak ? 'Soaks' : 'First bath', minutes: soak ? SOAK_MIN : BATH_MIN * 5 },
  });
}

/** A bath after the first; `n` counts from nought. */
const nextBath = (n: number): BenchStep =>
  step({
    id: `bath ${n + 2}`,
    phase: 'clean',
    what: `Bath ${n + 2}: pour off into the settling jar, fresh degreaser, shake for a minute.`,
    why: 'Until what comes off is hardly darker than what went in.',
    acts: ['degreaser', 'bath'],
    cautions: ['jar'],
    ...(n === 0 ? { waitsFor: 'soak' } : { waitsFor: `bath ${n + 1}` }),
    hands: 2,
    timer: { label: `Bath ${n + 2}`, minutes: BATH_MIN },
  });

const rinse = (after: StepId): BenchStep =>
  step({
    id: 'rinse',
    phase: 'rinse',
    what: 'Lift the chain out, rinse it with warm water until the water is clear.',
    why: 'Degreaser left behind fights the lube.',
    acts: ['rinse', 'water'],
    materials: ['warm water'],
    waitsFor: after,
    hands: 2,
  });

const pullThroughRags = (after: StepId): BenchStep =>
  step({
    id: 'take off',
    phase: 'rinse',
    what: 'Lift the chain out and pull it through fresh rags until they stay dry.',
    why: 'Degreaser left behind fights the lube.',
    materials: ['rags'],
    waitsFor: after,
    hands: 2,
  });

const RINSE_COGS = step({
  id: 'rinse cogs',
  phase: 'rinse',
  what: 'Rinse cassette, rings and jockey wheels with little pressure, and towel them.',
  why: 'A clean chain on dirty cogs is dirty again at once.',
  acts: ['rinse', 'water'],
  hands: 2,
});

const SETTLE = step({
  id: 'settle',
  phase: 'rinse',
  what: 'Close and label the jar with the used degreaser; let it settle.',
  why: 'The dirt sinks, and most of it is used again.',
  cautions: ['waste'],
  hands: 0.5,
});
