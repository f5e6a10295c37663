import { GRID } from '../learn/belief';
import { logLikelihoodOfCoat, type Evidence } from './evidence';
import type { Prior } from './noise';

/** Width of a step of the grid, in logarithms. */
const STEP = (GRID[1] as number) - (GRID[0] as number);
/** Sigma of where both habits lie together, about the handbook: wide, so that only their difference is believed about. Own choice. */
const BOTH_SIGMA = 0.7;

/** Less than this is nothing beside the rest. */
const LEAST = 1e-12;

/** What is believed of the ratio of two habits, A over B: shares at even steps of its logarithm from `-reach` on. */
export interface RatioBelief {
  shares: Float64Array;
  step: number;
  reach: number;
}

/** How likely all coats of a habit are at each of its means. */
function armLikelihood(coats: readonly Evidence[], sigma: number, oddShare: number): Float64Array {
  const all = new Float64Array(GRID.length);
  for (const coat of coats) {
    const one = logLikelihoodOfCoat(coat, sigma, oddShare);
    for (let n = 0; n < all.length; n++) (all[n] as number) += one[n] as number;
  }
  return all;
}

/**
 * Bayes' rule on a grid over the means of both habits and how much coats vary: what is believed of A over B after the coats
 * of each. Coats are independent and normal in logarithms, but for the odd share.
 */
export function ratioOf(
  a: readonly Evidence[],
  b: readonly Evidence[],
  { ratioSigma, sigmas, oddShare }: Prior,
): RatioBelief {
  const points = GRID.length;
  const shares = new Float64Array(2 * points - 1);
  const arms = sigmas.map(({ sigma, share }) => ({
    logShare: Math.log(share),
    a: armLikelihood(a, sigma, oddShare),
    b: armLikelihood(b, sigma, oddShare),
  }));
  const highest = Math.max(...arms.map((s) => s.logShare + Math.max(...s.a) + Math.max(...s.b)));
  const ofRatio = shares.map((_, d) =>
    Math.exp(-0.5 * (((d - points + 1) * STEP) / ratioSigma) ** 2),
  );
  // Indexed by the sum of both places: the mean of the two.
  const ofBoth = shares.map((_, s) =>
    Math.exp(-0.5 * (((GRID[0] as number) + (s * STEP) / 2) / BOTH_SIGMA) ** 2),
  );
  for (const arm of arms) {
    const [topA, topB] = [Math.max(...arm.a), Math.max(...arm.b)];
    const scale = Math.exp(arm.logShare + topA + topB - highest);
    const likelyA = arm.a.map((l) => Math.exp(l - topA));
    const likelyB = arm.b.map((l) => Math.exp(l - topB));
    for (let m = 0; m < points; m++) {
      const la = scale * (likelyA[m] as number);
      if (la < LEAST) continue;
      for (let n = 0; n < points; n++)
        (shares[m - n + points - 1] as number) +=
          la * (likelyB[n] as number) * (ofBoth[m + n] as number);
    }
  }
  let sum = 0;
  for (let d = 0; d < shares.length; d++) {
    (shares[d] as number) *= ofRatio[d] as number;
    sum += shares[d] as number;
  }
  return { shares: shares.map((s) => s / sum), step: STEP, reach: (points - 1) * STEP };
}

/** How much is believed of ratios whose logarithm lies under `ln`: straight within each step. */
export function shareUnder({ shares, step, reach }: RatioBelief, ln: number): number {
  const place = (ln + reach) / step + 0.5;
  const whole = Math.floor(place);
  let sum = 0;
  for (let d = 0; d < shares.length && d < whole; d++) sum += shares[d] as number;
  return sum + Math.max(0, place - whole) * (shares[whole] ?? 0);
}

/** The logarithm of the ratio under which a share `p` of belief lies. */
export function ratioQuantile({ shares, step, reach }: RatioBelief, p: number): number {
  let sum = 0;
  for (let d = 0; d < shares.length; d++) {
    const share = shares[d] as number;
    if (sum + share >= p && share > 0) return -reach + (d - 0.5 + (p - sum) / share) * step;
    sum += share;
  }
  return reach;
}

/** Sigma of the coats of one habit by what they showed: the mean of what is believed of it (root mean square). */
export function scatterOf(coats: readonly Evidence[], { sigmas, oddShare }: Prior): number {
  const likely = sigmas.map(({ sigma, share }) => {
    const log = armLikelihood(coats, sigma, oddShare);
    const top = Math.max(...log);
    const sum = log.reduce(
      (all, l, n) => all + Math.exp(l - top - 0.5 * ((GRID[n] as number) / BOTH_SIGMA) ** 2),
      0,
    );
    return { sigma, log: top + Math.log(sum * share) };
  });
  const top = Math.max(...likely.map((l) => l.log));
  const weights = likely.map((l) => Math.exp(l.log - top));
  const all = weights.reduce((a, b) => a + b, 0);
  const square = likely.reduce((sum, l, n) => sum + (weights[n] as number) * l.sigma ** 2, 0);
  return Math.sqrt(square / all);
}
