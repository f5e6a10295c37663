import { startOfMonth } from 'date-fns/startOfMonth';
import { subMonths } from 'date-fns/subMonths';
import type { WeatherWord } from '../records/kinds';
import type { RideEntry } from './entries';

/** Kinds of weather a year is divided into. */
export const YEAR_SKIES = ['dry', 'damp', 'wet', 'guessed'] as const;
export type YearSky = (typeof YEAR_SKIES)[number];

/** A month's distance in km by the weather it was ridden in. */
export interface YearMonth extends Record<YearSky, number> {
  /** First of the month, 0:00 local time, ms. */
  start: number;
}

const SKY_OF: Record<WeatherWord, YearSky> = {
  dry: 'dry',
  dusty: 'dry',
  damp: 'damp',
  wet: 'wet',
  downpour: 'wet',
  unknown: 'guessed',
};

/** Of rides, newest first, the last twelve months up to `now` (ms), oldest first, each with its distance by weather. */
export function yearOf(rides: readonly RideEntry[], now: number): YearMonth[] {
  const starts = Array.from({ length: 12 }, (_, n) =>
    subMonths(startOfMonth(now), 11 - n).getTime(),
  );
  const months = starts.map((start): YearMonth => ({ start, dry: 0, damp: 0, wet: 0, guessed: 0 }));
  const first = new Date(starts[0] ?? now).toISOString();
  for (const { ride, sky } of rides) {
    if (ride.at < first) break;
    const at = Date.parse(ride.at);
    if (at > now) continue;
    const month = months.findLast((m) => m.start <= at);
    if (month) month[SKY_OF[sky.word]] += ride.distanceKm;
  }
  return months;
}
