import type { Cause } from '../records/faults';
import { outcomeChance, type Ground, type Search } from './finder';
import type { Moved, Reason } from './known';
import { answerChance, countChance, sharesOf } from './odds';
import { QUESTIONS, type Answer, type Question } from './questions';
import type { Count } from './rhythm';
import type { StepId } from './steps';

/** Something known that speaks for a cause or against it. */
export type Speaks =
  | { kind: 'answer'; question: Question; answer: Answer }
  | { kind: 'count'; count: Count }
  | { kind: 'log'; reason: Reason }
  | { kind: 'step'; step: StepId };

/** How much likelier it makes a cause than the others are together: above 1 it speaks for it. */
export interface Weight {
  speaks: Speaks;
  times: number;
}

/** What is nearer to even says nothing worth reading. */
const WORTH_SAYING = 1.25;

/** Returns what speaks for and against a cause, the strongest first. */
export function whyOf(
  ground: Ground,
  search: Search,
  moved: readonly Moved[],
  cause: Cause,
): Weight[] {
  const weights: Weight[] = [];
  const say = (speaks: Speaks, chance: (c: Cause) => number) =>
    weights.push({ speaks, times: chance(cause) / amongOthers(ground, cause, chance) });
  for (const question of QUESTIONS) {
    const answer = search.answers[question];
    if (answer) say({ kind: 'answer', question, answer }, (c) => answerChance(c, question, answer));
  }
  for (const count of search.counts) say({ kind: 'count', count }, (c) => countChance(c, count));
  for (const { step, outcome } of search.done)
    say({ kind: 'step', step }, (c) => outcomeChance(step, outcome, c));
  for (const { reason, causes, factor } of moved)
    if (causes.includes(cause)) weights.push({ speaks: { kind: 'log', reason }, times: factor });
  const strength = ({ times }: Weight) => Math.abs(Math.log(Math.max(1e-6, times)));
  return weights
    .filter((w) => strength(w) >= Math.log(WORTH_SAYING))
    .sort((a, b) => strength(b) - strength(a));
}

/** The mean chance among all other causes, by what the table says of them before anything was asked. */
function amongOthers({ machine }: Ground, cause: Cause, chance: (c: Cause) => number): number {
  const odds = sharesOf(machine);
  let [sum, all] = [0, 0];
  for (const [other, p] of odds) {
    if (other === cause) continue;
    sum += p * chance(other);
    all += p;
  }
  return sum / all;
}
