import type { WeatherHour } from '../weather/hours';
import { clamp, MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { Chance } from '../chance/chance';
import type { Region } from './climates';
import { FORECAST_ERROR as ERROR } from './forecast';
import { generateDays, rounded } from './generator';

/** Hours of forecast, the first of which starts at `from` (ms). */
export interface ForecastHours {
  from: number;
  hours: readonly WeatherHour[];
}

/** Forecasts fall silent somewhere: beyond, or without any, the climate's own weather goes on. */
const NO_FORECAST: ForecastHours = { from: 0, hours: [] };

/** Which future is wanted: its seed and number, where, by which forecast, from when (ms), how many hours. */
export interface FutureWanted {
  seed: number;
  number: number;
  region: Region;
  forecast: ForecastHours | null;
  from: number;
  count: number;
}

/**
 * One of many weathers that may come: hours from `from` (ms, start of an hour) on. Within the forecast it
 * is the forecast, early or late, more or less, and now and then quite another, the more so the further
 * ahead; beyond it is the climate's. The same seed and number give the same future.
 */
export function futureHours({
  seed,
  number,
  region,
  forecast,
  from,
  count,
}: FutureWanted): WeatherHour[] {
  const { from: told, hours } = forecast ?? NO_FORECAST;
  const first = Math.floor(from / MS_PER_DAY);
  const last = Math.floor((from + count * MS_PER_HOUR) / MS_PER_DAY);
  const days = generateDays(seed + 7919 * (number + 1), region, first, last);
  const future: WeatherHour[] = [];
  for (const [n, day] of days.entries()) {
    const chance = new Chance(seed, number, first + n, 41);
    const lead = n;
    const mistaken = chance.uniform() < ERROR.wrongDay * lead;
    const shift = Math.round(chance.normal() * ERROR.shiftH * lead);
    const scale = Math.exp(chance.normal() * ERROR.amount * lead);
    const warm =
      chance.normal() * (lead === 0 ? 0 : ERROR.temperatureC + ERROR.temperatureCPerDay * lead);
    for (const [h, own] of day.hours.entries()) {
      const ms = (first + n) * MS_PER_DAY + h * MS_PER_HOUR;
      if (ms < from || future.length >= count) continue;
      const at = Math.round((ms - told) / MS_PER_HOUR);
      const hour = hours[at];
      if (!hour || mistaken) {
        future.push(own);
        continue;
      }
      const rain = (hours[clamp(at + shift, 0, hours.length - 1)] ?? hour).rainMm;
      future.push({
        rainMm: rounded(rain * scale, 100),
        temperatureC: rounded(hour.temperatureC + warm, 10),
        humidity: hour.humidity,
        windMs: hour.windMs,
        sunMj: hour.sunMj ?? null,
      });
    }
  }
  return future;
}
