import { LINEAR } from './light';

/** A picture as a canvas gives it: four bytes a pixel, row by row. */
export interface Picture {
  width: number;
  height: number;
  rgba: Uint8ClampedArray;
}

/** A picture in squares: the mean light of each, which noise and weave hardly touch. */
export interface Cells {
  across: number;
  down: number;
  /** Linear red, green and blue of each cell, row by row. */
  red: Float32Array;
  green: Float32Array;
  blue: Float32Array;
  /** Share of its pixels with a colour at 255 or 0, where a camera says no more. */
  clipped: Float32Array;
}

/** Cells along the longer side. */
const CELLS_LONG = 200;

/** Returns the mean light of a picture in squares, some 200 along its longer side. */
export function cellsOf({ width, height, rgba }: Picture): Cells {
  const size = Math.max(1, Math.round(Math.max(width, height) / CELLS_LONG));
  const [across, down] = [Math.floor(width / size), Math.floor(height / size)];
  const layer = () => new Float32Array(across * down);
  const cells = { across, down, red: layer(), green: layer(), blue: layer(), clipped: layer() };
  const { red, green, blue, clipped } = cells;
  for (let y = 0; y < down * size; y++) {
    const row = Math.floor(y / size) * across;
    for (let x = 0; x < across * size; x++) {
      const at = 4 * (y * width + x);
      const cell = row + Math.floor(x / size);
      const [r, g, b] = [rgba[at] as number, rgba[at + 1] as number, rgba[at + 2] as number];
      (red[cell] as number) += LINEAR[r] as number;
      (green[cell] as number) += LINEAR[g] as number;
      (blue[cell] as number) += LINEAR[b] as number;
      if (Math.max(r, g, b) === 255 || Math.min(r, g, b) === 0) (clipped[cell] as number) += 1;
    }
  }
  const pixels = size * size;
  for (const values of [red, green, blue, clipped])
    for (let n = 0; n < values.length; n++) (values[n] as number) /= pixels;
  return cells;
}
