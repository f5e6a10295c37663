import { FORECAST_DAYS, forecastDays } from '@/core/climate/forecast';
import { generateDays } from '@/core/climate/generator';
import { regionAt } from '@/core/climate/climates';
import { ISLAND_SEED } from '@/core/demo/diary';
import type { WeatherReply } from '@/core/formats/weatherReply';
import { dayOf, hourOf } from '@/core/weather/hours';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';

export interface Asked {
  lat: number;
  lon: number;
  /** ms; rounded down to the hour. */
  from: number;
  to: number;
}

/** End of the forecast issued now, ms. */
export const forecastEnd = (now: number): number =>
  hourOf(now) * MS_PER_HOUR + FORECAST_DAYS * MS_PER_DAY;

/** The hours asked for: what was until `now`, what is forecast after it. */
export function weatherHours({ lat, lon, from, to }: Asked, now: number): WeatherReply {
  const region = regionAt(lat, lon);
  const today = dayOf(now);
  const first = dayOf(from);
  const last = dayOf(to);
  const past =
    first <= today ? generateDays(ISLAND_SEED, region, first, Math.min(last, today)) : [];
  const ahead =
    last >= today
      ? forecastDays(ISLAND_SEED, region, {
          issuedDay: today,
          from: Math.max(first, today),
          to: last,
        })
      : [];
  const pastFirst = past[0]?.day ?? 0;
  const aheadFirst = ahead[0]?.day ?? 0;
  const nowHour = hourOf(now);
  const reply: WeatherReply = {
    from: new Date(hourOf(from) * MS_PER_HOUR).toISOString(),
    forecastFrom: hourOf(to) >= nowHour ? new Date(nowHour * MS_PER_HOUR).toISOString() : null,
    rainMm: [],
    probability: [],
    temperatureC: [],
    humidity: [],
    windMs: [],
    sunMj: [],
  };
  for (let h = hourOf(from); h <= hourOf(to); h++) {
    const day = Math.floor(h / 24);
    const hour =
      h < nowHour ? past[day - pastFirst]?.hours[h % 24] : ahead[day - aheadFirst]?.hours[h % 24];
    if (!hour) continue;
    reply.rainMm.push(hour.rainMm);
    reply.probability.push('probability' in hour ? Number(hour.probability) : +(hour.rainMm > 0));
    reply.temperatureC.push(hour.temperatureC);
    reply.humidity.push(hour.humidity);
    reply.windMs.push(hour.windMs);
    reply.sunMj?.push(hour.sunMj ?? 0);
  }
  return reply;
}
