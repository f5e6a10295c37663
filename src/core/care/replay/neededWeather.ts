import { MS_PER_DAY, MS_PER_HOUR } from '../../units/convert';
import { dayOf, hourOf, startOfDay } from '../../weather/hours';
import { isCovered, WARM_UP_DAYS, type WeatherRecord } from '../../weather/record';
import type { Cell } from '../../weather/cells';
import type { ReplayStep } from './step';
import { ridingHours } from '../model/exposure';
import { endCell, slicesOf } from '../model/sky';

/** A stretch of whole days whose weather is wanted at a place, ms; `to` is the last hour's start. */
export interface WantedWeather {
  cell: Cell;
  from: number;
  to: number;
}

/** Longest stretch asked for at once, days. */
const STRETCH_DAYS = 60;

/** Days a bike that stands outdoors is followed by the rain of the record: see `standWhere`. */
const STANDS_DAYS = 60;

/**
 * The weather that rides with unknown conditions still lack: from some days before, so that the road's
 * state is known, to a day after, for the drying; and that of the days a bike stands outdoors. Never beyond the last
 * whole hour. What is in the record is not asked for again.
 */
export function neededWeather(
  steps: readonly ReplayStep[],
  record: WeatherRecord,
  now: number,
): WantedWeather[] {
  const lastHour = (hourOf(now) - 1) * MS_PER_HOUR;
  const missing = new Map<Cell, Set<number>>();
  const looked = new Set<string>();
  const want = (cell: Cell, first: number, last: number) => {
    for (let day = first; day <= last; day++) {
      const key = `${cell} ${day}`;
      if (looked.has(key)) continue;
      looked.add(key);
      const to = Math.min(startOfDay(day + 1) - 1, lastHour);
      if (to < startOfDay(day) || isCovered(record, cell, startOfDay(day), to)) continue;
      const days = missing.get(cell);
      if (days) days.add(day);
      else missing.set(cell, new Set([day]));
    }
  };
  for (const step of steps) {
    const { event, home } = step;
    if (event.type === 'rideLogged' && event.weather === 'unknown') {
      const hours = ridingHours(event);
      const start = Date.parse(event.at);
      const end = start + hours * MS_PER_HOUR;
      for (const { cell } of slicesOf(event, hours, home))
        want(cell, dayOf(start) - WARM_UP_DAYS, dayOf(end) + 1);
    }
    const at = Date.parse(event.at);
    if (isOutdoors(step)) standing(home, step.from?.at ?? at, at, want);
  }
  for (const step of lastOutdoors(steps))
    standing(placeAfter(step), step.after?.at ?? now, now, want);
  return [...missing].flatMap(([cell, days]) =>
    stretches([...days].sort((a, b) => a - b)).map(([first, last]) => ({
      cell,
      from: startOfDay(first),
      to: Math.min(startOfDay(last) + MS_PER_DAY - MS_PER_HOUR, lastHour),
    })),
  );
}

type Want = (cell: Cell, first: number, last: number) => void;

/** Wants the days from one moment to another (ms) on which a bike stood outdoors. */
function standing(cell: Cell | undefined, from: number, to: number, want: Want): void {
  if (cell !== undefined && from < to)
    want(cell, dayOf(from), Math.min(dayOf(to), dayOf(from) + STANDS_DAYS));
}

const isOutdoors = ({ bike }: ReplayStep): boolean => bike?.storage === 'outdoors';

/** The last step of each bike that is kept outdoors: it has stood since. */
function lastOutdoors(steps: readonly ReplayStep[]): ReplayStep[] {
  const last = new Map<string, ReplayStep>();
  for (const step of steps) if (step.bikeId !== null) last.set(step.bikeId, step);
  return [...last.values()].filter(isOutdoors);
}

/** Where a bike stands after a step: where its ride ended. */
const placeAfter = ({ event, home }: ReplayStep): Cell | undefined =>
  (event.type === 'rideLogged' ? endCell(event) : null) ?? home;

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
