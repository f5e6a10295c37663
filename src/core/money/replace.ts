import { CHAINS_A_LIFE, chainsTaken, usesUpAt } from '../wear/parts';
import type { CarePrices } from '../years/outcome';

/** What replacing a chain at a wear costs a km, against other wears. */
export interface Threshold {
  /** Elongation at which the chain is replaced, %. */
  at: number;
  /** Chain and what it takes of the parts it runs on, for 1,000 km. */
  per1000Km: number;
}

/** Prices and wear of one chain. */
export interface Replacing {
  chainPrice: number;
  /** What a chain changed in time takes of cassette, rings and jockey wheels: see `partsPerChain`. */
  partsPerChain: number;
  limit: number;
  /** % of elongation a km. */
  perKm: number;
}

const STEP = 0.025;
/** From a quarter of a percent, below which nobody replaces, to half as far again as where the cassette is used up. */
const FROM = 0.25;
const PAST_USED_UP = 1.5;

/**
 * Cost for 1,000 km against the wear a chain is replaced at: replaced early, chains are thrown away half used; late,
 * they take the cassette along. The cassette's share is summed in steps of wear.
 */
export function costOfThresholds(r: Replacing): Threshold[] {
  const curve: Threshold[] = [];
  let taken = 0;
  const last = usesUpAt(r.limit) * PAST_USED_UP;
  for (let n = 1; n * STEP <= last + STEP / 2; n++) {
    taken += chainsTaken((n - 1) * STEP, STEP, r.limit);
    const at = n * STEP;
    if (at < FROM - STEP / 2) continue;
    const km = at / r.perKm;
    curve.push({ at, per1000Km: ((r.chainPrice + r.partsPerChain * taken) / km) * 1000 });
  }
  return curve;
}

/** Within so much of the least cost it does not matter when. Own choice. */
const FLAT = 1.05;

/** Where the curve is lowest, and between which wears it hardly matters. */
export interface Best {
  least: Threshold;
  flat: [number, number];
}

export function bestThreshold(curve: readonly Threshold[]): Best {
  const least = curve.reduce((a, b) => (b.per1000Km < a.per1000Km ? b : a));
  const flat = curve.filter((t) => t.per1000Km <= least.per1000Km * FLAT);
  return { least, flat: [flat[0]?.at ?? least.at, flat.at(-1)?.at ?? least.at] };
}

/** `keep`: before limit and lowest point; `now`; `past limit`: money says later than the limit; `overdue`: beyond both. */
export type Verdict = 'keep' | 'now' | 'past limit' | 'overdue';

/** What curve and wear limit say of a chain with so much wear. */
export function whenToReplace(wear: number, { flat, least }: Best, limit: number): Verdict {
  if (wear < Math.min(limit, least.at)) return 'keep';
  if (wear < limit) return 'now';
  return wear <= Math.max(flat[1], limit) ? 'past limit' : 'overdue';
}

/** What a chain changed in time takes of the parts it runs on, in money; what has no price is left out. */
export const partsPerChain = ({ cassette, ring, jockeys }: CarePrices): number =>
  (cassette ?? 0) / CHAINS_A_LIFE.cassette.chains +
  (ring ?? 0) / CHAINS_A_LIFE.ring.chains +
  (jockeys ?? 0) / CHAINS_A_LIFE['jockey wheels'].chains;
