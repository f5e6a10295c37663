import { solve, type Values } from '../solver/backward';
import type { BikeProblem, Work } from '../solver/problem';
import { follow } from './follow';
import type { Future } from './future';
import { adaptive, type Days } from './policies';

/** A problem with the worth of its last coats, and the values solved with it. */
export interface Weighed {
  problem: BikeProblem;
  values: Values;
  /** The plan re-formed from day to day, where that is known already: nothing runs out. */
  free: Future[] | null;
}

/** Times the worth of a coat is searched for: each halves what is not known of it. */
const TRIES = 6;

/** The plan re-formed from day to day if there were any number of coats. */
function unlimited(problem: BikeProblem, values: Values, days: Days): Future[] {
  const lifted = { ...problem, works: problem.works.map((w) => ({ ...w, coatsLeft: null })) };
  return follow(lifted, adaptive(lifted, values, days), days.shared);
}

/** Mean coats of each bottle that are used in some futures. */
function wanted(futures: readonly Future[]): Map<string, number> {
  const sum = new Map<string, number>();
  const add = ({ bottleId }: Work) => {
    if (bottleId !== null)
      sum.set(bottleId, (sum.get(bottleId) ?? 0) + 1 / Math.max(1, futures.length));
  };
  for (const f of futures) for (const { work } of f.done) add(work);
  return sum;
}

/** Bottles of which more is wanted than is left beside what other bikes take. */
function short(
  { works }: BikeProblem,
  sum: ReadonlyMap<string, number>,
  { used }: Days,
): Set<string> {
  return new Set(
    works.flatMap(({ bottleId, coatsLeft }) =>
      bottleId !== null &&
      coatsLeft !== null &&
      (sum.get(bottleId) ?? 0) > coatsLeft - (used?.[bottleId] ?? 0)
        ? [bottleId]
        : [],
    ),
  );
}

const worth = (problem: BikeProblem, bottles: ReadonlySet<string>, each: number): BikeProblem => ({
  ...problem,
  works: problem.works.map((w) =>
    w.bottleId !== null && bottles.has(w.bottleId) ? { ...w, scarce: each } : w,
  ),
});

/**
 * Returns a problem in which the coats of a bottle that runs out are worth more than they cost, so that the last one is
 * kept for the day it does most: the least worth at which no more is wanted than there is. Where nothing runs out it
 * is the problem as it was.
 */
export function weighStock(problem: BikeProblem, known: Values | undefined, days: Days): Weighed {
  const values = known ?? solve(problem, days.minutes, days.shared);
  const free = unlimited(problem, values, days);
  const first = short(problem, wanted(free), days);
  if (first.size === 0) return { problem, values, free };
  // No coat saves more than a whole per cent of wear costs.
  let [low, high] = [0, problem.prices.wearPercent];
  let found: Weighed | null = null;
  for (let n = 0; n < TRIES; n++) {
    const middle = (low + high) / 2;
    const dearer = worth(problem, first, middle);
    const solved = solve(dearer, days.minutes, days.shared);
    if (short(dearer, wanted(unlimited(dearer, solved, days)), days).size > 0) low = middle;
    else [high, found] = [middle, { problem: dearer, values: solved, free: null }];
  }
  return found ?? { problem, values, free: null };
}
