import { CAUSES, type Cause } from '../records/faults';
import type { Bike, Chain } from '../records/garage';
import { CAUSE_FACTS } from './causes/causes';
import type { CauseFacts } from './causes/facts';
import { ANSWERS, QUESTIONS, USUAL, type Answers, type Question } from './questions';
import { beatsOf, countLikelihood, type Count } from './rhythm';

/** Odds of the causes; they add up to 1. */
export type Odds = ReadonlyMap<Cause, number>;

/** What of a bike and its chain decides which causes it can have. */
export interface Machine extends Pick<Bike, 'gear' | 'rings' | 'narrowWide' | 'brake' | 'drive'> {
  chain: Pick<Chain, 'closure' | 'directional'>;
  waxed: boolean;
}

const CAN_HAVE: Record<NonNullable<CauseFacts['only']>, (machine: Machine) => boolean> = {
  derailleur: ({ gear }) => gear === 'derailleur',
  'no derailleur': ({ gear }) => gear !== 'derailleur',
  'several rings': ({ gear, rings }) => gear === 'derailleur' && rings.length > 1,
  'narrow-wide': ({ narrowWide }) => narrowWide,
  directional: ({ chain }) => chain.directional,
  'rim or disc': ({ brake }) => brake !== 'drum or coaster',
  wax: ({ waxed }) => waxed,
  freewheel: ({ drive }) => drive === 'freewheel',
  link: ({ chain }) => chain.closure !== 'connecting pin',
};

/** Whether a machine can have a cause. */
export function canHave(machine: Machine, cause: Cause): boolean {
  const { only } = CAUSE_FACTS[cause];
  return only === undefined || CAN_HAVE[only](machine);
}

/** An answer is given by mistake in so many cases. Own estimate: no sign rules a cause out by itself. */
const SLIP = 0.01;

/** Chance of an answer where this is the cause: as its signs say, the rest as usual. */
export function answerChance<Q extends Question>(
  cause: Cause,
  question: Q,
  answer: string,
): number {
  const facts = CAUSE_FACTS[cause];
  const signs = (question === 'noise' ? facts.noises : facts.signs?.[question as 'where']) as
    Readonly<Record<string, number | undefined>> | undefined;
  const usual = USUAL[question] as Readonly<Record<string, number>>;
  const told = Object.values(signs ?? {}).reduce<number>((sum, share) => sum + (share ?? 0), 0);
  const others = ANSWERS[question].filter((a) => signs?.[a] === undefined);
  const rest = others.reduce((sum, a) => sum + (usual[a] ?? 0), 0);
  const own = signs?.[answer] ?? (rest > 0 ? (1 - told) * ((usual[answer] ?? 0) / rest) : 0);
  return SLIP / ANSWERS[question].length + (1 - SLIP) * own;
}

/** Chance of a count where this is the cause. */
export function countChance(cause: Cause, count: Count): number {
  const beats = CAUSE_FACTS[cause].beats ?? [];
  const rates = beatsOf(count.gear);
  const known = beats.map((beat) => rates.get(beat)).filter((rate) => rate !== undefined);
  if (known.length === 0) return countLikelihood(count, null);
  return known.reduce((sum, rate) => sum + countLikelihood(count, rate), 0) / known.length;
}

/** What moves the odds of a cause before anything is asked: a factor, by cause. */
export type Known = ReadonlyMap<Cause, number>;

/** Everything that is known of a noise so far. */
export interface Evidence {
  machine: Machine;
  known: Known;
  answers: Answers;
  counts: readonly Count[];
  /** Chance that what was done would have left a cause unfound and uncured, for each. */
  survived: (cause: Cause) => number;
}

/** Odds of each cause by Bayes' rule: prior by what the log knows, times the chance of each answer and count. One fault is assumed. */
export function oddsOf({ machine, known, answers, counts, survived }: Evidence): Odds {
  const weights = CAUSES.filter((cause) => canHave(machine, cause)).map((cause) => {
    let weight = CAUSE_FACTS[cause].prior * (known.get(cause) ?? 1) * survived(cause);
    for (const question of QUESTIONS) {
      const answer = answers[question];
      if (answer) weight *= answerChance(cause, question, answer);
    }
    for (const count of counts) weight *= countChance(cause, count);
    return [cause, weight] as const;
  });
  return normalised(weights);
}

/** Weights as odds that add up to 1. */
export function normalised(weights: readonly (readonly [Cause, number])[]): Odds {
  const sum = weights.reduce((all, [, weight]) => all + weight, 0);
  return new Map(weights.map(([cause, weight]) => [cause, sum > 0 ? weight / sum : 0]));
}

/** The causes by falling odds. */
export const ranked = (odds: Odds): [Cause, number][] => [...odds].sort((a, b) => b[1] - a[1]);

/** How much of all faults each cause is on a machine nothing is known of, by the table. */
export const sharesOf = (machine: Machine): Odds =>
  oddsOf({ machine, known: new Map(), answers: {}, counts: [], survived: () => 1 });
