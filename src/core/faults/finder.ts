import { CAUSES, type Cause } from '../records/faults';
import { CAUSE_FACTS } from './causes/causes';
import { bestFirst, byRatio, costOf, type Costed } from './order';
import {
  answerChance,
  canHave,
  normalised,
  oddsOf,
  ranked,
  type Known,
  type Machine,
  type Odds,
} from './odds';
import { ANSWERS, MINUTES_TO_ANSWER, QUESTIONS, type Answers, type Question } from './questions';
import { beatsOf, type Count, type CountedGear } from './rhythm';
import { hitOf, STEP_FACTS, STEP_IDS, type StepFacts, type StepId } from './steps';

/** How a step came out: a look shows a cause or none; after a remedy the noise is gone, better or the same. */
export type Outcome = 'nothing' | 'same' | 'better' | 'gone' | { found: Cause };

/** A search for a noise as it stands: what was said, counted and done. Plain data: it can be left and gone on with. */
export interface Search {
  answers: Answers;
  counts: readonly Count[];
  /** The rider does not want to count, or cannot. */
  noCount: boolean;
  done: readonly { step: StepId; outcome: Outcome }[];
}

export const NEW_SEARCH: Search = { answers: {}, counts: [], noCount: false, done: [] };

/** What a search is made on. */
export interface Ground {
  machine: Machine;
  known: Known;
  /** The gear of the last count, or the usual one. */
  gear: CountedGear;
}

/** What comes next: a question, a count, a step, or the end. */
export type Next =
  | { kind: 'ask'; question: Question }
  | { kind: 'count'; between: readonly Cause[] }
  | { kind: 'do'; step: StepId }
  | { kind: 'found'; cause: Cause }
  | { kind: 'workshop'; causes: readonly Cause[] };

/** Looked at before anything else: what can throw the rider, whatever its odds. */
export const SAFETY: StepId = 'four things';

/** "Better" after a remedy speaks for what it cures by half as much as "gone" would. Own estimate. */
const BETTER = 0.5;
/** It is said by mistake, or by hope, in so many cases. Own estimate. */
const HOPE = 0.05;

/** Chance that a step came out as it did where this is the cause. */
export function outcomeChance(step: StepId, outcome: Outcome, cause: Cause): number {
  const hit = hitOf(step, cause);
  if (outcome === 'nothing' || outcome === 'same') return 1 - hit;
  if (outcome === 'better') return HOPE + BETTER * hit;
  return hit;
}

/** Odds of the causes in a search. */
export const oddsIn = ({ machine, known }: Ground, { answers, counts, done }: Search): Odds =>
  oddsOf({
    machine,
    known,
    answers,
    counts,
    survived: (cause) =>
      done.reduce((all, { step, outcome }) => all * outcomeChance(step, outcome, cause), 1),
  });

/** The cause a search has found: seen, or the likeliest of those that a remedy ended; null: none yet. */
export function foundIn(ground: Ground, search: Search): Cause | null {
  for (const { outcome } of search.done) if (typeof outcome === 'object') return outcome.found;
  if (!search.done.some(({ outcome }) => outcome === 'gone')) return null;
  return ranked(oddsIn(ground, search))[0]?.[0] ?? null;
}

/** Steps that this bike can have done and that were not. */
export const stepsLeft = ({ machine }: Ground, { done }: Search): StepId[] =>
  STEP_IDS.filter((step) => isFor(machine, step) && !done.some((d) => d.step === step));

/** Whether a bike has what a step is done on. */
function isFor({ gear, chain }: Machine, step: StepId): boolean {
  const { needs } = STEP_FACTS[step] as StepFacts;
  if (needs === 'derailleur') return gear === 'derailleur';
  return needs !== 'link' || chain.closure !== 'connecting pin';
}

/** Steps that may end the search, as the order sees them. */
function costed(steps: readonly StepId[], causes: readonly Cause[]): Costed<StepId>[] {
  return steps
    .map((step) => ({
      step,
      cost: STEP_FACTS[step].minutes,
      hits: causes.flatMap((cause, i) => {
        const hit = hitOf(step, cause);
        return hit > 0 ? [[i, hit] as const] : [];
      }),
    }))
    .filter(({ hits }) => hits.length > 0);
}

/** A cause whose odds are less is left out of the sums. */
const NEGLIGIBLE = 1e-4;
/** A question or count must save so many minutes to be worth asking. */
const WORTH_ASKING = 0.1;

/** Returns what to do next: safety, then the question, count or step by which the cause is found soonest. */
export function nextIn(ground: Ground, search: Search): Next {
  const found = foundIn(ground, search);
  if (found) return { kind: 'found', cause: found };
  if (search.answers.noise === undefined) return { kind: 'ask', question: 'noise' };
  if (!search.done.some(({ step }) => step === SAFETY)) return { kind: 'do', step: SAFETY };
  const odds = oddsIn(ground, search);
  const causes = CAUSES.filter((cause) => (odds.get(cause) ?? 0) > NEGLIGIBLE);
  const steps = costed(stepsLeft(ground, search), causes);
  const useful = steps.filter(({ hits }) =>
    hits.some(([i, hit]) => hit * (odds.get(causes[i]!) ?? 0) > NEGLIGIBLE),
  );
  if (useful.length === 0)
    return {
      kind: 'workshop',
      causes: ranked(odds)
        .slice(0, 3)
        .map(([c]) => c),
    };
  return (
    askOrCount(ground, search, { odds, causes, steps: useful }) ?? {
      kind: 'do',
      step: bestFirst(
        useful,
        causes.map((cause) => odds.get(cause) ?? 0),
      ).step,
    }
  );
}

interface Sums {
  odds: Odds;
  causes: readonly Cause[];
  steps: readonly Costed<StepId>[];
}

/** Minutes to the cause from here, by ratio. */
const minutesFrom = ({ causes, steps }: Sums, odds: Odds): number => {
  const p = causes.map((cause) => odds.get(cause) ?? 0);
  return costOf(byRatio(steps, p), p);
};

/** The question or count that saves most; null: none saves enough. */
function askOrCount(ground: Ground, search: Search, sums: Sums): Next | null {
  const now = minutesFrom(sums, sums.odds);
  let best: Next | null = null;
  let most = WORTH_ASKING;
  const consider = (next: Next, minutes: number, after: number) => {
    const saves = now - after - minutes;
    if (saves > most) [best, most] = [next, saves];
  };
  for (const question of QUESTIONS)
    if (search.answers[question] === undefined && canAsk(ground.machine, question))
      consider({ kind: 'ask', question }, MINUTES_TO_ANSWER[question], afterAnswer(sums, question));
  if (!search.noCount && search.counts.length < MOST_COUNTS && search.answers.beat !== 'no beat') {
    const beating = ranked(sums.odds).flatMap(([c]) => (CAUSE_FACTS[c].beats ? [c] : []));
    if (beating.length > 1)
      consider(
        { kind: 'count', between: beating.slice(0, 3) },
        MINUTES_TO_COUNT,
        afterCount(ground, sums),
      );
  }
  return best;
}

/** Whether a question means anything on this bike: a fixed wheel does not coast, and one cog is all gears. */
export const canAsk = ({ drive, gear }: Machine, question: Question): boolean =>
  question === 'coasting' ? drive !== 'fixed' : question === 'gears' ? gear === 'derailleur' : true;

const MOST_COUNTS = 2;
/** To put the bike on a stand or ride, and count. Own estimate. */
export const MINUTES_TO_COUNT = 1.5;

/** Expected minutes after an answer. */
function afterAnswer(sums: Sums, question: Question): number {
  return ANSWERS[question].reduce((all, answer) => {
    const weights = sums.causes.map(
      (cause) =>
        [cause, (sums.odds.get(cause) ?? 0) * answerChance(cause, question, answer)] as const,
    );
    const chance = weights.reduce((sum, [, weight]) => sum + weight, 0);
    return chance === 0 ? all : all + chance * minutesFrom(sums, normalised(weights));
  }, 0);
}

/** A count names the right thing so often; else it says nothing. Own estimate. */
const COUNT_HOLDS = 0.9;

/** Expected minutes after a count: by what the noise then beats with. */
function afterCount({ gear }: Ground, sums: Sums): number {
  const beats = [...beatsOf(gear).keys()];
  const chanceOf = (cause: Cause, beat: string): number => {
    const own = CAUSE_FACTS[cause].beats?.filter((b) => beats.includes(b)) ?? [];
    return own.length === 0 ? 1 / beats.length : own.some((b) => b === beat) ? 1 / own.length : 0;
  };
  const after = beats.reduce((all, beat) => {
    const weights = sums.causes.map(
      (cause) => [cause, (sums.odds.get(cause) ?? 0) * chanceOf(cause, beat)] as const,
    );
    const chance = weights.reduce((sum, [, weight]) => sum + weight, 0);
    return chance === 0 ? all : all + chance * minutesFrom(sums, normalised(weights));
  }, 0);
  return COUNT_HOLDS * after + (1 - COUNT_HOLDS) * minutesFrom(sums, sums.odds);
}

/** Causes a machine can have: for browsing. */
export const causesOf = (machine: Machine): Cause[] =>
  CAUSES.filter((cause) => canHave(machine, cause));
