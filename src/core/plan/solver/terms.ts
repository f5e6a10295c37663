import { clamp } from '../../units/convert';
import { PENALTY, type BikeProblem, type CoatKind, type Prices, type Work } from './problem';
import type { Grit } from './grid';
import type { Weight } from '../../records/kinds';

/** How far a chain is beyond the rider's standard, 0 to 1 for outside and inside each. */
export const grubbiness = (o: number, i: number, limits: BikeProblem['limits']): number =>
  clamp((o - limits.outside) / PENALTY.grubbyFull, 0, 1) +
  clamp((i - limits.inside) / PENALTY.grubbyFull, 0, 1);

/** Times a watt lost counts in a ride, and a km ridden dry. */
export const wattWeight = (weight: Weight): number => (weight === 'race' ? PENALTY.raceWatts : 1);
export const dryWeight = (weight: Weight): number =>
  weight === 'ordinary' ? 1 : PENALTY.dryWhenItMatters;

/** What a work costs in time and goods. */
export const priceOf = (work: Work, minutes: number, prices: Prices): number =>
  (minutes / 60) * prices.hour + work.money;

/** Times its price that a work must gain beside, where it puts another class of the same family on. Own estimate. */
const OTHER_LUBE = 0.5;

/**
 * What a change of lube must gain beside its own price: between wax and oil that price once more, between two oils
 * half of it. It is weighed and not paid: who strips a chain for a small gain is back within weeks, and pays again.
 */
export function turnPrice(p: BikeProblem, work: Work, on: CoatKind | undefined): number {
  const to = work.coat === null ? undefined : p.coats[work.coat];
  if (!to || !on || on.family === 'bare' || to.lubeClass === on.lubeClass) return 0;
  return priceOf(work, work.handsOn, p.prices) * (to.family === on.family ? OTHER_LUBE : 1);
}

/** All that is weighed of a work and not paid: a change of lube, and the last coats of a bottle. */
export const weighedPrice = (p: BikeProblem, work: Work, on: CoatKind | undefined): number =>
  turnPrice(p, work, on) + (work.scarce ?? 0);

/** Dirt beyond the standard counts up to here at the end of a plan. */
const MOST = 1.5;
/** Share of a clean that dirty cogs call for. Own estimate. */
const COG_SHARE = 0.3;

/** Money it would take to start anew from a state at the end of the plan: what was used up must be paid. */
export function startAnew(p: BikeProblem, film: number, { o, i, c }: Grit): number {
  const { coat, wipe, clean } = renewal(p);
  return (
    coat * (1 - film) +
    wipe * clamp(o / p.limits.outside, 0, MOST) +
    clean * (clamp(i / p.limits.inside, 0, MOST) + COG_SHARE * c)
  );
}

interface Renewal {
  coat: number;
  wipe: number;
  clean: number;
}
const renewals = new WeakMap<BikeProblem, Renewal>();

/** The cheapest coat, wipe and clean of a bike; of a clean what it costs over a coat. */
function renewal(p: BikeProblem): Renewal {
  const known = renewals.get(p);
  if (known) return known;
  const cheapest = (which: (w: Work) => boolean) =>
    Math.min(...p.works.filter(which).map((w) => priceOf(w, w.handsOn, p.prices)), 20);
  const coat = cheapest((w) => w.coat !== null && !w.deep);
  const made = {
    coat,
    wipe: cheapest((w) => w.coat === null),
    clean: Math.max(1, cheapest((w) => w.deep) - coat),
  };
  renewals.set(p, made);
  return made;
}
