import { LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import { HOURS_PER_WEEK } from '../../units/convert';
import { CARE } from './constants';
import { waterMmPerH, type Exposure } from './exposure';

const { outsideScaleKm, wetStickiness, cogShare, cogTransfer, insideScaleKm, waterCarries } = CARE;
const { shedsWaterH, waterFlushes } = CARE;

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

/** More than this runs off. Own estimate. */
const MOST_ON_CHAIN_MM = 2;

/** How grit moves along a stretch of road; see docs/model.md, "Along a ride". Shares of what is there before. */
export interface GritRates {
  /** Share of the clean part of the outside that stays clean, and of the cogs'. */
  outsideKept: number;
  cogsKept: number;
  /** Share of the gap between cogs and chain that the cogs hand back. */
  handBack: number;
  /** How much grit of the outside works in, of that outside of 1. */
  migration: number;
  /** How much of the grit inside water washes out again. */
  washedOut: number;
}

/**
 * Returns the rates of a stretch of `km`. `stickier`: times the coat's own stickiness;
 * dirt and water are the road's. The one place where these equations stand: replay and planner both step with them.
 */
export function gritRates(
  coat: CoatTraits,
  road: Pick<Exposure, 'km' | 'hours' | 'dirtPerKm' | 'wetDirtPerKm' | 'waterMm'> & {
    stickier: number;
  },
): GritRates {
  const dry = coat.stickiness * (road.dirtPerKm - road.wetDirtPerKm);
  const wet = Math.max(wetStickiness.value, coat.stickiness) * road.wetDirtPerKm;
  const gather = (road.stickier * (dry + wet) * road.km) / outsideScaleKm.value;
  // Water that comes and is shed leaves so much on the chain meanwhile.
  const onChainMm = Math.min(MOST_ON_CHAIN_MM, waterMmPerH(road) * shedsWaterH.value);
  const carries = 1 + waterCarries.value * onChainMm;
  return {
    outsideKept: Math.exp(-gather),
    cogsKept: Math.exp(-gather * cogShare.value),
    handBack: 1 - Math.exp(-cogTransfer.value * road.km),
    migration: (coat.migration * carries * road.km) / insideScaleKm.value,
    washedOut: waterFlushes.value * road.waterMm,
  };
}

/**
 * Where grit inside tends to along a stretch on which the outside is `outside` on average, and the share of the way there
 * that is left at its end: inside after = `to` + (inside before - `to`) x `left`.
 */
export function insideAlong(
  { migration, washedOut }: Pick<GritRates, 'migration' | 'washedOut'>,
  outside: number,
): { to: number; left: number } {
  const into = migration * outside;
  const both = into + washedOut;
  return { to: washedOut > 0 ? into / both : 1, left: Math.exp(-both) };
}

/** Returns the share of a coat that a ride uses up by distance. `lifeKm`: the coat's life with the rider's factor. */
export const filmByDistance = (ride: { km: number; load: number }, lifeKm: number): number =>
  (ride.km * ride.load) / lifeKm;

/** Returns the share of a coat that water washes off. */
export const filmByWater = (coat: CoatTraits, waterMm: number): number => coat.washPerMm * waterMm;

/** Returns the share of a coat that dries out over hours of standing; none of bare steel. */
export const filmByStanding = (lube: LubeClass | null, hours: number): number =>
  lube ? (LUBE_CLASSES[lube].idlePerWeek * hours) / HOURS_PER_WEEK : 0;
