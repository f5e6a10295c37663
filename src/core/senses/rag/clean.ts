import { median } from 'simple-statistics';
import type { Cells } from './cells';
import { luminanceOf } from './light';

/** Logarithm of light as a plane over the picture: at its middle, and from edge to edge. */
type Plane = readonly [middle: number, across: number, down: number];

/** How clean cloth is lit, wherever on the rag: what a mark is held against. */
export interface Clean {
  /** Of red, green and blue. */
  planes: readonly [Plane, Plane, Plane];
  /** Scatter of clean cells about it, as a share of their light. */
  scatter: number;
  /** Light of the brightest clean cells over the darkest's, less one. */
  uneven: number;
  /** The clean cells. */
  cells: number[];
}

/** No light at all has no logarithm. Far below what a lit cloth gives. */
const DARK = 1e-4;
/** Scatter below which nothing is darker than cloth by chance. Own estimate: the weave of a rag. */
const WEAVE = 0.012;
/** A cell darker by so many times the scatter is no longer clean. */
const STAINED = 3;
const ROUNDS = 5;
/** The brightest and darkest of a hundred clean cells are left out of what the light does across them. */
const EDGE = 0.03;

/** Returns the luminance of every cell. */
export const luminances = ({ red, green, blue }: Colours): Float32Array =>
  red.map((value, n) => luminanceOf(value, green[n] as number, blue[n] as number));

/**
 * Returns how clean cloth is lit, from cells most of which are clean: a plane through their light, fitted again and
 * again with less weight on what is darker than it. Null where there are too few to tell.
 */
export function cleanOf(cells: Cells, candidates: readonly number[]): Clean | null {
  if (candidates.length < 12) return null;
  const light = luminances(cells);
  const at = placesOf(cells);
  const log = (cell: number) => Math.log((light[cell] as number) + DARK);
  const { plane, scatter } = mostly(some(candidates), log, at);
  const kept = candidates.filter(
    (cell) => Math.abs(log(cell) - valueOf(plane, at(cell))) < STAINED * scatter,
  );
  if (kept.length < 12) return null;
  const few = some(kept);
  const places = few.map(at);
  const planeOf = (values: Float32Array): Plane =>
    fitted(
      places,
      few.map((cell) => Math.log((values[cell] as number) + DARK)),
      few.map(() => 1),
    );
  const own = kept.map((cell) => light[cell] as number).sort((a, b) => a - b);
  const edge = Math.floor(EDGE * own.length);
  return {
    planes: [planeOf(cells.red), planeOf(cells.green), planeOf(cells.blue)],
    scatter,
    uneven: (own[own.length - 1 - edge] as number) / (own[edge] as number) - 1,
    cells: kept,
  };
}

/** A plane through most of some cells, and how far they scatter about it. */
function mostly(
  cells: readonly number[],
  log: (cell: number) => number,
  at: (cell: number) => Place,
): { plane: Plane; scatter: number } {
  const places = cells.map(at);
  const logs = cells.map(log);
  let weights = cells.map(() => 1);
  let scatter = WEAVE;
  let plane: Plane = [0, 0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    plane = fitted(places, logs, weights);
    const off = logs.map((value, n) => value - valueOf(plane, places[n] as Place));
    scatter = Math.max(WEAVE, 1.48 * median(off.map(Math.abs)));
    weights = off.map((e) => (e > -2 * scatter ? 1 : ((2 * scatter) / e) ** 2));
  }
  return { plane, scatter };
}

/** A plane is as good through so many cells as through all. */
const ENOUGH = 3000;
const some = (cells: readonly number[]): readonly number[] => {
  const step = Math.ceil(cells.length / ENOUGH);
  return step <= 1 ? cells : cells.filter((_, n) => n % step === 0);
};

/**
 * Returns the reflectance of every cell beside clean cloth at the same spot, by colour: each divided by the cloth's own
 * (von Kries 1902), so that light, exposure and the cloth's colour cancel.
 */
export function besideClean(cells: Cells, { planes }: Clean): Colours {
  const [red, green, blue] = planes;
  return {
    red: divided(cells, cells.red, red),
    green: divided(cells, cells.green, green),
    blue: divided(cells, cells.blue, blue),
  };
}

/** A figure a cell, of red, green and blue. */
export type Colours = Pick<Cells, 'red' | 'green' | 'blue'>;

/** A colour over the cloth's, which is a plane in the logarithm: from cell to cell it grows by the same share. */
function divided({ across, down }: Cells, values: Float32Array, [middle, x, y]: Plane) {
  const out = new Float32Array(values.length);
  const grows = Math.exp(x / across);
  for (let row = 0; row < down; row++) {
    let cloth = Math.exp(middle + x * (0.5 / across - 0.5) + y * ((row + 0.5) / down - 0.5));
    for (let cell = row * across; cell < (row + 1) * across; cell++) {
      out[cell] = (values[cell] as number) / cloth;
      cloth *= grows;
    }
  }
  return out;
}

type Place = readonly [number, number];

/** Where a cell lies, from -0.5 to 0.5 each way. */
const placesOf =
  ({ across, down }: Cells) =>
  (cell: number): Place => [
    ((cell % across) + 0.5) / across - 0.5,
    (Math.floor(cell / across) + 0.5) / down - 0.5,
  ];

const valueOf = ([middle, across, down]: Plane, [x, y]: Place): number =>
  middle + across * x + down * y;

/** The plane with the least weighted squares: the normal equations, by Cramer's rule. */
function fitted(
  places: readonly Place[],
  values: readonly number[],
  weights: readonly number[],
): Plane {
  let [n, sx, sy, sxx, sxy, syy, sv, sxv, syv] = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  places.forEach(([x, y], k) => {
    const [w, v] = [weights[k] as number, values[k] as number];
    n += w;
    sx += w * x;
    sy += w * y;
    sxx += w * x * x;
    sxy += w * x * y;
    syy += w * y * y;
    sv += w * v;
    sxv += w * x * v;
    syv += w * y * v;
  });
  const det = determinant([n, sx, sy, sx, sxx, sxy, sy, sxy, syy]);
  if (Math.abs(det) < 1e-9) return [sv / n, 0, 0];
  return [
    determinant([sv, sx, sy, sxv, sxx, sxy, syv, sxy, syy]) / det,
    determinant([n, sv, sy, sx, sxv, sxy, sy, syv, syy]) / det,
    determinant([n, sx, sv, sx, sxx, sxv, sy, sxy, syv]) / det,
  ];
}

type Nine = [number, number, number, number, number, number, number, number, number];
const determinant = ([a, b, c, d, e, f, g, h, i]: Nine): number =>
  a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
