import { effectOf, freshFilm } from './effect';
import {
  COGS,
  CORNERS,
  FILM,
  FILMS,
  gritCorners,
  GRITS,
  INSIDE,
  Move,
  movedValues,
  OUTSIDE,
  STATES,
  valueAt,
} from './grid';
import type { BenchSlot, BikeProblem, Work } from './problem';
import { allowedAt, minutesOf, mustWork } from './rules';
import { priceOf, weighedPrice } from './terms';
import { rustPerHour } from '../../care';
import { towelledFor } from './wetness';

const films = FILMS;
const grits = GRITS;
const states = STATES;

/** Larger than any plan costs: where a pin leaves no choice. */
const NEVER = 1e9;

/** What a day allows. */
interface Evening {
  minutes: number;
  shared: boolean;
  /** A race is near, and this is its evening. */
  mustClean: boolean;
  /** How long a chain that comes home wet stays so. */
  wetHours: number;
}

/**
 * The value of each state before a day's decision: the best of doing nothing and of what the rules allow,
 * for a chain that comes dry (`best`) and one that comes wet (`bestWet`). Works that put a new coat on
 * leave the same film whatever was there, so that each is looked up once for all films.
 */
export function decide(
  problem: BikeProblem,
  d: number,
  after: Float64Array,
  { minutes, shared, mustClean, wetHours }: Evening,
): { best: Float64Array; bestWet: Float64Array } {
  const best = new Float64Array(after.length);
  const bestWet = new Float64Array(after.length);
  const bench = problem.benches[d];
  if (!bench) throw new Error(`No bench ${d}`);
  const coated = new Float64Array(grits);
  const looked = new Map<Work, Float64Array>();
  const valueOf = (work: Work): Float64Array => {
    const known = looked.get(work);
    if (known) return known;
    const values = lookUp(problem, work, after, shared);
    looked.set(work, values);
    return values;
  };
  problem.coats.forEach((coat, p) => {
    const wiped = new Map<Work, Float64Array>();
    for (const wet of wetHours > 0 ? [false, true] : [false]) {
      const out = wet ? bestWet : best;
      const on = { family: coat.family, coat: p, wet, minutes, shared };
      const can = allowedAt(problem.works, bench, on);
      const cleans = mustClean ? can.filter((w) => w.deep) : [];
      const allowed = cleans.length > 0 ? cleans : can;
      const forced = cleans.length > 0 || mustWork(bench, allowed);
      coated.fill(NEVER);
      for (const work of allowed)
        if (work.coat !== null) lessOf(coated, valueOf(work), 0, weighedPrice(problem, work, coat));
      for (let f = 0; f < films; f++) {
        const rust = wet ? problem.prices.rust * rustPerHour(FILM[f] as number) * wetHours : 0;
        const base = p * states + f * grits;
        for (let g = 0; g < grits; g++) {
          const nothing = forced ? NEVER : (after[base + g] as number) + rust;
          const coat = coated[g] as number;
          out[base + g] = nothing < coat ? nothing : coat;
        }
      }
      for (const work of allowed) {
        if (work.coat !== null) continue;
        const price = priceOf(work, minutesOf(work, shared), problem.prices);
        const values = wiped.get(work) ?? wipedValues(work, after, p, price);
        wiped.set(work, values);
        lessOf(out, wet ? stillWet(problem, values, bench, wetHours) : values, p * states);
      }
    }
  });
  if (wetHours <= 0) bestWet.set(best);
  return { best, bestWet };
}

/** The values of wiping a wet chain: towelled only, it rusts on inside for a while. */
function stillWet(
  { prices }: BikeProblem,
  values: Float64Array,
  bench: BenchSlot,
  wetHours: number,
): Float64Array {
  const hours = Math.min(wetHours, towelledFor(bench.air));
  return values.map(
    (v, n) => v + prices.rust * rustPerHour(FILM[Math.floor(n / grits)] as number) * hours,
  );
}

/** Writes the lesser of two into the first array, from an index on; the second is dearer by `more`. */
function lessOf(into: Float64Array, values: Float64Array, from: number, more = 0): void {
  for (let n = 0; n < values.length; n++) {
    const value = (values[n] as number) + more;
    if (value < (into[from + n] as number)) into[from + n] = value;
  }
}

/** The value of each grit point if a work puts a new coat on it. */
function lookUp(problem: BikeProblem, work: Work, after: Float64Array, shared: boolean) {
  const left = effectOf(work);
  const price = priceOf(work, minutesOf(work, shared), problem.prices);
  const base = (work.coat ?? 0) * states;
  const values = new Float64Array(grits);
  let g = 0;
  for (const o of OUTSIDE)
    for (const i of INSIDE)
      for (const c of COGS) {
        const film = freshFilm(i * left.i);
        values[g++] =
          price +
          valueAt(after, base, film, {
            o: o * left.o,
            i: i * left.i,
            c: c * left.c,
          });
      }
  return values;
}

/** The value of each state of a coat if a work wipes it: the film stays, but for its share. */
function wipedValues(work: Work, after: Float64Array, p: number, price: number) {
  const values = new Float64Array(states);
  movedValues(after, p * states, moveOf(work), values);
  for (let n = 0; n < states; n++) values[n] = (values[n] as number) + price;
  return values;
}

const moves = new WeakMap<Work, Move>();

/** Where a work that wipes leads from each state: the same on every day. */
function moveOf(work: Work): Move {
  const known = moves.get(work);
  if (known) return known;
  const move = new Move();
  const left = effectOf(work);
  FILM.forEach((film, f) => {
    move.film[f] = film * left.film;
  });
  let g = 0;
  for (const o of OUTSIDE)
    for (const i of INSIDE)
      for (const c of COGS)
        gritCorners({ o: o * left.o, i: i * left.i, c: c * left.c }, move, CORNERS * g++);
  moves.set(work, move);
  return move;
}
