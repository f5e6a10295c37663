import type { Place } from '../track/distance';
import { evaporationMm, WET_ROAD } from './evaporation';
import type { WeatherHour } from './hours';
import { sunOf } from './sun';

/** What the road remembers of the weather so far. */
export interface Road {
  /** Water on the surface, mm. */
  storeMm: number;
  /** Hours since rain last fell on it. */
  dryHours: number;
  /** Hours since it froze while damp, when roads are treated with salt. */
  hoursSinceSalt: number;
}

/** Constants of the road, with unit and source. */
export const ROAD = {
  /** Most the surface holds before it runs off, mm. Own estimate, 0.7 to 1.5. */
  storeMaxMm: 1,
  /** Hours in which traffic throws half of it off. Own estimate, 1 to 4. */
  trafficHalfLifeH: 3,
  /** Hours of the sun between which there is traffic. Own estimate. */
  trafficFrom: 7,
  trafficTo: 19,
  /** Water at which a wheel finds wet road everywhere, mm. Own estimate, 0.2 to 0.5. */
  wetAtMm: 0.3,
  /** Dry hours until loose ground is as dusty as it gets. Own estimate, 48 to 120. */
  dustHours: 72,
  /** Roads are treated below this, C, when damp. Common practice of winter service: about +1 C. */
  saltBelowC: 0.5,
  /** Salt stays on the road for about two days, less when rain rinses it. Own estimate. */
  saltHours: 48,
} as const;

/** Before anything is known: a dry road in the middle of getting dusty. */
export const ROAD_UNKNOWN: Road = { storeMm: 0, dryHours: 36, hoursSinceSalt: Infinity };

/** Share of the water on a road that an hour of traffic leaves, by the hour of the sun. */
const leftByTraffic = (solar: number): number =>
  solar >= ROAD.trafficFrom && solar < ROAD.trafficTo ? 0.5 ** (1 / ROAD.trafficHalfLifeH) : 1;

/**
 * The road after the hour that begins at `at`, ms: rain fills its store; sun, air and wind drink from it, and by day
 * traffic throws off.
 */
export function roadAfter(before: Road, hour: WeatherHour, place: Place, at: number): Road {
  const filled = Math.min(ROAD.storeMaxMm, before.storeMm + hour.rainMm);
  let storeMm = 0;
  // A dry road dries no further: most hours are those.
  if (filled > 0) {
    const sun = sunOf(hour, place, at);
    storeMm = Math.max(0, filled * leftByTraffic(sun.hour) - evaporationMm(hour, sun, WET_ROAD));
  }
  const treated = hour.temperatureC <= ROAD.saltBelowC && filled > 0.05;
  const rinsed = hour.rainMm > 2.5;
  return {
    storeMm,
    dryHours: hour.rainMm > 0 ? 0 : before.dryHours + 1,
    hoursSinceSalt: treated ? 0 : rinsed ? Infinity : before.hoursSinceSalt + 1,
  };
}

/** Share of an hour's way that is wet. */
export const wetShareOf = (road: Road): number => Math.min(1, road.storeMm / ROAD.wetAtMm);

/** How dusty loose ground is, 0 to 1. */
export const dustOf = (road: Road): number => Math.min(1, road.dryHours / ROAD.dustHours);

export const isSalted = (road: Road): boolean => road.hoursSinceSalt <= ROAD.saltHours;
