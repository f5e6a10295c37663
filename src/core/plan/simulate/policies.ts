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
): { works: readonly Work[]; must: boolean } {
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

/** The works the rules allow, by bench, coat and whether the chain is wet: twenty futures ask for the same. */
const ruled = new WeakMap<BikeProblem, WeakMap<Days, (readonly Work[])[]>>();

function ruledOn(problem: BikeProblem, days: Days, d: number, f: Future): readonly Work[] {
  const bench = problem.benches[d];
  const coat = problem.coats[f.coat];
  if (!bench || !coat) throw new Error(`No bench ${d} or coat ${f.coat}`);
  const byDays = ruled.get(problem) ?? new WeakMap<Days, (readonly Work[])[]>();
  ruled.set(problem, byDays);
  const known = byDays.get(days) ?? [];
  byDays.set(days, known);
  const wet = isWet(f.reckoned);
  return (known[(d * problem.coats.length + f.coat) * 2 + Number(wet)] ??= allowedAt(
    problem.works,
    bench,
    {
      family: coat.family,
      coat: f.coat,
      wet,
      minutes: days.minutes[d] ?? 0,
      shared: days.shared[d] ?? false,
    },
  ));
}

function allowedOn(problem: BikeProblem, days: Days, d: number, f: Future): readonly Work[] {
  const inStock = ({ coatsLeft, bottleId }: Work): boolean =>
    coatsLeft === null ||
    bottleId === null ||
    coatsTaken(f, bottleId) + (days.used?.[bottleId] ?? 0) < coatsLeft;
  const works = ruledOn(problem, days, d, f);
  return works.every(inStock) ? works : works.filter(inStock);
}

/** A future at a bench; `shared`: another bike is on the stand. */
export interface AtBench {
  d: number;
  f: Future;
  shared: boolean;
}

/** Grit of a chain that is weighed: read at once. */
const grit = { o: 0, i: 0, c: 0 };

/**
 * Weighs what may be done now in a future: returns the expected cost from here on, by the solved values, of a work or of
 * nothing (null).
 */
export function weighing(
  problem: BikeProblem,
  values: Values,
  { d, f, shared }: AtBench,
): (work: Work | null) => number {
  const after = values.after[d];
  const air = problem.benches[d]?.air;
  if (!after || !air) throw new Error(`No values of day ${d}`);
  const { outside, inside, film, wetLeftH } = f.reckoned;
  const life = livesLeft(problem, f.coat, f.reckoned);
  const on = problem.coats[f.coat];
  const wet = isWet(f.reckoned);
  const rustFor = (hours: number) => (wet ? problem.prices.rust * rustPerHour(film) * hours : 0);
  const towelled = wet ? rustFor(Math.min(wetLeftH, towelledFor(air))) : 0;
  const worthOf = (coat: number, lives: number) => valueAt(after, coat * STATES, lives, grit);
  return (work) => {
    if (work === null) {
      grit.o = outside;
      grit.i = inside;
      grit.c = f.cogs;
      return rustFor(wetLeftH) + worthOf(f.coat, life);
    }
    const left = effectOf(work);
    grit.o = outside * left.o;
    grit.i = inside * left.i;
    grit.c = f.cogs * left.c;
    const price = priceOf(work, minutesOf(work, shared), problem.prices);
    const rust = work.coat === null ? towelled : 0;
    const weighed = weighedPrice(problem, work, on);
    const lives = work.coat === null ? life * left.film : freshFilm(grit.i);
    return rust + price + weighed + worthOf(work.coat ?? f.coat, lives);
  };
}

/** The best work by the solved values, in each future by itself: the plan as it re-forms from day to day. */
export const adaptive =
  (problem: BikeProblem, values: Values, days: Days): Policy =>
  (d, _, futures) =>
    futures.map((f) => {
      const both = days.shared[d] ?? false;
      const { works, must } = choicesOf(problem, days, d, f);
      const worth = weighing(problem, values, { d, f, shared: both });
      let best: Work | null = null;
      let least = must ? Infinity : worth(null);
      for (const work of works) {
        const value = worth(work);
        if (value >= least) continue;
        best = work;
        least = value;
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
      const known = sum.get(work);
      if (!known) return void sum.set(work, { total: value, count: 1 });
      known.total += value;
      known.count += 1;
    };
    let forced = 0;
    for (const f of futures) {
      const { works, must } = choicesOf(problem, days, d, f);
      if (must) forced += 1;
      const worth = weighing(problem, values, { d, f, shared: both });
      add(null, worth(null));
      for (const work of works) add(work, worth(work));
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
