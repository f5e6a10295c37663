import type { Picture } from './cells';

/** A step is looked for over this share of the longer side. */
const OVER = 1 / 160;
/** The steepest step in a thousand, as a share of all there is between dark and light, in a sharp picture. Own estimate. */
const SHARP = 0.3;
const STEEPEST = 0.999;
/** Less than so many steps of 255 between dark and light, and no edge is there to judge by. */
const LEAST_RANGE = 30;
/** Of dark and light, the outermost hundredth counts for nothing. */
const END = 0.01;

/** Returns whether the edges in a picture are as steep as of one in focus and held still. */
export function isSharp({ width, height, rgba }: Picture): boolean {
  const by = Math.max(1, Math.round(Math.max(width, height) * OVER));
  const [levels, steps] = [new Uint32Array(256), new Uint32Array(256)];
  // Green is most of what the eye sees.
  const at = (x: number, y: number) => rgba[4 * (y * width + x) + 1] as number;
  const count = (of: Uint32Array, value: number) => ((of[value] as number) += 1);
  for (let y = 0; y + by < height; y++)
    for (let x = 0; x + by < width; x++) {
      const here = at(x, y);
      count(levels, here);
      count(steps, Math.max(Math.abs(at(x + by, y) - here), Math.abs(at(x, y + by) - here)));
    }
  const range = quantile(levels, 1 - END) - quantile(levels, END);
  return range < LEAST_RANGE || quantile(steps, STEEPEST) >= SHARP * range;
}

/** The value below which a share of a tally lies. */
function quantile(tally: Uint32Array, share: number): number {
  const all = tally.reduce((sum, n) => sum + n, 0);
  let below = 0;
  return tally.findIndex((n) => (below += n) >= share * all);
}
