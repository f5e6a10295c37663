import type { Cells } from './cells';
import { luminances } from './clean';
import { maskOf, neighboursOf, regionsOf, spread } from './regions';

/** Neighbouring cells of one cloth differ by no more than this share of their light, in each colour. Own estimate. */
const STEP = 0.07;
/** Light below which a share tells nothing. */
const FLOOR = 0.01;
/** Nobody lays the rag at the edge: how far from the middle a cell counts for little. */
const REACH = 0.35;
/** Smaller than this share of the picture is no rag. */
const LEAST = 0.06;

/**
 * Returns the cells of the cloth that run into each other without a step: the largest bright region of little
 * colour about the middle. Marks on it are holes. Null where there is none.
 */
export function clothOf(cells: Cells): number[] | null {
  const { across, down, red, green, blue } = cells;
  const logs = [red, green, blue].map((c) => c.map((v) => Math.log(v + FLOOR)));
  const [r, g, b] = logs as [Float32Array, Float32Array, Float32Array];
  const alike = (log: Float32Array, one: number, other: number) =>
    Math.abs((log[one] as number) - (log[other] as number)) < STEP;
  const joins = (one: number, other: number) =>
    alike(r, one, other) && alike(g, one, other) && alike(b, one, other);
  const all = new Uint8Array(red.length).fill(1);
  const smooth = all.map((_, cell) =>
    neighboursOf(cell, across, all.length).filter((beside) => joins(cell, beside)).length >= 3
      ? 1
      : 0,
  );
  const light = luminances(cells);
  const worthOf = (region: readonly number[]): number =>
    region.reduce((sum, cell) => {
      const x = ((cell % across) + 0.5) / across - 0.5;
      const y = (Math.floor(cell / across) + 0.5) / down - 0.5;
      const central = Math.exp(-(x * x + y * y) / (2 * REACH * REACH));
      return sum + central * (light[cell] as number) * (1 - 0.5 * colourOf(cells, cell));
    }, 0);
  // What hangs on the cloth by a thread of a cell or two is none of it.
  const opened = (region: readonly number[]): number[] => {
    const thick = spread(spread(maskOf(region, all.length), across, -2), across, 2);
    return region.filter((cell) => thick[cell]);
  };
  const regions = regionsOf(smooth, across, joins)
    .filter((region) => region.length >= LEAST * all.length)
    .map(opened)
    .filter((region) => region.length >= LEAST * all.length)
    .map((region) => ({ region, worth: worthOf(region) }));
  return regions.sort((a, b) => b.worth - a.worth)[0]?.region ?? null;
}

/** How much colour there is in a cell: 0 grey, 1 pure. */
function colourOf({ red, green, blue }: Cells, cell: number): number {
  const three = [red[cell] as number, green[cell] as number, blue[cell] as number];
  const most = Math.max(...three);
  return most > 0 ? 1 - Math.min(...three) / most : 0;
}
