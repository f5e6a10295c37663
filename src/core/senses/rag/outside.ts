import { CARE, SWATCH_LEVELS } from '../../care/model/constants';
import { clamp } from '../../units/convert';
import { absorberOf, reflectanceOf } from './absorber';
import type { RagReading } from './read';

/**
 * Dirt outside by what a rag's mark takes of the light, K/S: the five drawn swatches as they are drawn, by area over
 * the mark of each, so that eye and camera say the same. What lies beyond them is an own estimate.
 */
export const OUTSIDE_BY_ABSORBER: readonly (readonly [absorber: number, outside: number])[] = [
  [0, 0],
  [0.0103, SWATCH_LEVELS[0]],
  [0.195, SWATCH_LEVELS[1]],
  [1.1, SWATCH_LEVELS[2]],
  [4.65, SWATCH_LEVELS[3]],
  [17.2, SWATCH_LEVELS[4]],
  [70, 1],
];

/** Returns dirt outside, 0 to 1, for the K/S of a mark: straight between the rows of the table, in its logarithm. */
export function outsideOf(absorber: number): number {
  const next = OUTSIDE_BY_ABSORBER.findIndex(([a]) => absorber < a);
  if (next < 0) return 1;
  const [a, low] = OUTSIDE_BY_ABSORBER[next - 1] ?? [0, 0];
  const [b, high] = OUTSIDE_BY_ABSORBER[next] as readonly [number, number];
  const share = a === 0 ? absorber / b : Math.log(absorber / a) / Math.log(b / a);
  return low + share * (high - low);
}

/** What a wipe leaves on the rag of the same dirt: harder or softer, here or there. Own estimate, of `outside`. */
const WIPE_SD = 0.04;

/** What was photographed, as the log keeps it. */
export interface RagValue {
  absorber: number;
  outside: number;
  /** Standard deviation of `outside`. */
  sd: number;
  patches: number;
  /** The swatch it equals, 1 to 5. */
  swatch: number;
}

/** Several readings of one rag, or of one chain's rags, as one: their mean, with what they differ by. */
export function together(readings: readonly [RagReading, ...RagReading[]]): RagReading {
  const n = readings.length;
  const mean = (of: (r: RagReading) => number) => readings.reduce((sum, r) => sum + of(r), 0) / n;
  const absorber = mean((r) => r.absorber);
  const middle = mean((r) => r.reflectance);
  const between = n > 1 ? mean((r) => (r.reflectance - middle) ** 2) / (n - 1) : 0;
  return {
    absorber,
    reflectance: reflectanceOf(absorber),
    // A camera's curve and the light are the same in all: their share does not shrink with more of them.
    sd: Math.hypot(
      mean((r) => r.sd),
      Math.sqrt(between),
    ),
    patches: readings.reduce((sum, r) => sum + r.patches, 0),
  };
}

/** Returns the dirt a reading stands for, with its error; `shift`: this rider's own, see `shiftOf`. */
export function ragValue({ absorber, reflectance, sd, patches }: RagReading, shift = 0): RagValue {
  const by = (r: number) => shifted(outsideOf(absorberOf(r)), shift);
  const outside = shifted(outsideOf(absorber), shift);
  const slope = Math.abs(by(reflectance - sd) - by(reflectance + sd)) / 2;
  return { absorber, outside, sd: Math.hypot(WIPE_SD, slope), patches, swatch: swatchOf(outside) };
}

/** The swatch nearest to so much dirt, 1 to 5. */
export const swatchOf = (outside: number): number =>
  1 +
  SWATCH_LEVELS.reduce(
    (best, level, n) =>
      Math.abs(level - outside) < Math.abs((SWATCH_LEVELS[best] as number) - outside) ? n : best,
    0,
  );

/** A photograph, and the swatch the rider picked beside it. */
export interface Pair {
  absorber: number;
  picked: number;
}

/** Fewer pairs than this shift nothing. */
const FEWEST_PAIRS = 2;
/** How far one rider's eye, rag and camera lie from the table before any pair, in its logit. Own estimate. */
const SHIFT_SD = 0.5;

/**
 * Returns by how much this rider's table lies above ours, in its logit: the normal posterior of what the pairs differ
 * by, each as good as a swatch picked by eye.
 */
export function shiftOf(pairs: readonly Pair[]): number {
  if (pairs.length < FEWEST_PAIRS) return 0;
  let [sum, weight] = [0, SHIFT_SD ** -2];
  for (const { absorber, picked } of pairs) {
    const level = SWATCH_LEVELS[picked - 1] ?? outsideOf(absorber);
    const noise = CARE.swatchNoise.value / (level * (1 - level));
    sum += (logit(level) - logit(outsideOf(absorber))) / noise ** 2;
    weight += noise ** -2;
  }
  return sum / weight;
}

const logit = (p: number): number => {
  const within = clamp(p, 0.02, 0.98);
  return Math.log(within / (1 - within));
};

const shifted = (outside: number, shift: number): number =>
  shift === 0 || outside <= 0 || outside >= 1
    ? outside
    : 1 / (1 + Math.exp(-Math.log(outside / (1 - outside)) - shift));
