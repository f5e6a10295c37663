import type { Act } from './acts';
import { step, type BenchStep, type CheckKind, type StepId } from './steps';
import type { LookSaid } from '../words/bench/closing';
import type { Moving } from '../words/bench/said';

/** What turns the chain while it is looked at or listened to. */
export const TURNED: Record<Moving, Act> = {
  cranks: 'turn back',
  'by hand': 'move on by hand',
  rolling: 'still chain',
};

/** What a look asks; `failTo`: where to go back to when it fails, by default to the look itself. */
interface Look extends LookSaid {
  id: StepId;
  kind?: CheckKind;
  failTo?: StepId;
  drawing?: BenchStep['drawing'];
  acts?: readonly Act[];
  hands?: number;
}

/** Returns a closing check: what to look at is its question. */
export function look({
  kind = 'look',
  failTo,
  failWhy,
  drawing = null,
  acts = [],
  hands = 0.5,
  ...said
}: Look): BenchStep {
  return step({
    ...said,
    phase: 'close',
    acts,
    drawing,
    hands,
    check: { kind, ask: said.what, failTo: failTo ?? said.id, failWhy },
  });
}
