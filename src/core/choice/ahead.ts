import type { ReplayStep } from '../care/replay/step';
import { MS_PER_HOUR } from '../units/convert';
import { PLACE_IF_UNKNOWN } from '../weather/cells';
import { roadAfter, ROAD_UNKNOWN, wetShareOf } from '../weather/road';
import type { WeatherHour } from '../weather/hours';

/** How much of a bike's riding falls in each hour of the day (UTC), 24 shares. */
export function ridingHoursOf(steps: readonly ReplayStep[], bikeId: string): number[] {
  const hours = new Array<number>(24).fill(0);
  for (const { event, exposure } of steps) {
    if (event.type !== 'rideLogged' || event.bikeId !== bikeId || !exposure) continue;
    const start = new Date(event.at).getUTCHours();
    for (let h = 0; h < Math.max(1, Math.round(exposure.hours)); h++)
      hours[(start + h) % 24] = (hours[(start + h) % 24] ?? 0) + 1;
  }
  const sum = hours.reduce((a, b) => a + b, 0);
  return hours.map((n) => (sum > 0 ? n / sum : 1 / 24));
}

/**
 * Share of the way on wet road to be expected from hours of forecast, the first of which starts at
 * `from` (ms), when riding falls in the hours of the day as `riding` says.
 */
export function wetShareAhead(
  hours: readonly WeatherHour[],
  from: number,
  riding: readonly number[],
  place: { lat: number; lon: number } = PLACE_IF_UNKNOWN,
): number {
  let road = ROAD_UNKNOWN;
  let wet = 0;
  let weight = 0;
  const first = new Date(from).getUTCHours();
  for (const [n, hour] of hours.entries()) {
    road = roadAfter(road, hour, place, from + n * MS_PER_HOUR);
    const share = riding[(first + n) % 24] ?? 0;
    wet += share * wetShareOf(road);
    weight += share;
  }
  return weight > 0 ? wet / weight : 0;
}
