import { CAUSES, type Cause, type Noise } from '../records/faults';
import { CAUSE_FACTS } from './causes/causes';
import { ANSWERS, QUESTIONS, type Answer, type Question } from './questions';
import type { Beat } from './rhythm';
import { hitOf, STEP_IDS, type StepId } from './steps';

/** A cause as the handbook has it: what it is known by and what shows it. */
export interface HandbookEntry {
  cause: Cause;
  /** Answers given of it more often than not. */
  signs: { [Q in Question]: { question: Q; answer: Answer<Q> } }[Question][];
  beats: readonly Beat[];
  /** Looks that show it, and work that cures it, the surest first. */
  steps: StepId[];
}

/** A sign stands in the handbook where it is given so often. */
const TELLING = 0.6;
/** A step stands there where it shows or cures so often. */
const SURE = 0.6;
/** A cause belongs to a noise that so many of its cases make. */
const MAKES = 0.1;

/** Causes that make a noise, those it is heard of most first; null: all, by name. */
export function causesFor(noise: Noise | null): Cause[] {
  if (noise === null) return [...CAUSES].sort();
  const weight = (cause: Cause) =>
    CAUSE_FACTS[cause].prior * (CAUSE_FACTS[cause].noises[noise] ?? 0);
  return CAUSES.filter((cause) => (CAUSE_FACTS[cause].noises[noise] ?? 0) >= MAKES).sort(
    (a, b) => weight(b) - weight(a),
  );
}

/** What the handbook says of a cause. */
export function entryOf(cause: Cause): HandbookEntry {
  const { signs = {}, beats = [] } = CAUSE_FACTS[cause];
  const told = QUESTIONS.flatMap((question) =>
    question === 'noise'
      ? []
      : ANSWERS[question].flatMap((answer) =>
          ((signs[question] as Readonly<Record<string, number>> | undefined)?.[answer] ?? 0) >=
          TELLING
            ? [{ question, answer } as HandbookEntry['signs'][number]]
            : [],
        ),
  );
  const steps = STEP_IDS.filter((step) => hitOf(step, cause) >= SURE).sort(
    (a, b) => hitOf(b, cause) - hitOf(a, cause),
  );
  return { cause, signs: told, beats, steps };
}
