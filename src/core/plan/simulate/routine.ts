import { CARE } from '../../care/model/constants';
import { weekdayOf } from '../../time/dates';
import type { Policy } from './follow';
import type { Future } from './future';
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

/** A round of a routine: the evening it is due on, and whether the chain is cleaned in it. */
interface Round {
  due: number;
  cleaning: boolean;
}

/** The rounds of a calendar routine: on the first of its weekdays there is, and so many weeks after each. */
function roundsOf(
  { benches }: BikeProblem,
  { name, weekday }: PlanSettings['routine'],
): readonly Round[] {
  if (name === 'squeak') return [];
  const { weeks, cleanEvery } = ROUNDS[name];
  const rounds: Round[] = [];
  benches.forEach(({ date }, d) => {
    const last = rounds.at(-1);
    if (weekdayOf(date) === weekday && (!last || d - last.due >= weeks * 7))
      rounds.push({ due: d, cleaning: (rounds.length + 1) % cleanEvery === 0 });
  });
  return rounds;
}

/**
 * What a rider did before there was a plan: a round on a fixed weekday, or when the chain squeaks. It obeys
 * the same rules as the plan: what the minutes or the next ride do not allow is made up for on the next
 * evening that does, and where there is no time to clean the chain is lubed.
 */
export function routine(problem: BikeProblem, habit: PlanSettings['routine'], days: Days): Policy {
  const rounds = roundsOf(problem, habit);
  return (d, _, futures) => {
    const round = rounds.findLast(({ due }) => due <= d);
    const isOwed = ({ truth, done }: Future): boolean =>
      habit.name === 'squeak'
        ? truth.film <= SQUEAKS * CARE.reserve.value
        : round !== undefined && !done.some(({ day }) => day >= round.due);
    return futures.map((f) => {
      if (!isOwed(f)) return null;
      const { works } = choicesOf(problem, days, d, f);
      return (round?.cleaning ? pick(works, true, f.coat) : null) ?? pick(works, false, f.coat);
    });
  };
}
