import { regionAt } from '../../climate/climates';
import { futureHours } from '../../climate/futures';
import { MS_PER_HOUR } from '../../units/convert';
import { PLACE_IF_UNKNOWN } from '../../weather/cells';
import { hourOf, type WeatherHour } from '../../weather/hours';
import { dustOf, isSalted, roadAfter, ROAD_UNKNOWN, wetShareOf } from '../../weather/road';
import type { BikeNow, PlanRequest, WhatIf } from './request';

/**
 * One weather that may come, and the road it leaves, hour by hour from `from` on. In columns: a plan asks twenty of
 * them for 720 hours each, and as objects they were a third of what a planner holds.
 */
export interface WeatherToCome {
  from: number;
  rainMm: Float64Array;
  temperatureC: Float64Array;
  humidity: Float64Array;
  /** Share of an hour's way that is wet, how dusty loose ground is, and whether there is salt: 1, else 0. */
  wetShare: Float64Array;
  dust: Float64Array;
  salted: Uint8Array;
}

/** The weathers that may come to a bike. */
export function weathersFor(request: PlanRequest, bike: BikeNow): WeatherToCome[] {
  const from = hourOf(request.now) * MS_PER_HOUR;
  const count = (request.settings.plan.days + 2) * 24;
  const region = bike.place ? regionAt(bike.place.lat, bike.place.lon) : 'temperate coast';
  const place = bike.place ?? PLACE_IF_UNKNOWN;
  return Array.from({ length: request.futures }, (_, k) => {
    const hours = supposed(
      request.whatIf,
      futureHours({ seed: request.seed, number: k, region, forecast: bike.forecast, from, count }),
    );
    const weather: WeatherToCome = {
      from,
      rainMm: Float64Array.from(hours, (h) => h.rainMm),
      temperatureC: Float64Array.from(hours, (h) => h.temperatureC),
      humidity: Float64Array.from(hours, (h) => h.humidity),
      wetShare: new Float64Array(hours.length),
      dust: new Float64Array(hours.length),
      salted: new Uint8Array(hours.length),
    };
    let road = bike.road ?? ROAD_UNKNOWN;
    hours.forEach((hour, h) => {
      road = roadAfter(road, hour, place, from + h * MS_PER_HOUR);
      weather.wetShare[h] = wetShareOf(road);
      weather.dust[h] = dustOf(road);
      weather.salted[h] = Number(isSalted(road));
    });
    return weather;
  });
}

/** A storm as a rider fears it: from the third day on, four days of driving rain. */
const STORM = { fromH: 60, toH: 156, rainMm: 2, humidity: 0.95, windMs: 14 };

/** Hours of the forecast, or supposed ones. */
function supposed(whatIf: WhatIf, hours: readonly WeatherHour[]): WeatherHour[] {
  return hours.map((hour, h) => {
    if (whatIf === 'dry') return { ...hour, rainMm: 0 };
    if (whatIf === 'forecast' || h < STORM.fromH || h >= STORM.toH) return hour;
    const { rainMm, humidity, windMs } = STORM;
    return { ...hour, rainMm: Math.max(hour.rainMm, rainMm), humidity, windMs };
  });
}
