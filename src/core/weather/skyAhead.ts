import { dateOf } from '../time/zones';
import type { DateText } from '../time/dates';
import { MS_PER_HOUR } from '../units/convert';
import type { WeatherHour } from './hours';

/** The weather of a day to come. */
export interface SkyOfDay {
  date: DateText;
  lowC: number;
  highC: number;
  rainMm: number;
}

/** Days of fewer hours than this are not told: the rest of today late at night, the last of a forecast. */
const LEAST_HOURS = 6;

/** The days of a forecast, from `now` (ms) on: `from` is the start of its first hour. */
export function skyAhead(
  { from, hours }: { from: number; hours: readonly WeatherHour[] },
  now: number,
  zone: string,
): SkyOfDay[] {
  const days = new Map<DateText, WeatherHour[]>();
  hours.forEach((hour, n) => {
    const at = from + n * MS_PER_HOUR;
    if (at + MS_PER_HOUR <= now) return;
    const date = dateOf(at, zone);
    days.set(date, [...(days.get(date) ?? []), hour]);
  });
  return [...days]
    .filter(([, list]) => list.length >= LEAST_HOURS)
    .map(([date, list]) => {
      const temperatures = list.map((hour) => hour.temperatureC);
      return {
        date,
        lowC: Math.min(...temperatures),
        highC: Math.max(...temperatures),
        rainMm: list.reduce((sum, hour) => sum + hour.rainMm, 0),
      };
    });
}
