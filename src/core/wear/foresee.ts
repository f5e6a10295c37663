import { CARE } from '../care/model/constants';
import type { ChainState } from '../care/model/state';
import { normalQuantile, normalShare } from '../learn/belief';
import type { WearRate } from './rate';

/** What is known of the wear of a chain: level and factor, with their spread and how far they go together. */
export type KnownState = Pick<
  ChainState,
  'wear' | 'wearSd' | 'wearFactor' | 'wearFactorSd' | 'wearTied'
>;

/** Values of factor and rate that stand for all, each for as large a share. */
const POINTS = 41;
const SPACED = Array.from({ length: POINTS }, (_, n) => normalQuantile((n + 0.5) / POINTS));

/**
 * Share of belief that a chain is past a limit (%) after so many km more: its level is normal about what its factor
 * says, its factor and the rate to come log-normal.
 */
export function chancePast(state: KnownState, rate: WearRate, limit: number, km: number): number {
  const { wear, wearSd, wearFactor, wearFactorSd, wearTied } = state;
  const relative = wearFactorSd / wearFactor;
  const own = Math.sqrt(Math.log(1 + relative ** 2));
  const sigma = Math.hypot(own, rate.sigma);
  const slope = wearFactorSd > 0 ? wearTied / wearFactorSd ** 2 : 0;
  // What the product does not say of the factor stays open.
  const open = slope * wearFactor * own * Math.sqrt(Math.max(0, 1 - (own / sigma) ** 2));
  const level = Math.hypot(Math.sqrt(Math.max(0, wearSd ** 2 - slope * wearTied)), open);
  const left = Math.max(LEAST_SD, level);
  let sum = 0;
  for (const z of SPACED) {
    // What of the product's spread is the factor's moves the level with it.
    const factor = wearFactor * Math.exp(own * z * (own / sigma));
    const perKm = rate.perKm * wearFactor * Math.exp(sigma * z);
    const then = Math.max(0, wear + slope * (factor - wearFactor));
    sum += normalShare((then + perKm * km - limit) / left);
  }
  return sum / POINTS;
}

/** No reading makes a level surer than this, %. */
const LEAST_SD = 0.02;
/** Further nobody looks, km. */
export const FURTHEST_KM = 40_000;

/** Km after which the chance to be past a limit reaches `p`; 0: it has now. */
export function kmUntilWorn(state: KnownState, rate: WearRate, limit: number, p: number): number {
  if (chancePast(state, rate, limit, 0) >= p) return 0;
  let [low, high] = [0, FURTHEST_KM];
  for (let n = 0; n < 30; n++) {
    const middle = (low + high) / 2;
    if (chancePast(state, rate, limit, middle) < p) low = middle;
    else high = middle;
  }
  return high;
}

/** Wear in % below which a share `p` of belief lies after so many km more. */
export function wearAfter(state: KnownState, rate: WearRate, km: number, p: number): number {
  let [low, high] = [0, MOST_WEAR];
  for (let n = 0; n < 20; n++) {
    const middle = (low + high) / 2;
    if (1 - chancePast(state, rate, middle, km) < p) low = middle;
    else high = middle;
  }
  return high;
}
/** No chain is ridden beyond, %. */
const MOST_WEAR = 4;

/** When a chain reaches its limit, km from now: the middle, and the bands half and four fifths of futures fall in. */
export interface Foresight {
  mid: number;
  half: [number, number];
  most: [number, number];
  /** When to measure again: the chance of being past the limit reaches a tenth. */
  measureIn: number;
}

export function foresee(state: KnownState, rate: WearRate, limit: number): Foresight {
  const at = (p: number) => kmUntilWorn(state, rate, limit, p);
  return { mid: at(0.5), half: [at(0.25), at(0.75)], most: [at(0.1), at(0.9)], measureIn: at(0.1) };
}

/** With better care half as much grit and dryness wear a chain, with worse care twice as much. Own choices. */
const SHARE_OF_GRIT = { better: 0.5, worse: 2 } as const;

/** The rate with better or worse care than of late: what a clean chain wears stays. */
export function withCare(rate: WearRate, care: keyof typeof SHARE_OF_GRIT): WearRate {
  const clean = Math.min(rate.perKm, CARE.wearPerKm.value);
  return { ...rate, perKm: clean + (rate.perKm - clean) * SHARE_OF_GRIT[care] };
}
