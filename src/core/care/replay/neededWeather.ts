import { MS_PER_DAY, MS_PER_HOUR } from '../../units';
import {
  dayOf,
  hourOf,
  isCovered,
  startOfDay,
  WARM_UP_DAYS,
  type Cell,
  type WeatherRecord,
} from '../../weather';
import type { ReplayStep } from './step';
import { ridingHours } from '../model/exposure';
import { slicesOf } from '../model/sky';

/** A stretch of whole days whose weather is wanted at a place, ms; `to` is the last hour's start. */
export interface WantedWeather {
  cell: Cell;
  from: number;
  to: number;
}

/** Longest stretch asked for at once, days. */
const STRETCH_DAYS = 60;

/**
 * The weather that rides with unknown conditions still lack: from some days before, so that the road's
 * state is known, to a day after, for the drying; never beyond the last whole hour. What is in the record
 * is not asked for again.
 */
export function neededWeather(
  steps: readonly ReplayStep[],
  record: WeatherRecord,
  now: number,
): WantedWeather[] {
  const lastHour = (hourOf(now) - 1) * MS_PER_HOUR;
  const missing = new Map<Cell, Set<number>>();
  const looked = new Set<string>();
  for (const { event, home } of steps) {
    if (event.type !== 'rideLogged' || event.weather !== 'unknown') continue;
    const hours = ridingHours(event);
    const start = Date.parse(event.at);
    const end = start + hours * MS_PER_HOUR;
    for (const { cell } of slicesOf(event, hours, home)) {
      for (let day = dayOf(start) - WARM_UP_DAYS; day <= dayOf(end) + 1; day++) {
        const key = `${cell} ${day}`;
        if (looked.has(key)) continue;
        looked.add(key);
        const to = Math.min(startOfDay(day + 1) - 1, lastHour);
        if (to < startOfDay(day) || isCovered(record, cell, startOfDay(day), to)) continue;
        const days = missing.get(cell);
        if (days) days.add(day);
        else missing.set(cell, new Set([day]));
      }
    }
  }
  return [...missing].flatMap(([cell, days]) =>
    stretches([...days].sort((a, b) => a - b)).map(([first, last]) => ({
      cell,
      from: startOfDay(first),
      to: Math.min(startOfDay(last) + MS_PER_DAY - MS_PER_HOUR, lastHour),
    })),
  );
}

/** Days made into stretches without gaps. */
function stretches(days: readonly number[]): [number, number][] {
  const found: [number, number][] = [];
  for (const day of days) {
    const last = found.at(-1);
    if (last && day === last[1] + 1 && day - last[0] < STRETCH_DAYS) last[1] = day;
    else found.push([day, day]);
  }
  return found;
}
