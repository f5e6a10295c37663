/**
 * The grid the value of a chain's state is kept on: film, and grit outside, inside and on the cogs. It is
 * dense where things turn: about the reserve, and at the standards' limits. Between its points values are
 * taken straight, one axis after the other.
 */
export const FILM = [0, 0.04, 0.08, 0.12, 0.15, 0.2, 0.3, 0.45, 0.6, 0.8, 1];
export const OUTSIDE = [0, 0.06, 0.15, 0.28, 0.4, 0.6, 1];
export const INSIDE = [0, 0.06, 0.15, 0.3, 0.5, 1];
export const COGS = [0, 0.3, 1];

export const FILMS = FILM.length;
const INSIDES = INSIDE.length;
const COGSES = COGS.length;
/** Grit points: outside slowest, then inside, then cogs. */
export const GRITS = OUTSIDE.length * INSIDES * COGSES;
/** Numbers as they are reckoned with, or as they are kept. */
export type Floats = Float64Array | Float32Array;

/** Values of one coat. */
export const STATES = FILMS * GRITS;

export const gritIndex = (o: number, i: number, c: number): number =>
  (o * INSIDES + i) * COGSES + c;

/** The point of an axis at or below x, all but the last. */
export function below(axis: readonly number[], x: number): number {
  let n = axis.length - 2;
  while (n > 0 && x < (axis[n] as number)) n -= 1;
  return n;
}

/** How far x lies from that point to the next, 0 to 1. */
export function part(axis: readonly number[], n: number, x: number): number {
  const a = axis[n] as number;
  const share = (x - a) / ((axis[n + 1] as number) - a);
  return share < 0 ? 0 : share > 1 ? 1 : share;
}

/** Place on the film axis: index and the share of the next. */
function filmPlace(film: number, out: { at: number; share: number }): void {
  out.at = below(FILM, film);
  out.share = part(FILM, out.at, film);
}

const CORNERS = 8;

/** Grit outside, inside and on the cogs, 0 to 1 each. */
export interface Grit {
  o: number;
  i: number;
  c: number;
}

/** Grit points and the weight of each, a row of corners after the other. */
interface Corners {
  readonly index: Int32Array;
  readonly weight: Float64Array;
}

/** The eight grit points around a state and their weights, written at `place` of `corners`. */
function gritCorners({ o, i, c }: Grit, { index, weight }: Corners, place: number): void {
  const no = below(OUTSIDE, o);
  const ni = below(INSIDE, i);
  const nc = below(COGS, c);
  const so = part(OUTSIDE, no, o);
  const si = part(INSIDE, ni, i);
  const sc = part(COGS, nc, c);
  for (let k = 0; k < CORNERS; k++) {
    const a = k >> 2;
    const b = (k >> 1) & 1;
    const d = k & 1;
    index[place + k] = gritIndex(no + a, ni + b, nc + d);
    weight[place + k] = (a ? so : 1 - so) * (b ? si : 1 - si) * (d ? sc : 1 - sc);
  }
}

const filmTo = { at: 0, share: 0 };

/** So many states of a chain, each by its place on the grid: what is looked up for many values is placed once. */
export class Spots implements Corners {
  readonly film: Int32Array;
  readonly share: Float64Array;
  readonly index: Int32Array;
  readonly weight: Float64Array;

  constructor(many: number) {
    this.film = new Int32Array(many);
    this.share = new Float64Array(many);
    this.index = new Int32Array(many * CORNERS);
    this.weight = new Float64Array(many * CORNERS);
  }

  /** Places the nth. */
  set(n: number, film: number, grit: Grit): void {
    filmPlace(film, filmTo);
    this.film[n] = filmTo.at;
    this.share[n] = filmTo.share;
    gritCorners(grit, this, n * CORNERS);
  }
}

/** The values at states, from the values of their coat, which start at `base`. */
export function valuesAt(
  values: Floats,
  base: number,
  { film, share, index, weight }: Spots,
  out: Float64Array,
): void {
  for (let n = 0; n < film.length; n++) {
    const low = base + (film[n] as number) * GRITS;
    let a = 0;
    let b = 0;
    for (let k = n * CORNERS; k < (n + 1) * CORNERS; k++) {
      const g = index[k] as number;
      const w = weight[k] as number;
      a += w * (values[low + g] as number);
      b += w * (values[low + GRITS + g] as number);
    }
    out[n] = a + (b - a) * (share[n] as number);
  }
}

const spot = new Spots(1);
const worth = new Float64Array(1);

/** The value at any state, from the values of its coat, which start at `base`. */
export function valueAt(values: Floats, base: number, film: number, grit: Grit): number {
  spot.set(0, film, grit);
  valuesAt(values, base, spot, worth);
  return worth[0] as number;
}
