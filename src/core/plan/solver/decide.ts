import { effectOf, freshFilm } from './effect';
import { COGS, FILM, FILMS, GRITS, INSIDE, OUTSIDE, Spots, STATES, valuesAt } from './grid';
import { Move, movedValues } from './move';
import type { BenchSlot, BikeProblem, Work } from './problem';
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
  bench: BenchSlot;
  minutes: number;
  shared: boolean;
  /** A race is near, and this is its evening. */
  mustClean: boolean;
  /** How long a chain that comes home wet stays so. */
  wetHours: number;
}

/** The values of each state of a chain that comes dry, and of one that comes wet. */
export interface Ways {
  dry: Float64Array;
  wet: Float64Array;
}

/** A coat that comes dry or wet: what may be done to it, and the values of its states, written over. */
interface Coming {
  allowed: readonly Work[];
  values: Float64Array;
  isWet: boolean;
}

/** The values of a coat's states once it is wiped. */
const wiped = new Float64Array(states);
/** What putting on the cheapest coat is worth at each grit point. */
const cheapest = new Float64Array(grits);
/** What rust costs each film: of a dry chain, of a wet one that is left so, of one that is towelled. */
const rust = {
  none: new Float64Array(films),
  left: new Float64Array(films),
  towelled: new Float64Array(films),
};

/**
 * The value of each state before a day's decision: the best of doing nothing and of what the rules allow,
 * for a chain that comes dry and one that comes wet, written over `best`. Works that put a new coat on
 * leave the same film whatever was there, so that each is looked up once for all films.
 */
export function decide(
  problem: BikeProblem,
  after: Float64Array,
  { bench, minutes, shared, mustClean, wetHours }: Evening,
  best: Ways,
): void {
  rustOver(problem, wetHours, rust.left);
  rustOver(problem, Math.min(wetHours, towelledFor(bench.air)), rust.towelled);
  const looked = new Map<Work, Float64Array>();
  const valueOf = (work: Work): Float64Array => {
    const known = looked.get(work);
    if (known) return known;
    const values = lookUp(problem, work, after, shared);
    looked.set(work, values);
    return values;
  };
  problem.coats.forEach((coat, p) => {
    const from = p * states;
    const coming = (wetHours > 0 ? [false, true] : [false]).map((isWet): Coming => {
      const values = (isWet ? best.wet : best.dry).subarray(from, from + states);
      const on = { family: coat.family, coat: p, wet: isWet, minutes, shared };
      const can = allowedAt(problem.works, bench, on);
      const cleans = mustClean ? can.filter((w) => w.deep) : [];
      const allowed = cleans.length > 0 ? cleans : can;
      const forced = cleans.length > 0 || mustWork(bench, allowed);
      cheapest.fill(NEVER);
      for (const work of allowed)
        if (work.coat !== null) lessOf(cheapest, valueOf(work), weighedPrice(problem, work, coat));
      values.set(after.subarray(from, from + states));
      const rusts = isWet ? rust.left : rust.none;
      for (let f = 0; f < films; f++)
        leaveOrCoat(values, f * grits, forced ? NEVER : (rusts[f] as number), cheapest);
      return { allowed, values, isWet };
    });
    for (const work of problem.works) {
      const may = work.coat === null ? coming.filter((c) => c.allowed.includes(work)) : [];
      if (may.length === 0) continue;
      movedValues(after, from, moveOf(work), wiped);
      const price = priceOf(work, minutesOf(work, shared), problem.prices);
      for (const { values, isWet } of may)
        orWiped(values, price, isWet ? rust.towelled : rust.none);
    }
  });
  if (wetHours <= 0) best.wet.set(best.dry);
}

/** What rust costs a chain that stays wet for so many hours, film by film. */
function rustOver({ prices }: BikeProblem, hours: number, out: Float64Array): void {
  for (let f = 0; f < films; f++) out[f] = prices.rust * rustPerHour(FILM[f] as number) * hours;
}

/** Of a film's grit points, from an index on: left as they are, for what that costs, or the cheapest coat where that is less. */
function leaveOrCoat(values: Float64Array, from: number, cost: number, coats: Float64Array): void {
  for (let g = 0, n = from; g < coats.length; g++, n++) {
    const left = (values[n] as number) + cost;
    const coat = coats[g] as number;
    values[n] = left < coat ? left : coat;
  }
}

/** Each state of a coat as it is, or wiped for a price and what rust costs meanwhile, where that is less. */
function orWiped(values: Float64Array, price: number, rusts: Float64Array): void {
  for (let f = 0, n = 0; f < films; f++)
    for (let g = 0; g < grits; g++, n++) {
      const value = (wiped[n] as number) + price + (rusts[f] as number);
      if (value < (values[n] as number)) values[n] = value;
    }
}

/** Writes the lesser of two into the first array; the second is dearer by `more`. */
function lessOf(into: Float64Array, values: Float64Array, more: number): void {
  for (let n = 0; n < values.length; n++) {
    const value = (values[n] as number) + more;
    if (value < (into[n] as number)) into[n] = value;
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

const moves = new WeakMap<Work, Move>();

/** Where a work that wipes leads from each state, whose film stays but for its share: the same on every day. */
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
