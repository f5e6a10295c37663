import { vapourPressureDeficitKpa, WORKSHOP_AIR } from './drying';
import type { WeatherHour } from './hours';

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
  /** Evaporation in workshop air without wind, mm/h. Own estimate, 0.08 to 0.2. */
  evaporationMmPerH: 0.12,
  /** More of it for each m/s of wind. Own estimate, 0.05 to 0.15. */
  windGain: 0.1,
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

const thirst = vapourPressureDeficitKpa(WORKSHOP_AIR.temperatureC, WORKSHOP_AIR.humidity);

/** The road after an hour: rain fills its store, the air drinks from it, night or day. */
export function roadAfter(before: Road, hour: WeatherHour): Road {
  const vpd = vapourPressureDeficitKpa(hour.temperatureC, hour.humidity);
  const dries =
    ROAD.evaporationMmPerH * (Math.max(0, vpd) / thirst) * (1 + ROAD.windGain * hour.windMs);
  const filled = Math.min(ROAD.storeMaxMm, before.storeMm + hour.rainMm);
  const storeMm = Math.max(0, filled - dries);
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
