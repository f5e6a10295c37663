import { MS_PER_HOUR } from '../units/convert';
import { placeOfCell, type Cell } from './cells';
import type { Air } from './drying';
import { dayOf, hourOf, startOfDay, type DayHours, type WeatherDay } from './hours';
import { hourThrough, type RoadHour, type Square } from './roadThrough';

/** How far ahead of a moment the care model may ask for weather: a ride of three days and a day to dry. */
export const LOOKS_AHEAD_DAYS = 4;
/** The road is followed from this many days before a ride, so that it does not start from a guess. */
export const WARM_UP_DAYS = 3;

/**
 * The weather known so far, by square and day, with the road's wetness followed through it. Days are
 * put in any order; a day put in twice counts as it was put in last. Twenty years of a rider's days are many: what is
 * put in is kept as it is, and of the road only how some of the days left it.
 */
export class WeatherRecord<Day extends DayHours = DayHours> {
  private readonly squares = new Map<Cell, Square<Day>>();

  put({ cell, day }: Pick<WeatherDay, 'cell' | 'day'>, hours: Day): void {
    const square = this.squares.get(cell);
    if (!square) {
      const place = placeOfCell(cell);
      const days = new Map([[day, hours]]);
      this.squares.set(cell, { place, days, ends: new Map(), lastEnd: -Infinity, through: null });
      return;
    }
    square.days.set(day, hours);
    square.through = null;
    for (let d = day; d <= square.lastEnd; d++) square.ends.delete(d);
    square.lastEnd = Math.min(square.lastEnd, day - 1);
  }

  /** Whether anything at all is known: most logbooks begin without weather. */
  get isEmpty(): boolean {
    return this.squares.size === 0;
  }

  /** Whether anything is known of the days from one moment (ms) to another. */
  knowsOf(cell: Cell, from: number, to: number): boolean {
    const days = this.squares.get(cell)?.days;
    if (!days) return false;
    const last = dayOf(to);
    for (let day = dayOf(from); day <= last; day++) if (days.has(day)) return true;
    return false;
  }

  day(cell: Cell, day: number): Day | undefined {
    return this.squares.get(cell)?.days.get(day);
  }

  /** The hour that holds the moment `ms`, null where it is not known. */
  hour(cell: Cell, ms: number): RoadHour | null {
    const square = this.squares.get(cell);
    return square ? hourThrough(square, dayOf(ms), hourOf(ms) % 24) : null;
  }

  /** Rain of the hour that holds a moment, mm; 0 where it is not known. */
  rainAt(cell: Cell, ms: number): number {
    return this.squares.get(cell)?.days.get(dayOf(ms))?.rainMm[hourOf(ms) % 24] ?? 0;
  }

  /** Mean air between two moments (ms), at most three days of it; null where nothing is known. */
  airOver(cell: Cell, from: number, to: number): Air | null {
    const days = this.squares.get(cell)?.days;
    if (!days) return null;
    const until = Math.min(to, from + 72 * MS_PER_HOUR);
    let hours = 0;
    let temperatureC = 0;
    let humidity = 0;
    let lastDay = NaN;
    let day: Pick<DayHours, 'temperatureC' | 'humidity'> | undefined;
    for (let ms = from; ms <= until; ms += 3 * MS_PER_HOUR) {
      // Columns of old days are read from a text: once a day.
      if (dayOf(ms) !== lastDay) {
        lastDay = dayOf(ms);
        const known = days.get(lastDay);
        day = known && { temperatureC: known.temperatureC, humidity: known.humidity };
      }
      const h = hourOf(ms) % 24;
      const celsius = day?.temperatureC[h] ?? null;
      const share = day?.humidity[h] ?? null;
      if (celsius === null || share === null) continue;
      hours += 1;
      temperatureC += celsius;
      humidity += share;
    }
    return hours === 0 ? null : { temperatureC: temperatureC / hours, humidity: humidity / hours };
  }
}

/** Whether the hours between two moments (ms) are all known. */
export function isCovered(record: WeatherRecord, cell: Cell, from: number, to: number): boolean {
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
