import type { Clock } from '../intl/dates';

/** International mile, exact by definition (1959 agreement). */
export const KM_PER_MILE = 1.609344;

/** In what a rider reads distances, heights, temperatures, rain and clocks, each by itself. */
export interface Units {
  distance: (typeof UNITS.distance)[number];
  height: (typeof UNITS.height)[number];
  temperature: (typeof UNITS.temperature)[number];
  rain: (typeof UNITS.rain)[number];
  clock: Clock;
}

/** All there is to choose from. */
export const UNITS = {
  distance: ['km', 'mi'],
  height: ['m', 'ft'],
  temperature: ['C', 'F'],
  rain: ['mm', 'in'],
  clock: ['24', '12'],
} as const;

export const METRIC: Units = {
  distance: 'km',
  height: 'm',
  temperature: 'C',
  rain: 'mm',
  clock: '24',
};
export const IMPERIAL: Units = {
  distance: 'mi',
  height: 'ft',
  temperature: 'F',
  rain: 'in',
  clock: '24',
};

export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_DAY = 24 * MS_PER_HOUR;
export const HOURS_PER_WEEK = 168;

export const toShownDistance = (km: number, units: Units): number =>
  units.distance === 'km' ? km : km / KM_PER_MILE;

export const fromShownDistance = (shown: number, units: Units): number =>
  units.distance === 'km' ? shown : shown * KM_PER_MILE;

export const distanceUnit = (units: Units): 'km' | 'mi' => units.distance;

/** Millimetres of an inch, exact by definition. */
export const MM_PER_INCH = 25.4;
/** Metres of a foot, exact by definition. */
export const M_PER_FOOT = 0.3048;

export const toShownTemperature = (celsius: number, units: Units): number =>
  units.temperature === 'C' ? celsius : celsius * 1.8 + 32;

export const fromShownTemperature = (shown: number, units: Units): number =>
  units.temperature === 'C' ? shown : (shown - 32) / 1.8;

/** Keeps x within low..high. */
export const clamp = (x: number, low: number, high: number): number =>
  x < low ? low : x > high ? high : x;
