import { LUBE_CLASSES, type LubeClass } from '../../lube';
import { HOURS_PER_WEEK } from '../../units';
import { CARE } from './constants';

const { outsideScaleKm, cogShare, cogTransfer, insideScaleKm } = CARE;

/** What a ride's equations ask of a coat. */
export interface CoatTraits {
  stickiness: number;
  migration: number;
  washPerMm: number;
}

/** Bare steel holds grit like a thin light oil: what sticks is the road's own moisture. Own estimate. */
const BARE: CoatTraits = { stickiness: 0.6, migration: 1, washPerMm: 0 };

/** Returns the traits of a lube class, or of bare steel. */
export const coatTraits = (lube: LubeClass | null): CoatTraits =>
  lube ? LUBE_CLASSES[lube] : BARE;

/** How grit moves along a stretch of road; see docs/model.md, "Along a ride". Shares of what is there before. */
export interface GritRates {
  /** Share of the clean part of the outside that stays clean, and of the cogs'. */
  outsideKept: number;
  cogsKept: number;
  /** Share of the gap between cogs and chain that the cogs hand back. */
  handBack: number;
  /** How much grit of the outside works in, of that outside of 1. */
  migration: number;
}

/**
 * Returns the rates of a stretch of `km`. `stickiness` is the coat's times whatever makes it stickier;
 * `dirtPerKm` the road's. The one place where these equations stand: replay and planner both step with them.
 */
export function gritRates(
  coat: CoatTraits,
  road: { km: number; dirtPerKm: number; stickier: number },
): GritRates {
  const gather =
    (coat.stickiness * road.stickier * road.dirtPerKm * road.km) / outsideScaleKm.value;
  return {
    outsideKept: Math.exp(-gather),
    cogsKept: Math.exp(-gather * cogShare.value),
    handBack: 1 - Math.exp(-cogTransfer.value * road.km),
    migration: (coat.migration * road.km) / insideScaleKm.value,
  };
}

/** Returns the share of a coat that a ride uses up by distance. `lifeKm`: the coat's life with the rider's factor. */
export const filmByDistance = (ride: { km: number; load: number }, lifeKm: number): number =>
  (ride.km * ride.load) / lifeKm;

/** Returns the share of a coat that water washes off. */
export const filmByWater = (coat: CoatTraits, waterMm: number): number => coat.washPerMm * waterMm;

/** Returns the share of a coat that dries out over hours of standing; none of bare steel. */
export const filmByStanding = (lube: LubeClass | null, hours: number): number =>
  lube ? (LUBE_CLASSES[lube].idlePerWeek * hours) / HOURS_PER_WEEK : 0;
