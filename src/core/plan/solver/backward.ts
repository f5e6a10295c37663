import { MS_PER_HOUR } from '../../units/convert';
import { decide } from './decide';
import {
  COGS,
  FILM,
  type Floats,
  gritIndex,
  GRITS,
  INSIDE,
  OUTSIDE,
  STATES,
  type Grit,
} from './grid';
import { overRides } from './overRides';
import type { BenchSlot, BikeProblem } from './problem';
import { startAnew } from './terms';
import { wetHoursAt } from './wetness';

/**
 * The expected cost from each state to the end of the plan, after a day's decision: `after[d]` on the grid,
 * coat by coat. Days are solved backwards; rides are averaged over the futures, each decision is the cheapest
 * the rules allow.
 */
export interface Values {
  /** Before the first day's decision, of a chain that comes dry. */
  before: Float64Array;
  /** Solved, as short numbers: a planner of ten bikes keeps two million of them, and a grid is true to a hundredth. */
  after: Floats[];
}

/** Solves a bike's plan backwards from the last day. `shared[d]`: another bike is on the stand that day. */
export function solve(
  problem: BikeProblem,
  minutes: readonly number[],
  shared: readonly boolean[],
): Values {
  const { benches } = problem;
  const after = new Array<Float32Array>(benches.length);
  const value = new Float64Array(problem.coats.length * STATES);
  const best = { dry: lastValue(problem), wet: lastValue(problem) };
  for (let d = benches.length - 1; d >= 0; d--) {
    const bench = benches[d] as BenchSlot;
    const until = benches[d + 1]?.from ?? bench.from + 24 * MS_PER_HOUR;
    overRides(problem, { bench, until }, best, value);
    after[d] = Float32Array.from(value);
    const evening = {
      bench,
      minutes: minutes[d] ?? 0,
      shared: shared[d] ?? false,
      mustClean: isRaceClean(problem, d, minutes),
      wetHours: wetHoursAt(problem, d),
    };
    decide(problem, value, evening, best);
  }
  return { before: best.dry, after };
}

/** Whether a bench is the last before a race at which there is time to clean. */
function isRaceClean({ benches, works }: BikeProblem, d: number, minutes: readonly number[]) {
  const by = benches[d]?.raceBy ?? null;
  const least = Math.min(...works.filter((w) => w.deep).map((w) => w.handsOn));
  const hasTime = (e: number) => benches[e]?.mark === null && (minutes[e] ?? 0) >= least;
  if (by === null || !hasTime(d)) return false;
  for (let e = d + 1; (benches[e]?.day ?? Infinity) <= by; e++) if (hasTime(e)) return false;
  return true;
}

/** What is left of a chain at the end of the plan is worth what it would take to start anew. */
function lastValue(problem: BikeProblem): Float64Array {
  const value = new Float64Array(problem.coats.length * STATES);
  problem.coats.forEach((_, p) => {
    eachState((film, grit, n) => {
      value[p * STATES + n] = startAnew(problem, film, grit);
    });
  });
  return value;
}

function eachState(visit: (film: number, grit: Grit, n: number) => void): void {
  FILM.forEach((film, f) =>
    OUTSIDE.forEach((outside, o) =>
      INSIDE.forEach((inside, i) =>
        COGS.forEach((cogs, c) =>
          visit(film, { o: outside, i: inside, c: cogs }, f * GRITS + gritIndex(o, i, c)),
        ),
      ),
    ),
  );
}
