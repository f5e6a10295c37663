import { CARE } from '../../care';
import { weekdayOf } from '../../time/dates';
import type { Policy } from './follow';
import { choicesOf, type Days } from './policies';
import type { BikeProblem, Work } from '../solver/problem';
import type { PlanSettings } from '../../records/plan';

/** Weeks between two rounds of a calendar routine, and in which round the chain is cleaned. Common practice. */
const ROUNDS = {
  weekly: { weeks: 1, cleanEvery: 4 },
  fortnightly: { weeks: 2, cleanEvery: 2 },
  monthly: { weeks: 4, cleanEvery: 1 },
} as const;

/** A chain this near to bare is heard. */
const SQUEAKS = 0.02;

/** The first work of a depth with the lube that is on; else of any. */
const pick = (works: readonly Work[], deep: boolean, coat: number): Work | null => {
  const fitting = works.filter((w) => w.coat !== null && w.deep === deep);
  return fitting.find((w) => w.coat === coat) ?? fitting[0] ?? null;
};

/**
 * What a rider did before there was a plan: a round on a fixed weekday, or when the chain squeaks. It obeys
 * the same rules as the plan: what the minutes or the next ride do not allow is made up for on the next
 * evening that does, and where there is no time to clean the chain is lubed.
 */
export function routine(
  problem: BikeProblem,
  { name, weekday }: PlanSettings['routine'],
  days: Days,
): Policy {
  let due = -1;
  let round = 0;
  const owed = problem.natures.map(() => false);
  return (d, bench, futures) => {
    if (d === 0) {
      due = -1;
      round = 0;
      owed.fill(false);
    }
    if (name !== 'squeak' && weekdayOf(bench.date) === weekday) {
      const { weeks } = ROUNDS[name];
      if (due < 0 || d - due >= weeks * 7) {
        due = d;
        round += 1;
        owed.fill(true);
      }
    }
    const cleaning = name !== 'squeak' && round % ROUNDS[name].cleanEvery === 0;
    return futures.map((f, k) => {
      if (name === 'squeak' && f.truth.film <= SQUEAKS * CARE.reserve.value) owed[k] = true;
      if (!owed[k]) return null;
      const { works } = choicesOf(problem, days, d, f);
      const work = (cleaning ? pick(works, true, f.coat) : null) ?? pick(works, false, f.coat);
      if (work) owed[k] = false;
      return work;
    });
  };
}
