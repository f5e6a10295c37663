import type { Act } from './acts';
import { brakeCautions, cranksDrive, onRag, type Job, type OnRag } from './job';
import { liesOf, turnsFor } from './prepare';
import { step, type BenchStep, type StepId } from './steps';
import * as SAID from '../words/bench/wiping';

const RAG_LAPS = 3;

/** A rag along the chain: running backwards through it, or a stretch at a time where the cranks drive the wheel. */
export function ragStep(
  job: Job,
  id: StepId,
  said: SAID.RagSaid,
  more: Partial<BenchStep> = {},
): BenchStep {
  const acts = more.acts ?? [];
  const driven = cranksDrive(job);
  return step({
    id,
    phase: more.phase ?? 'clean',
    ...SAID.alongTheRun(said, driven, liesOf(job)),
    hands: driven ? 3 : 2,
    materials: ['rag'],
    drawing: 'rag',
    counter: driven ? null : { kind: 'turns', count: turnsFor(job, RAG_LAPS), perMinute: 30 },
    ...more,
    cautions: [driven ? 'driven cranks' : 'fingers', ...(more.cautions ?? [])],
    acts: [driven ? 'still chain' : 'turn back', ...acts],
  });
}

const RAG_ACTS: Record<OnRag, readonly Act[]> = {
  dry: [],
  cloth: [],
  solvent: ['solvent'],
  degreaser: ['degreaser'],
};

/** Wiping before a coat, or instead of one; what degreaser was on the rag comes off the chain again. */
export function wipe(job: Job): BenchStep[] {
  const on = onRag(job);
  const makesWay = on === 'cloth' && job.lube !== null && job.depth === 'top-up';
  const wet = on === 'solvent' || on === 'degreaser';
  const said = SAID.WIPE[makesWay && !isWaxLube(job) ? 'old wax' : on];
  const first = ragStep(job, 'wipe', said, {
    materials: {
      dry: ['dry rag'],
      cloth: ['lint-free cloth'],
      solvent: ['rag', 'solvent'],
      degreaser: ['rag', 'degreaser'],
    }[on],
    acts: RAG_ACTS[on],
    cautions: wet ? ['solvent', ...brakeCautions(job), 'waste'] : [],
  });
  if (on !== 'degreaser') return [first];
  return job.workshop.water === 'none'
    ? [
        first,
        ragStep(job, 'take off', SAID.TAKE_OFF, { phase: 'rinse', acts: ['take degreaser off'] }),
      ]
    : [
        first,
        ragStep(job, 'rinse rag', SAID.RINSE_RAG, {
          phase: 'rinse',
          acts: ['rinse'],
          materials: ['warm water', 'rag'],
        }),
      ];
}

const isWaxLube = ({ lube }: Job): boolean =>
  lube?.lubeClass === 'drip wax' || lube?.lubeClass === 'hot wax';

/** The chain in the hand, pulled through a cloth. */
export const wipeOffBike = (): BenchStep =>
  step({
    id: 'wipe',
    phase: 'clean',
    ...SAID.PULL_THROUGH_CLOTH,
    acts: ['chain in hand'],
    materials: ['lint-free cloth'],
  });

/** The same at the roadside, where a glove must do. */
export const gloveCheck = (failTo: StepId): BenchStep =>
  step({
    id: 'glove check',
    phase: 'check',
    ...SAID.GLOVE_CHECK,
    acts: ['still chain', 'rag check'],
    hands: 0.5,
    check: { kind: 'glove', ...SAID.IS_GLOVE_CLEAN, failTo },
  });

/** The cleanliness check before a coat: by rag shade, back to the cleaning when it fails. */
export const ragCheck = (job: Job, failTo: StepId, off: boolean): BenchStep =>
  step({
    id: 'rag check',
    phase: 'check',
    ...SAID.ragCheck(off, liesOf(job)),
    acts: [off ? 'chain in hand' : 'still chain', 'rag check'],
    materials: ['clean rag'],
    hands: 0.5,
    drawing: off ? null : 'rag',
    check: { kind: 'rag', ...SAID.IS_RAG_CLEAN, failTo },
  });
