import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import type { Cell } from './cells';

/** The weather of one hour at one place. */
export interface WeatherHour {
  /** Precipitation, mm. */
  rainMm: number;
  temperatureC: number;
  /** Relative humidity, a share. */
  humidity: number;
  /** Mean wind, m/s. */
  windMs: number;
  /** Short-wave radiation of the sun, MJ/m² in that hour; not there: reckoned, see `sunOf`. */
  sunMj?: number | null;
}

/** One thing hour by hour; null where an hour is not known (yet). */
export type HourColumn = readonly (number | null)[];

/** The hours of a day, 24 a column. */
export interface DayHours {
  rainMm: HourColumn;
  temperatureC: HourColumn;
  humidity: HourColumn;
  windMs: HourColumn;
  sunMj?: HourColumn | undefined;
}

/** The hours of one UTC day at one place. */
export interface WeatherDay extends DayHours {
  cell: Cell;
  /** Days since 1970. */
  day: number;
}

export const dayOf = (ms: number): number => Math.floor(ms / MS_PER_DAY);
export const startOfDay = (day: number): number => day * MS_PER_DAY;
export const hourOf = (ms: number): number => Math.floor(ms / MS_PER_HOUR);

/** Rain words by mm/h: AMS Glossary of Meteorology, "rain": light to 2.5, moderate to 7.6, heavy above. */
export function rainWord(mmPerH: number): 'none' | 'light' | 'moderate' | 'heavy' {
  if (mmPerH <= 0) return 'none';
  if (mmPerH <= 2.5) return 'light';
  return mmPerH <= 7.6 ? 'moderate' : 'heavy';
}
