import type { Cause } from '../records/faults';
import { canAsk, oddsIn, stepsLeft, type Ground, type Search } from './finder';
import { ANSWERS, QUESTIONS, type Answer, type Question } from './questions';
import { hitOf, STEP_FACTS, type StepId } from './steps';

/** What would move a cause's odds, and to where. */
export type Change =
  | { kind: 'answer'; question: Question; answer: Answer; odds: number }
  | { kind: 'nothing seen'; step: StepId; odds: number };

/** A change of less is not worth saying. */
const WORTH_SAYING = 0.05;

/**
 * Returns what would move a cause most from where it stands: the answer that speaks most for it, the one most against it,
 * and the look that would rule it out. None where little would.
 */
export function changesOf(ground: Ground, search: Search, cause: Cause): Change[] {
  const oddsAfter = (next: Search) => oddsIn(ground, next).get(cause) ?? 0;
  const now = oddsAfter(search);
  const answers = QUESTIONS.filter(
    (q) => q !== 'noise' && search.answers[q] === undefined && canAsk(ground.machine, q),
  ).flatMap((question) =>
    ANSWERS[question].map((answer): Change => {
      const said = { ...search.answers, [question]: answer };
      return { kind: 'answer', question, answer, odds: oddsAfter({ ...search, answers: said }) };
    }),
  );
  const looks = stepsLeft(ground, search)
    .filter((step) => STEP_FACTS[step].kind === 'look' && hitOf(step, cause) > 0)
    .map((step): Change => {
      const done = [...search.done, { step, outcome: 'nothing' as const }];
      return { kind: 'nothing seen', step, odds: oddsAfter({ ...search, done }) };
    });
  const byOdds = [...answers].sort((a, b) => b.odds - a.odds);
  const surest = [...looks].sort((a, b) => a.odds - b.odds)[0];
  return [byOdds[0], byOdds.at(-1), surest].filter(
    (change): change is Change =>
      change !== undefined && Math.abs(change.odds - now) >= WORTH_SAYING,
  );
}
