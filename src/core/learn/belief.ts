/**
 * What is believed of a factor on a handbook figure (1: the handbook is right), as shares on a grid
 * over its logarithm. Immutable: an observation returns a new one.
 */
export interface Belief {
  /** Share of belief at each point of `GRID`; they sum to 1. */
  shares: Float64Array;
  /** Geometric mean: the factor to reckon with. */
  mid: number;
  /** Standard deviation of the logarithm. */
  sd: number;
  /** Observations it rests on. */
  seen: number;
}

/** Logarithms of the factors considered: a sixth to six times the handbook, in steps of some 2 %. */
const REACH = Math.log(6);
const POINTS = 181;
export const GRID: Float64Array = Float64Array.from(
  { length: POINTS },
  (_, n) => -REACH + (2 * REACH * n) / (POINTS - 1),
);

function beliefOf(weights: Float64Array, seen: number): Belief {
  const sum = weights.reduce((a, b) => a + b, 0);
  const shares = weights.map((w) => w / sum);
  const mean = shares.reduce((m, s, n) => m + s * (GRID[n] as number), 0);
  const variance = shares.reduce((v, s, n) => v + s * ((GRID[n] as number) - mean) ** 2, 0);
  return { shares, mid: Math.exp(mean), sd: Math.sqrt(variance), seen };
}

/** Belief before anything is seen: log-normal about the handbook. */
export const priorBelief = (sigma: number): Belief =>
  beliefOf(
    GRID.map((ln) => Math.exp(-0.5 * (ln / sigma) ** 2)),
    0,
  );

/** Returns how likely the observation is when the logarithm of the factor is `ln`, up to a constant. */
export type Likelihood = (ln: number) => number;

/** The factor showed itself as `x`, with a log-normal noise. */
export const shownAs =
  (x: number, noise: number): Likelihood =>
  (ln) =>
    Math.exp(-0.5 * ((Math.log(x) - ln) / noise) ** 2);

/** All that is known is that the factor, with its noise, lies above `x` (a censored observation). */
export const shownAbove =
  (x: number, noise: number): Likelihood =>
  (ln) =>
    normalShare((ln - Math.log(x)) / noise);

/**
 * Bayes' rule on the grid. An observation that is impossible under all that is believed teaches
 * nothing and leaves the belief as it was.
 */
export function learn(belief: Belief, likelihood: Likelihood): Belief {
  const weights = belief.shares.map((share, n) => share * likelihood(GRID[n] as number));
  return weights.some((w) => w > 0) ? beliefOf(weights, belief.seen + 1) : belief;
}

/**
 * Share of a standard normal below z: Abramowitz and Stegun, Handbook of Mathematical Functions,
 * formula 26.2.17; off by 7.5e-8 at most.
 */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const series =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)) * series;
  return z >= 0 ? 1 - tail : tail;
}
