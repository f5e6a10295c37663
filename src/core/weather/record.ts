import { MS_PER_HOUR } from '../units';
import type { Air } from './drying';
import { dayOf, hourOf, startOfDay, type WeatherDay, type WeatherHour } from './hours';
import { roadAfter, ROAD_UNKNOWN, type Road } from './road';

/** An hour of weather with the road as that hour left it. */
export interface RoadHour extends WeatherHour {
  road: Road;
}

/** How far ahead of a moment the care model may ask for weather: a ride of three days and a day to dry. */
export const LOOKS_AHEAD_DAYS = 4;
/** The road is followed from this many days before a ride, so that it does not start from a guess. */
export const WARM_UP_DAYS = 3;

/**
 * The weather known so far, by square and day, with the road's wetness followed through it. Days are
 * put in any order; a day put in twice counts as it was put in last.
 */
export class WeatherRecord {
  private readonly cells = new Map<string, Map<number, WeatherDay>>();
  /** Hours worked out, by cell and day; emptied from a day on when that day changes. */
  private readonly worked = new Map<string, Map<number, (RoadHour | null)[]>>();

  put(day: WeatherDay): void {
    const days = this.cells.get(day.cell);
    if (days) days.set(day.day, day);
    else this.cells.set(day.cell, new Map([[day.day, day]]));
    const worked = this.worked.get(day.cell);
    for (const done of worked?.keys() ?? []) if (done >= day.day) worked?.delete(done);
  }

  day(cell: string, day: number): WeatherDay | undefined {
    return this.cells.get(cell)?.get(day);
  }

  /** The hour that holds the moment `ms`, null where it is not known. */
  hour(cell: string, ms: number): RoadHour | null {
    if (!this.cells.has(cell)) return null;
    return this.hoursOf(cell, dayOf(ms))?.[hourOf(ms) % 24] ?? null;
  }

  /** Mean air between two moments (ms), at most three days of it; null where nothing is known. */
  airOver(cell: string, from: number, to: number): Air | null {
    if (!this.cells.has(cell)) return null;
    const until = Math.min(to, from + 72 * MS_PER_HOUR);
    let hours = 0;
    let temperatureC = 0;
    let humidity = 0;
    for (let ms = from; ms <= until; ms += 3 * MS_PER_HOUR) {
      const hour = this.hour(cell, ms);
      if (!hour) continue;
      hours += 1;
      temperatureC += hour.temperatureC;
      humidity += hour.humidity;
    }
    return hours === 0 ? null : { temperatureC: temperatureC / hours, humidity: humidity / hours };
  }

  private hoursOf(cell: string, day: number): (RoadHour | null)[] | undefined {
    const days = this.cells.get(cell);
    let worked = this.worked.get(cell);
    if (!worked) this.worked.set(cell, (worked = new Map()));
    const done = worked.get(day);
    if (done || !days?.has(day)) return done;
    let first = day;
    while (days.has(first - 1) && !worked.has(first - 1)) first -= 1;
    let road = worked.get(first - 1)?.findLast((h) => h !== null)?.road ?? ROAD_UNKNOWN;
    for (let d = first; d <= day; d++) {
      const known = days.get(d);
      if (!known) break;
      const hours: (RoadHour | null)[] = [];
      for (let h = 0; h < 24; h++) {
        const hour = hourIn(known, h);
        if (hour) road = roadAfter(road, hour);
        hours.push(hour && { ...hour, road });
      }
      worked.set(d, hours);
    }
    return worked.get(day);
  }
}

function hourIn(day: WeatherDay, hour: number): WeatherHour | null {
  const rainMm = day.rainMm[hour] ?? null;
  const temperatureC = day.temperatureC[hour] ?? null;
  const humidity = day.humidity[hour] ?? null;
  const windMs = day.windMs[hour] ?? null;
  if (rainMm === null || temperatureC === null || humidity === null || windMs === null) return null;
  return { rainMm, temperatureC, humidity, windMs };
}

/** Whether the hours between two moments (ms) are all known. */
export function isCovered(record: WeatherRecord, cell: string, from: number, to: number): boolean {
  for (let day = dayOf(from); startOfDay(day) <= to; day++) {
    const known = record.day(cell, day);
    if (!known) return false;
    for (let h = 0; h < 24; h++) {
      const ms = startOfDay(day) + h * MS_PER_HOUR;
      if (ms + MS_PER_HOUR > from && ms <= to && (known.rainMm[h] ?? null) === null) return false;
    }
  }
  return true;
}
