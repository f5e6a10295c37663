import type { Arm } from '../records/trialKinds';
import type { Evidence } from './evidence';
import type { Prior } from './noise';
import { ratioOf, ratioQuantile, shareUnder, type RatioBelief } from './posterior';

/** Two habits are practically equal within this ratio. */
export const EQUAL_WITHIN = 0.1;
/** So sure must one be that they are, or that they differ by less than the rider cares for. */
const SURE_EQUAL = 0.9;
const SURE_LESS = 0.95;
/** Only after so much of its coats: a difference just as large as cared for must have had its chance to show. Own choice. */
const LESS_FROM = 0.75;
/** No trial ends before so many coats of each: three alike can be chance. Own choice. */
const LEAST_COATS = 3;

/** What the coats so far say of A over B. Ratios are of kilometres, or of dirt a kilometre. */
export interface Answer {
  /** The middle of what is believed, half of it, and nine tenths of it. */
  ratio: { mid: number; low: number; high: number; least: number; most: number };
  /** How likely it is that A is the better, and either by more than a tenth; that they are equal within a tenth, or within what the rider cares for. */
  chance: { a: number; aClearly: number; bClearly: number; equal: number; less: number };
  coats: Record<Arm, number>;
  /** What it came to; null: not settled yet. */
  settled: Arm | 'equal' | 'less' | null;
}

/** Coats that tell something, by habit. */
export type TellingCoats = Record<Arm, readonly Evidence[]>;

/** What an answer is worked out with. */
export interface Asked {
  prior: Prior;
  /** The logarithm of A over B by the handbook, where their lubes differ; 0: the same lube. */
  offset: number;
  /** More is better of kilometres, less of dirt. */
  more: 'better' | 'worse';
  careFor: number;
  coatsAnArm: number;
}

/**
 * How sure one must be to stop for one of two habits: 97 in 100 in a short trial, more in a long one, which is looked at more
 * often. Set by simulation, so that at most one trial in ten of equal habits ends for one of them (`npm run audit`).
 */
export const sureFor = (coatsAnArm: number): number => 1 - 0.03 * Math.min(1, 8 / coatsAnArm);

/** What the coats of a trial say, and whether they settle it. */
export function answerOf(coats: TellingCoats, asked: Asked): Answer {
  const { offset, more } = asked;
  const belief = ratioOf(coats.a, coats.b, asked.prior);
  const at = (p: number) => Math.exp(ratioQuantile(belief, p) + offset);
  const within = (share: number) =>
    between(belief, -Math.log(1 + share) - offset, Math.log(1 + share) - offset);
  const above = (ratio: number) => 1 - shareUnder(belief, Math.log(ratio) - offset);
  const times = 1 + EQUAL_WITHIN;
  const [higher, lower] = [above(times), 1 - above(1 / times)];
  const chance = {
    a: more === 'better' ? above(1) : 1 - above(1),
    aClearly: more === 'better' ? higher : lower,
    bClearly: more === 'better' ? lower : higher,
    equal: within(EQUAL_WITHIN),
    less: within(asked.careFor),
  };
  const count = { a: coats.a.length, b: coats.b.length };
  return {
    ratio: { mid: at(0.5), low: at(0.25), high: at(0.75), least: at(0.05), most: at(0.95) },
    chance,
    coats: count,
    settled: settledBy(chance, count, asked),
  };
}

const between = (belief: RatioBelief, from: number, to: number): number =>
  shareUnder(belief, to) - shareUnder(belief, from);

/** The rule by which a trial stops. */
function settledBy(
  { a, equal, less }: Answer['chance'],
  coats: Answer['coats'],
  { careFor, coatsAnArm }: Asked,
): Answer['settled'] {
  const fewer = Math.min(coats.a, coats.b);
  // Looked at when a pair is whole: the first of a pair must not decide by being first.
  if (fewer < LEAST_COATS || coats.a !== coats.b) return null;
  const sure = sureFor(coatsAnArm);
  if (a >= sure) return 'a';
  if (a <= 1 - sure) return 'b';
  if (equal >= SURE_EQUAL) return 'equal';
  return careFor > EQUAL_WITHIN && fewer >= LESS_FROM * coatsAnArm && less >= SURE_LESS
    ? 'less'
    : null;
}
