import type { Place } from '../track/distance';
import { clamp, MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import type { WeatherHour } from './hours';

const RADIANS = Math.PI / 180;
/** Solar constant, MJ per m² and minute (FAO 56, eq. 28). */
const SOLAR = 0.082;

const DAYS_IN_4_YEARS = 1461;

/**
 * Day of the year, 1 to 366, of a day since 1970: from 1901 to 2099 each fourth year is a leap year, 1972 the first
 * after 1970.
 */
export function dayOfYear(day: number): number {
  const since1972 = day - 730;
  const inFour = since1972 - Math.floor(since1972 / DAYS_IN_4_YEARS) * DAYS_IN_4_YEARS;
  return inFour < 366 ? inFour + 1 : ((inFour - 366) % 365) + 1;
}

/** What the sun does on a day of the year, wherever one is. */
interface Season {
  /** Hours by which the sun is ahead of the clock (FAO 56, eq. 32 and 33). */
  equation: number;
  /** Inverse of its distance, relative (eq. 23). */
  distance: number;
  /** Its declination (eq. 24), as it is needed. */
  sin: number;
  cos: number;
  tan: number;
}

/** By day of the year, worked out once each: a wet road asks for the sun each hour for years. */
const seasons: Season[] = [];

function seasonOf(day: number): Season {
  const known = seasons[day];
  if (known) return known;
  const b = (2 * Math.PI * (day - 81)) / 364;
  const declination = 0.409 * Math.sin((2 * Math.PI * day) / 365 - 1.39);
  return (seasons[day] = {
    equation: 0.1645 * Math.sin(2 * b) - 0.1255 * Math.cos(b) - 0.025 * Math.sin(b),
    distance: 1 + 0.033 * Math.cos((2 * Math.PI * day) / 365),
    sin: Math.sin(declination),
    cos: Math.cos(declination),
    tan: Math.tan(declination),
  });
}

/** Hour of the sun at a place, 0 to 24; 12 is when it stands highest. */
export function solarHour(lon: number, at: number): number {
  const utc = at / MS_PER_HOUR - Math.floor(at / MS_PER_DAY) * 24;
  const hour = utc + lon / 15 + seasonOf(dayOfYear(Math.floor(at / MS_PER_DAY))).equation;
  return hour - Math.floor(hour / 24) * 24;
}

/**
 * Radiation of the sun above the air in the hour that begins at `at`, MJ/m²: Allen et al. 1998, FAO Irrigation and
 * Drainage Paper 56, eq. 28; 0 at night.
 */
export const sunAboveAirMj = ({ lat, lon }: Place, at: number): number =>
  sunAt(lat, at, solarHour(lon, at));

function sunAt(latitude: number, at: number, solar: number): number {
  const { distance, sin, cos, tan } = seasonOf(dayOfYear(Math.floor(at / MS_PER_DAY)));
  const lat = latitude * RADIANS;
  const middle = (Math.PI / 12) * (solar + 0.5 - 12);
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(lat) * tan)));
  const from = Math.max(-sunset, middle - Math.PI / 24);
  const to = Math.min(sunset, middle + Math.PI / 24);
  if (to <= from) return 0;
  const height =
    (to - from) * Math.sin(lat) * sin + Math.cos(lat) * cos * (Math.sin(to) - Math.sin(from));
  return Math.max(0, ((12 * 60) / Math.PI) * SOLAR * distance * height);
}

/** Share of the sun's radiation that a clear sky lets through (FAO 56, eq. 37, at sea level). */
const CLEAR_SKY = 0.75;

/**
 * The same of a sky nobody measured: clear in dry air, as dark as in rain where the air is nearly full, and straight
 * between. Own estimates, ±0.15.
 */
const CLEARNESS = { clear: 0.7, dark: 0.25, clearBelow: 0.65, darkAbove: 0.95 } as const;

function clearnessOf({ rainMm, humidity }: WeatherHour): number {
  const { clear, dark, clearBelow, darkAbove } = CLEARNESS;
  if (rainMm > 0) return dark;
  const cloud = clamp((humidity - clearBelow) / (darkAbove - clearBelow), 0, 1);
  return clear + cloud * (dark - clear);
}

/** Sunshine of an hour at the ground. */
export interface Sun {
  /** Short-wave radiation, MJ/m². */
  mj: number;
  /** Of what a clear sky would let through, 0 to 1: how much of the night sky is open too. */
  ofClear: number;
  /** Hour of the sun, 0 to 24. */
  hour: number;
}

/** The sun of the hour that begins at `at`: as measured, else reckoned from place, hour, rain and humidity. */
export function sunOf(hour: WeatherHour, { lat, lon }: Place, at: number): Sun {
  const solar = solarHour(lon, at);
  const above = sunAt(lat, at, solar);
  const clear = CLEAR_SKY * above;
  const clearness = clearnessOf(hour);
  const mj = hour.sunMj ?? clearness * above;
  // By night nobody sees the clouds: what is known of the hour tells.
  const ofClear = clear > 0.1 ? Math.min(1, Math.max(0.3, mj / clear)) : clearness / CLEAR_SKY;
  return { mj, ofClear, hour: solar + 0.5 };
}
