import type * as Shape from '../records/noiseSearch';
import type { Act, NoiseSearch } from '../records/noiseSearch';
import { NEW_SEARCH, type Outcome, type Search } from './finder';
import { ANSWERS, type Question } from './questions';
import { STEP_FACTS, type StepId } from './steps';

export type { Act, NoiseSearch } from '../records/noiseSearch';

const isQuestion = (name: string): name is Question => Object.hasOwn(ANSWERS, name);
const isStep = (name: string): name is StepId => Object.hasOwn(STEP_FACTS, name);

/** A search after one thing more that was said or done; what an older app kept and this one does not know is passed over. */
function after(search: Search, act: Act): Search {
  switch (act.kind) {
    case 'answer': {
      const { question, answer } = act;
      if (!isQuestion(question)) return search;
      const known = answer === null || (ANSWERS[question] as readonly string[]).includes(answer);
      return known ? { ...search, answers: { ...search.answers, [question]: answer } } : search;
    }
    case 'count':
      return { ...search, counts: [...search.counts, act.count] };
    case 'no count':
      return { ...search, noCount: true };
    case 'did':
      return isStep(act.step)
        ? { ...search, done: [...search.done, { step: act.step, outcome: act.outcome as Outcome }] }
        : search;
  }
}

/** The search that a row of answers, counts and steps comes to. */
export const searchOf = (acts: readonly Act[]): Search => acts.reduce(after, NEW_SEARCH);

/** The step that showed what was found, or ended the noise; null: none did. */
export const showedIn = ({ done }: Search): StepId | null =>
  done.find(({ outcome }) => typeof outcome === 'object' || outcome === 'gone')?.step ?? null;

/** A search as it was kept; null: it cannot be read. */
export function readSearch(
  text: string,
  { noiseSearchSchema }: { noiseSearchSchema: typeof Shape.noiseSearchSchema },
): NoiseSearch | null {
  try {
    const read = noiseSearchSchema.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}
