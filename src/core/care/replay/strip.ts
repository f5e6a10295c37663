import type { RideLogged } from '../../records/event';
import { MS_PER_HOUR } from '../../units/convert';
import type { Cell } from '../../weather/cells';
import type { RoadHour } from '../../weather/roadThrough';
import type { WeatherRecord } from '../../weather/record';
import { slicesOf } from '../model/sky';

/** An hour of a ride's strip; `riding` is false for the hours shown before and after. */
export interface StripHour {
  at: number;
  hour: RoadHour | null;
  riding: boolean;
}

/** Hours shown before the start and after the end. */
const STRIP_MARGIN_H = 2;

/** The hours around and along a ride, each at the place the ride had reached; empty without a place. */
export function stripOf(
  ride: RideLogged,
  hours: number,
  record: WeatherRecord,
  home: Cell | undefined,
): StripHour[] {
  const slices = slicesOf(ride, hours, home);
  const first = slices[0];
  const last = slices.at(-1);
  if (!first || !last) return [];
  const start = Date.parse(ride.at);
  const lastMinute = ride.path?.at(-1)?.[2];
  const end = Math.max(start + hours * MS_PER_HOUR, start + (lastMinute ?? 0) * 60_000);
  const from = Math.floor(start / MS_PER_HOUR) - STRIP_MARGIN_H;
  const to = Math.floor((end - 1) / MS_PER_HOUR) + STRIP_MARGIN_H;
  const strip: StripHour[] = [];
  for (let h = from; h <= to; h++) {
    const at = h * MS_PER_HOUR;
    const cell = (slices.findLast((s) => s.at < at + MS_PER_HOUR) ?? first).cell;
    const riding = h >= from + STRIP_MARGIN_H && h <= to - STRIP_MARGIN_H;
    strip.push({ at, hour: record.hour(cell, at), riding });
  }
  return strip;
}

/** Mean air of the riding hours of a strip; null where none of them is known. */
export function airOfRide(
  strip: readonly StripHour[],
): { temperatureC: number; windMs: number } | null {
  const known = strip.flatMap(({ riding, hour }) => (riding && hour ? [hour] : []));
  if (known.length === 0) return null;
  const mean = (value: (hour: RoadHour) => number) =>
    known.reduce((sum, hour) => sum + value(hour), 0) / known.length;
  return { temperatureC: mean((h) => h.temperatureC), windMs: mean((h) => h.windMs) };
}
