import { saturationKpa } from './drying';
import type { WeatherHour } from './hours';
import type { Sun } from './sun';

/** A surface that water leaves: how much sun it throws back, and how it resists. */
export interface Surface {
  /** Share of short-wave radiation thrown back. */
  albedo: number;
  /** Resistance of the surface over that of the air, s/m: 0 of open water, 0.34 m/s × it of short grass (FAO 56). */
  resistance: number;
}

/** A wet road: dark, and nothing between water and air. Albedo: own estimate, 0.05 to 0.15. */
export const WET_ROAD: Surface = { albedo: 0.1, resistance: 0 };

/** Psychrometric constant at sea level, kPa/°C (FAO 56, eq. 8). */
const GAMMA = 0.0673;
/** Stefan-Boltzmann, MJ/m²/h/K⁴ (FAO 56, example 19). */
const STEFAN = 2.043e-10;
/** Share of net radiation that goes into the ground, by day and by night (FAO 56, eq. 45 and 46). */
const GROUND = { day: 0.1, night: 0.5 };

/**
 * Water that leaves a wet surface in an hour, mm: Penman's combination equation on hourly weather, Allen et al.
 * 1998, FAO Irrigation and Drainage Paper 56, eq. 53. Never below 0: dew is left out.
 */
export function evaporationMm(
  { temperatureC, humidity, windMs }: Pick<WeatherHour, 'temperatureC' | 'humidity' | 'windMs'>,
  sun: Pick<Sun, 'mj' | 'ofClear'>,
  surface: Surface,
): number {
  const saturated = saturationKpa(temperatureC);
  const vapour = saturated * humidity;
  const slope = (4098 * saturated) / (temperatureC + 237.3) ** 2;
  const open = 1.35 * sun.ofClear - 0.35;
  const longWave = STEFAN * (temperatureC + 273.16) ** 4 * (0.34 - 0.14 * Math.sqrt(vapour)) * open;
  const net = (1 - surface.albedo) * sun.mj - longWave;
  const available = net * (1 - (sun.mj > 0 ? GROUND.day : GROUND.night));
  const aero = (GAMMA * 37 * windMs * (saturated - vapour)) / (temperatureC + 273);
  const mm =
    (0.408 * slope * available + aero) / (slope + GAMMA * (1 + surface.resistance * windMs));
  return Math.max(0, mm);
}
