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
  let sum = 0;
  let first = 0;
  let second = 0;
  for (let n = 0; n < POINTS; n++) {
    const w = weights[n] as number;
    const ln = GRID[n] as number;
    sum += w;
    first += w * ln;
    second += w * ln * ln;
  }
  const mean = first / sum;
  const sd = Math.sqrt(Math.max(0, second / sum - mean ** 2));
  const shares = new Float64Array(POINTS);
  for (let n = 0; n < POINTS; n++) shares[n] = (weights[n] as number) / sum;
  return { shares, mid: Math.exp(mean), sd, seen };
}

/** Belief before anything is seen: log-normal about the handbook. */
export const priorBelief = (sigma: number): Belief =>
  beliefOf(
    GRID.map((ln) => Math.exp(-0.5 * (ln / sigma) ** 2)),
    0,
  );

/** How likely an observation is at each point of `GRID`, up to a constant. */
export type Likelihood = Float64Array;

/** Returns a likelihood from what it is when the logarithm of the factor is `ln`. */
export const likelihoodOf = (at: (ln: number) => number): Likelihood => GRID.map(at);

/** The factor, with a log-normal noise, lies between `from` (0: anywhere below `to`) and `to` (Infinity: above `from`). */
export function shownBetween(from: number, to: number, noise: number): Likelihood {
  const low = Math.log(from);
  const high = Math.log(to);
  const out = new Float64Array(POINTS);
  for (let n = 0; n < POINTS; n++) {
    const ln = GRID[n] as number;
    const atMost = to === Infinity ? 1 : normalShare((high - ln) / noise);
    out[n] = from === 0 ? atMost : atMost - normalShare((low - ln) / noise);
  }
  return out;
}

/** Bayes' rule on the grid. What is impossible under all that is believed teaches nothing. */
export const learn = (belief: Belief, likelihood: Likelihood): Belief =>
  relearn(belief, null, likelihood);

/**
 * Returns the belief with an observation that has become sharper: what it said before (null: nothing) is taken
 * out, what it says now put in. It counts once. `was` must be possible everywhere.
 */
export function relearn(belief: Belief, was: Likelihood | null, now: Likelihood): Belief {
  const weights = new Float64Array(POINTS);
  let any = false;
  for (let n = 0; n < POINTS; n++) {
    const w = ((belief.shares[n] as number) * (now[n] as number)) / (was ? (was[n] as number) : 1);
    weights[n] = w;
    any ||= w > 0;
  }
  return any ? beliefOf(weights, belief.seen + (was ? 0 : 1)) : belief;
}

/** Shares of a normal with `noise` below so many steps of the grid, from all of it below to all above. */
function sharesBySteps(noise: number): Float64Array {
  const known = tables.get(noise);
  if (known) return known;
  const step = (2 * REACH) / (POINTS - 1);
  const table = Float64Array.from({ length: 2 * POINTS - 1 }, (_, k) =>
    normalShare(((k - POINTS + 1) * step) / noise),
  );
  tables.set(noise, table);
  return table;
}
const tables = new Map<number, Float64Array>();

/**
 * Returns the factor below which the next case lies with a probability `p`, its own log-normal noise included, if
 * it is known to lie above `above`. `without`: an observation that is not to count. Exact to a few ten
 * thousandths: straight between the points of the grid.
 */
export function quantileOf(
  { shares }: Belief,
  p: number,
  { noise, above = 0, without }: { noise: number; above?: number; without?: Likelihood | null },
): number {
  const table = sharesBySteps(noise);
  const weights = new Float64Array(POINTS);
  let all = 0;
  for (let n = 0; n < POINTS; n++) {
    const share = shares[n] as number;
    all += weights[n] = without ? share / (without[n] as number) : share;
  }
  // Share of belief, with its noise, below a point of the grid.
  const below = (at: number): number => {
    let sum = 0;
    for (let n = 0; n < POINTS; n++)
      sum += (weights[n] as number) * (table[at - n + POINTS - 1] as number);
    return sum;
  };
  const place = ((Math.log(above) + REACH) / (2 * REACH)) * (POINTS - 1);
  const from = Math.min(POINTS - 2, Math.max(0, Math.floor(place)));
  const base = place <= 0 ? 0 : below(from) + (place - from) * (below(from + 1) - below(from));
  const wanted = base + p * (all - base);
  let low = 0;
  let high = POINTS - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (below(middle) < wanted) low = middle;
    else high = middle;
  }
  const a = below(low);
  const b = below(high);
  const share = b > a ? Math.min(1, Math.max(0, (wanted - a) / (b - a))) : 0;
  return Math.max(above, Math.exp((GRID[low] as number) + (share * (2 * REACH)) / (POINTS - 1)));
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

/** The value below which a share p, between 0 and 1, of a standard normal lies: `normalShare` turned round. */
export function normalQuantile(p: number): number {
  let low = -8;
  let high = 8;
  for (let n = 0; n < 50; n++) {
    const middle = (low + high) / 2;
    if (normalShare(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
