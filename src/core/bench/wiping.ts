import { cranksDrive, type Job } from './job';
import { turnsFor } from './prepare';
import { step, type Check, type BenchStep, type StepId } from './steps';

const RAG_LAPS = 3;

/** A rag along the chain: running backwards through it, or a stretch at a time where the cranks drive the wheel. */
export function ragStep(
  job: Job,
  id: StepId,
  words: { what: string; why: string },
  more: Partial<BenchStep> = {},
): BenchStep {
  const acts = more.acts ?? [];
  if (cranksDrive(job))
    return step({
      id,
      phase: more.phase ?? 'clean',
      what: `${words.what}, a stretch at a time with everything standing still.`,
      why: `${words.why} Here the cranks drive the wheel: a rag on a running chain pulls the hand in.`,
      hands: 3,
      materials: ['rag'],
      cautions: ['driven cranks'],
      drawing: 'rag',
      ...more,
      acts,
    });
  return step({
    id,
    phase: more.phase ?? 'clean',
    what: `${words.what} on the lower run, turning slowly backwards.`,
    why: words.why,
    hands: 2,
    materials: ['rag'],
    cautions: ['fingers'],
    drawing: 'rag',
    counter: { kind: 'turns', count: turnsFor(job, RAG_LAPS), perMinute: 30 },
    ...more,
    acts: [...acts, 'rag on the run'],
  });
}

/** Wiping before a coat, or instead of one. */
export function wipe(job: Job): BenchStep {
  const [what, why, materials] =
    job.depth === 'rescue' || job.depth === 'roadside'
      ? [
          'Wipe the chain with a dry rag',
          'Water and the worst of the dirt come off first.',
          ['dry rag'],
        ]
      : job.between === 'degreaser'
        ? [
            'Wipe the chain with a rag and a little degreaser',
            'It loosens the black outside; the lube there goes with it.',
            ['rag', 'degreaser'],
          ]
        : [
            'Wipe the chain with a rag and a little solvent',
            'It loosens the black outside and leaves the lube within.',
            ['rag', 'solvent'],
          ];
  const solvent = job.depth !== 'rescue' && job.depth !== 'roadside';
  return ragStep(
    job,
    'wipe',
    { what: what as string, why: why as string },
    {
      materials: materials as string[],
      acts: job.between === 'degreaser' && solvent ? ['degreaser'] : [],
      cautions: [
        cranksDrive(job) ? 'driven cranks' : 'fingers',
        ...(solvent ? (['solvent'] as const) : []),
      ],
    },
  );
}

const RAG_CHECK: Omit<Check, 'failTo'> = {
  kind: 'rag',
  ask: 'What comes off on a fresh patch of the rag?',
  failWhy: 'Still darker than your standard: lube over dirt makes paste.',
};

/** The same at the roadside, where a glove must do. */
export const gloveCheck = (failTo: StepId): BenchStep =>
  step({
    id: 'glove check',
    phase: 'check',
    what: 'Crank still. Touch the chain with a clean finger of the glove.',
    why: 'New lube on dirt makes paste.',
    acts: ['cleanliness check'],
    hands: 0.5,
    check: {
      kind: 'glove',
      ask: 'Does hardly anything black come off?',
      failTo,
      failWhy: 'Wipe once more: the worst of it must go.',
    },
  });

/** The cleanliness check before a coat: by swatch, back to the cleaning when it fails. */
export const ragCheck = (failTo: StepId, off: boolean): BenchStep =>
  step({
    id: 'rag check',
    phase: 'check',
    what: off
      ? 'Pull the chain a hand’s width through a fresh patch of rag.'
      : 'Crank still. Pull a fresh patch of rag along a hand’s width of the lower run.',
    why: 'A dirty rag proves dirt. A clean one does not prove a clean inside.',
    acts: ['cleanliness check'],
    materials: ['clean rag'],
    hands: 0.5,
    drawing: off ? null : 'rag',
    check: { ...RAG_CHECK, failTo },
  });
