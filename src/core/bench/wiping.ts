import { cranksDrive, type Job } from './job';
import { turnsFor } from './prepare';
import { step, type BenchStep, type StepId } from './steps';
import type { Said } from '../words/bench/said';
import * as SAID from '../words/bench/wiping';

const RAG_LAPS = 3;

/** A rag along the chain: running backwards through it, or a stretch at a time where the cranks drive the wheel. */
export function ragStep(
  job: Job,
  id: StepId,
  said: Said,
  more: Partial<BenchStep> = {},
): BenchStep {
  const acts = more.acts ?? [];
  if (cranksDrive(job))
    return step({
      id,
      phase: more.phase ?? 'clean',
      ...SAID.alongTheRun(said, true),
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
    ...SAID.alongTheRun(said, false),
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
  const dry = job.depth === 'rescue' || job.depth === 'roadside';
  const on = dry ? 'dry' : job.between === 'degreaser' ? 'degreaser' : 'solvent';
  return ragStep(job, 'wipe', SAID.WIPE[on], {
    materials: on === 'dry' ? ['dry rag'] : ['rag', on],
    acts: on === 'degreaser' ? ['degreaser'] : [],
    cautions: [
      cranksDrive(job) ? 'driven cranks' : 'fingers',
      ...(dry ? [] : (['solvent'] as const)),
    ],
  });
}

/** The same at the roadside, where a glove must do. */
export const gloveCheck = (failTo: StepId): BenchStep =>
  step({
    id: 'glove check',
    phase: 'check',
    ...SAID.GLOVE_CHECK,
    acts: ['cleanliness check'],
    hands: 0.5,
    check: {
      kind: 'glove',
      ...SAID.IS_GLOVE_CLEAN,
      failTo,
    },
  });

/** The cleanliness check before a coat: by swatch, back to the cleaning when it fails. */
export const ragCheck = (failTo: StepId, off: boolean): BenchStep =>
  step({
    id: 'rag check',
    phase: 'check',
    ...SAID.ragCheck(off),
    acts: ['cleanliness check'],
    materials: ['clean rag'],
    hands: 0.5,
    drawing: off ? null : 'rag',
    check: { kind: 'rag', ...SAID.IS_RAG_CLEAN, failTo },
  });
