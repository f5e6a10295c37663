/** International mile, exact by definition (1959 agreement). */
export const KM_PER_MILE = 1.609344;

export type UnitSystem = 'metric' | 'imperial';

export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_DAY = 24 * MS_PER_HOUR;
export const HOURS_PER_WEEK = 168;

export const toShownDistance = (km: number, units: UnitSystem): number =>
  units === 'metric' ? km : km / KM_PER_MILE;

export const fromShownDistance = (shown: number, units: UnitSystem): number =>
  units === 'metric' ? shown : shown * KM_PER_MILE;

export const distanceUnit = (units: UnitSystem): 'km' | 'mi' => (units === 'metric' ? 'km' : 'mi');

/** Millimetres of an inch, exact by definition. */
export const MM_PER_INCH = 25.4;
/** Metres of a foot, exact by definition. */
export const M_PER_FOOT = 0.3048;

export const toShownTemperature = (celsius: number, units: UnitSystem): number =>
  units === 'metric' ? celsius : celsius * 1.8 + 32;

export const fromShownTemperature = (shown: number, units: UnitSystem): number =>
  units === 'metric' ? shown : (shown - 32) / 1.8;

/** Keeps x within low..high. */
export const clamp = (x: number, low: number, high: number): number =>
  x < low ? low : x > high ? high : x;
