import { clamp } from '../units/convert';
import type { WeatherHour } from '../weather/hours';
import { Chance } from '../chance/chance';
import { generateDays, rounded, type GeneratedDay } from './generator';
import type { Region } from './climates';

/** An hour as forecast: the weather expected and the chance of any rain in it. */
export interface ForecastHour extends WeatherHour {
  probability: number;
}

export const FORECAST_DAYS = 10;

/** How a forecast goes wrong with each day of lead. Own estimates, after the habit of real ones. */
export const FORECAST_ERROR = {
  /** Days within which half of what is known of the rain's hour is lost. */
  skillDays: 4,
  /** Hours by which a front comes early or late, a day. */
  shiftH: 0.9,
  /** Log-normal sigma of the amount, a day. */
  amount: 0.12,
  /** Degrees, and more a day. */
  temperatureC: 0.4,
  temperatureCPerDay: 0.35,
  /** Chance that a day's rain was made up or missed, a day. */
  wrongDay: 0.035,
} as const;

/** Days to weather so far off that it has nothing to do with the weather forecast. */
const STRANGER_DAYS = 3653;

/** Returns how much a forecast knows at a lead, from 1 (all) down to 0. */
export const skillAt = (leadDays: number): number => 0.5 ** (leadDays / FORECAST_ERROR.skillDays);

/** A forecast issued on a day for some days, each a day's number. */
export interface Issue {
  issuedDay: number;
  from: number;
  to: number;
}

/**
 * The forecast for the days from..to as issued on a day: the truth, shifted, scaled and now and then
 * mistaken, more so the further ahead. The same issue returns the same forecast.
 */
export function forecastDays(
  seed: number,
  region: Region,
  { issuedDay, from, to }: Issue,
): { day: number; hours: ForecastHour[] }[] {
  const truth = generateDays(seed, region, from - 1, to + 1);
  const strangers = generateDays(seed, region, from - STRANGER_DAYS, to - STRANGER_DAYS);
  const usual = usualRain(truth.concat(strangers));
  return strangers.map((stranger, i) => {
    const day = from + i;
    const lead = Math.max(0, day - issuedDay);
    const chance = new Chance(seed, issuedDay, day, 77);
    const mistaken = chance.uniform() < FORECAST_ERROR.wrongDay * lead;
    const shift = Math.round(chance.normal() * FORECAST_ERROR.shiftH * lead);
    const scale = Math.exp(chance.normal() * FORECAST_ERROR.amount * lead);
    const warm =
      chance.normal() *
      (lead === 0 ? 0 : FORECAST_ERROR.temperatureC + FORECAST_ERROR.temperatureCPerDay * lead);
    const rainAt = (h: number): number => {
      if (mistaken) return stranger.hours[h]?.rainMm ?? 0;
      const from24 = 24 + h + shift;
      return truth[i + Math.floor(from24 / 24)]?.hours[((from24 % 24) + 24) % 24]?.rainMm ?? 0;
    };
    const skill = skillAt(lead);
    const hours = (truth[i + 1]?.hours ?? []).map((hour, h): ForecastHour => {
      // What is seen coming may come early or late: the chance is how much of the hours around is wet.
      const around = Math.round(FORECAST_ERROR.shiftH * lead * 1.3);
      let wet = 0;
      for (let d = -around; d <= around; d++) if (rainAt(h + d) > 0) wet += 1;
      const seen = clamp(wet / (2 * around + 1), 0.03, 0.95);
      return {
        rainMm: rounded(rainAt(h) * scale, 100),
        probability: rounded(skill * seen + (1 - skill) * usual, 100),
        temperatureC: rounded(hour.temperatureC + warm, 10),
        humidity: hour.humidity,
        windMs: rounded(hour.windMs * Math.sqrt(scale), 10),
        sunMj: hour.sunMj ?? null,
      };
    });
    return { day, hours };
  });
}

/** Returns the share of hours with rain in this season: a forecast without skill. */
function usualRain(days: readonly GeneratedDay[]): number {
  const hours = days.flatMap((d) => d.hours);
  return hours.filter((h) => h.rainMm > 0).length / Math.max(1, hours.length);
}
