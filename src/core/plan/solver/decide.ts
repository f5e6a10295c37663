import { effectOf, freshFilm } from './effect';
import { COGS, FILM, FILMS, GRITS, INSIDE, OUTSIDE, Spots, STATES, valuesAt } from './grid';
import { Move, movedValues } from './move';
import type { BikeProblem, Work } from './problem';
import { allowedAt, minutesOf, mustWork } from './rules';
import { priceOf, weighedPrice } from './terms';
import { rustPerHour } from '../../care/model/stand';
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
  const rustsFor = Math.min(wetHours, towelledFor(bench.air));
  const cheapest = new Float64Array(grits);
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
      cheapest.fill(NEVER);
      for (const work of allowed)
        if (work.coat !== null)
          lessOf(cheapest, valueOf(work), 0, weighedPrice(problem, work, coat));
      out.set(after.subarray(p * states, (p + 1) * states), p * states);
      for (let f = 0; f < films; f++) {
        const rust = wet ? problem.prices.rust * rustPerHour(FILM[f] as number) * wetHours : 0;
        leaveOrCoat(out, p * states + f * grits, forced ? NEVER : rust, cheapest);
      }
      for (const work of allowed) {
        if (work.coat !== null) continue;
        const price = priceOf(work, minutesOf(work, shared), problem.prices);
        const values = wiped.get(work) ?? wipedValues(work, after, p);
        wiped.set(work, values);
        if (wet) lessOf(out, stillWet(problem, values, price, rustsFor), p * states);
        else lessOf(out, values, p * states, price);
      }
    }
  });
  if (wetHours <= 0) bestWet.set(best);
  return { best, bestWet };
}

/** Of a film's grit points, from an index on: left as they are, for what that costs, or the cheapest coat where that is less. */
function leaveOrCoat(values: Float64Array, from: number, cost: number, coats: Float64Array): void {
  for (let g = 0, n = from; g < coats.length; g++, n++) {
    const left = (values[n] as number) + cost;
    const coat = coats[g] as number;
    values[n] = left < coat ? left : coat;
  }
}

/** The values of wiping a wet chain for a price: towelled only, it rusts on inside for so many hours. */
function stillWet(
  { prices }: BikeProblem,
  wiped: Float64Array,
  price: number,
  hours: number,
): Float64Array {
  const values = new Float64Array(states);
  for (let f = 0, n = 0; f < films; f++) {
    const rust = prices.rust * rustPerHour(FILM[f] as number) * hours;
    for (let g = 0; g < grits; g++, n++) values[n] = (wiped[n] as number) + price + rust;
  }
  return values;
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
  const price = priceOf(work, minutesOf(work, shared), problem.prices);
  const values = new Float64Array(grits);
  valuesAt(after, (work.coat ?? 0) * states, freshOf(work), values);
  for (let g = 0; g < grits; g++) values[g] = price + (values[g] as number);
  return values;
}

const coated = new WeakMap<Work, Spots>();

/** Where a work that puts a new coat on leads from each grit point: the same on every day, whatever film there was. */
function freshOf(work: Work): Spots {
  const known = coated.get(work);
  if (known) return known;
  const spots = new Spots(grits);
  const left = effectOf(work);
  eachGrit((o, i, c, g) =>
    spots.set(g, freshFilm(i * left.i), { o: o * left.o, i: i * left.i, c: c * left.c }),
  );
  coated.set(work, spots);
  return spots;
}

/** Calls with each grit point of the grid and its index. */
function eachGrit(visit: (o: number, i: number, c: number, g: number) => void): void {
  let g = 0;
  for (const o of OUTSIDE) for (const i of INSIDE) for (const c of COGS) visit(o, i, c, g++);
}

/** The value of each state of a coat once a work has wiped it: the film stays, but for its share. */
function wipedValues(work: Work, after: Float64Array, p: number) {
  const values = new Float64Array(states);
  movedValues(after, p * states, moveOf(work), values);
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
  OUTSIDE.forEach((outside, o) =>
    COGS.forEach((cogs, c) => move.setPair(o, c, outside * left.o, cogs * left.c)),
  );
  eachGrit((_, i, __, g) => move.setInside(g, i * left.i));
  moves.set(work, move);
  return move;
}
