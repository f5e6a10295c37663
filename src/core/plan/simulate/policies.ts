import type { Values } from '../solver/backward';
import { effectOf, freshFilm } from '../solver/effect';
import type { Policy } from './follow';
import { isWet, livesLeft, type Future } from './future';
import { STATES, valueAt } from '../solver/grid';
import { RACE_CLEAN_DAYS, type BenchSlot, type BikeProblem, type Work } from '../solver/problem';
import { allowedAt, minutesOf, mustWork } from '../solver/rules';
import { priceOf, weighedPrice } from '../solver/terms';
import { rustPerHour } from '../../care/model/stand';
import { towelledFor } from '../solver/wetness';

/** Nothing is done at all. */
export const idle: Policy = (_, __, futures) => futures.map(() => null);

/** The same work in every future, on the days it is planned for. */
export const fixed =
  (agenda: ReadonlyMap<number, Work>): Policy =>
  (d, _, futures) =>
    futures.map(() => agenda.get(d) ?? null);

/** The minutes left of each day, the days on which another bike is on the stand, and the coats others use up. */
export interface Days {
  minutes: readonly number[];
  shared: readonly boolean[];
  /** Coats other bikes take, by bottle. */
  used?: Readonly<Record<string, number>>;
}

/** The day by which a chain must be cleaned, by the calendar's cap or for a race; null: no such day. */
function cleanBy({ capDays }: BikeProblem, bench: BenchSlot, f: Future): number | null {
  const byCap = capDays === null ? Infinity : f.cleanedDay + capDays;
  const { raceBy } = bench;
  const forRace = raceBy !== null && f.cleanedDay < raceBy - RACE_CLEAN_DAYS ? raceBy : Infinity;
  const first = Math.min(byCap, forRace);
  return first === Infinity ? null : first;
}

/**
 * What a future allows at a bench. Where the day by which the chain must be clean would pass before the next
 * evening that has the time for it, it is cleaned now.
 */
export function choicesOf(
  problem: BikeProblem,
  days: Days,
  d: number,
  f: Future,
): { works: Work[]; must: boolean } {
  const bench = problem.benches[d] as BenchSlot;
  const works = allowedOn(problem, days, d, f);
  const by = cleanBy(problem, bench, f);
  const cleans = works.filter((w) => w.deep);
  const last = problem.benches.at(-1)?.day ?? 0;
  const far = by === null || by > last || bench.day + LOOK_DAYS < by;
  if (bench.mark !== null || cleans.length === 0 || far)
    return { works, must: mustWork(bench, works) };
  for (let e = d + 1; (problem.benches[e]?.day ?? Infinity) <= by; e++)
    if (allowedOn(problem, days, e, f).some((w) => w.deep)) return { works, must: false };
  return { works: cleans, must: true };
}

/** No such day is looked at further ahead than this. */
const LOOK_DAYS = 7;

/** Coats a future has taken from a bottle so far. */
function coatsTaken({ done }: Future, bottleId: string): number {
  let taken = 0;
  for (const { work } of done) if (work.bottleId === bottleId) taken += 1;
  return taken;
}

function allowedOn(
  problem: BikeProblem,
  { minutes, shared, used }: Days,
  d: number,
  f: Future,
): Work[] {
  const bench = problem.benches[d];
  const coat = problem.coats[f.coat];
  if (!bench || !coat) throw new Error(`No bench ${d} or coat ${f.coat}`);
  const inStock = problem.works.filter(
    (w) =>
      w.coatsLeft === null ||
      w.bottleId === null ||
      coatsTaken(f, w.bottleId) + (used?.[w.bottleId] ?? 0) < w.coatsLeft,
  );
  return allowedAt(inStock, bench, {
    family: coat.family,
    coat: f.coat,
    wet: isWet(f.reckoned),
    minutes: minutes[d] ?? 0,
    shared: shared[d] ?? false,
  });
}

/** A work that may be done (null: nothing) at a bench in a future; `shared`: another bike is on the stand. */
export interface Option {
  d: number;
  f: Future;
  work: Work | null;
  shared: boolean;
}

/** Returns the expected cost from here on if a work (null: nothing) is done now in a future, by the solved values. */
export function worth(
  problem: BikeProblem,
  values: Values,
  { d, f, work, shared }: Option,
): number {
  const after = values.after[d];
  if (!after) throw new Error(`No values of day ${d}`);
  const { outside, inside } = f.reckoned;
  const life = livesLeft(problem, f.coat, f.reckoned);
  const { wetLeftH } = f.reckoned;
  const rustFor = (hours: number) =>
    isWet(f.reckoned) ? problem.prices.rust * rustPerHour(f.reckoned.film) * hours : 0;
  if (work === null) {
    return (
      rustFor(wetLeftH) +
      valueAt(after, f.coat * STATES, life, { o: outside, i: inside, c: f.cogs })
    );
  }
  const left = effectOf(work);
  const within = inside * left.i;
  const film = work.coat === null ? life * left.film : freshFilm(within);
  const price = priceOf(work, minutesOf(work, shared), problem.prices);
  const base = (work.coat ?? f.coat) * STATES;
  const air = problem.benches[d]?.air;
  const rust = work.coat === null && air ? rustFor(Math.min(wetLeftH, towelledFor(air))) : 0;
  const weighed = weighedPrice(problem, work, problem.coats[f.coat]);
  return (
    rust +
    price +
    weighed +
    valueAt(after, base, film, { o: outside * left.o, i: within, c: f.cogs * left.c })
  );
}

/** The best work by the solved values, in each future by itself: the plan as it re-forms from day to day. */
export const adaptive =
  (problem: BikeProblem, values: Values, days: Days): Policy =>
  (d, _, futures) =>
    futures.map((f) => {
      const both = days.shared[d] ?? false;
      const { works, must } = choicesOf(problem, days, d, f);
      let best: Work | null = null;
      let least = must ? Infinity : worth(problem, values, { d, f, work: null, shared: both });
      for (const work of works) {
        const value = worth(problem, values, { d, f, work, shared: both });
        if (value < least) [best, least] = [work, value];
      }
      return best;
    });

/**
 * The work that is best on the average of the futures: one plan for all of them, which is what a rider can
 * write on a calendar. A work some future does not allow is not chosen.
 */
export const common =
  (problem: BikeProblem, values: Values, days: Days): Policy =>
  (d, _, futures) => {
    const both = days.shared[d] ?? false;
    const sum = new Map<Work | null, { total: number; count: number }>();
    const add = (work: Work | null, value: number) => {
      const known = sum.get(work) ?? { total: 0, count: 0 };
      sum.set(work, { total: known.total + value, count: known.count + 1 });
    };
    let forced = 0;
    for (const f of futures) {
      const { works, must } = choicesOf(problem, days, d, f);
      if (must) forced += 1;
      add(null, worth(problem, values, { d, f, work: null, shared: both }));
      for (const work of works) add(work, worth(problem, values, { d, f, work, shared: both }));
    }
    let best: Work | null = null;
    let least = Infinity;
    for (const [work, { total, count }] of sum) {
      if (count < futures.length) continue;
      if (work === null && forced === futures.length) continue;
      if (total < least) [best, least] = [work, total];
    }
    return futures.map(() => best);
  };
