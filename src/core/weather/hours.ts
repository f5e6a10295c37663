import { MS_PER_DAY, MS_PER_HOUR } from '../units';

/** The weather of one hour at one place. */
export interface WeatherHour {
  /** Precipitation, mm. */
  rainMm: number;
  temperatureC: number;
  /** Relative humidity, a share. */
  humidity: number;
  /** Mean wind, m/s. */
  windMs: number;
}

/** The hours of one UTC day at one place, 24 a column; null where an hour is not known (yet). */
export interface WeatherDay {
  /** Key of the place's square: see `cellOf`. */
  cell: string;
  /** Days since 1970. */
  day: number;
  rainMm: readonly (number | null)[];
  temperatureC: readonly (number | null)[];
  humidity: readonly (number | null)[];
  windMs: readonly (number | null)[];
}

/**
 * Weather is kept and asked for by squares of a quarter degree, some 20 km: as fine as hourly weather is
 * known, and no service learns more of where a rider lives.
 */
const CELL_DEGREES = 0.25;

/** Key of the square a position lies in: its middle, `54.125,-2.875`. */
export function cellOf(lat: number, lon: number): string {
  const middle = (degrees: number) =>
    ((Math.floor(degrees / CELL_DEGREES) + 0.5) * CELL_DEGREES).toFixed(3);
  return `${middle(lat)},${middle(lon)}`;
}

/** Middle of a square, degrees. */
export function placeOfCell(cell: string): { lat: number; lon: number } {
  const [lat = NaN, lon = NaN] = cell.split(',').map(Number);
  return { lat, lon };
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
