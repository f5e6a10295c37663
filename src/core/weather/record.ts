import { MS_PER_HOUR } from '../units';
import { placeOfCell, type Cell } from './cells';
import type { Air } from './drying';
import {
  dayOf,
  hourOf,
  startOfDay,
  type DayHours,
  type WeatherDay,
  type WeatherHour,
} from './hours';
import { roadAfter, ROAD_UNKNOWN, type Road } from './road';

/** An hour of weather with the road as that hour left it. */
export interface RoadHour extends WeatherHour {
  road: Road;
}

/** How far ahead of a moment the care model may ask for weather: a ride of three days and a day to dry. */
export const LOOKS_AHEAD_DAYS = 4;
/** The road is followed from this many days before a ride, so that it does not start from a guess. */
export const WARM_UP_DAYS = 3;

/** What is known of one square. */
interface Square<Day extends DayHours> {
  /** Its middle: where the sun is reckoned for. */
  place: { lat: number; lon: number };
  days: Map<number, Day>;
  /** The road as a day left it, worked out when asked for; `lastEnd`: none is later than this day's. */
  ends: Map<number, Road>;
  lastEnd: number;
  /** The day asked for last, hour by hour: a ride asks for one hour many times. */
  through: { day: number; hours: readonly (RoadHour | null)[] } | null;
}

/**
 * The weather known so far, by square and day, with the road's wetness followed through it. Days are
 * put in any order; a day put in twice counts as it was put in last. Twenty years of a rider's days are many: what is
 * put in is kept as it is, and of the road only how each day left it.
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

  day(cell: Cell, day: number): Day | undefined {
    return this.squares.get(cell)?.days.get(day);
  }

  /** The hour that holds the moment `ms`, null where it is not known. */
  hour(cell: Cell, ms: number): RoadHour | null {
    const square = this.squares.get(cell);
    return square ? (hoursThrough(square, dayOf(ms))[hourOf(ms) % 24] ?? null) : null;
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
    for (let ms = from; ms <= until; ms += 3 * MS_PER_HOUR) {
      const day = days.get(dayOf(ms));
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

const NOTHING_KNOWN: readonly null[] = [];

/** A day of a square, hour by hour, with the road as each left it; null where an hour is not known. */
function hoursThrough<Day extends DayHours>(
  square: Square<Day>,
  day: number,
): readonly (RoadHour | null)[] {
  if (square.through?.day === day) return square.through.hours;
  const known = square.days.get(day);
  if (!known) return NOTHING_KNOWN;
  const hours: (RoadHour | null)[] = [];
  const end = followed(roadBefore(square, day), square, day, (road, h) =>
    hours.push(isKnown(known, h) ? hourIn(known, h, road) : null),
  );
  square.ends.set(day, end);
  square.lastEnd = Math.max(square.lastEnd, day);
  square.through = { day, hours };
  return hours;
}

/** The road as a day begins, followed from the last day known before it. */
function roadBefore<Day extends DayHours>(square: Square<Day>, day: number): Road {
  const { days, ends } = square;
  let first = day;
  while (days.has(first - 1) && !ends.has(first - 1)) first -= 1;
  let road = ends.get(first - 1) ?? ROAD_UNKNOWN;
  for (let d = first; d < day; d++) {
    const hours = days.get(d);
    // Nothing asks for anything on such a day but counting, and half of all days are such: the rest costs the time.
    road = hours && isDryThrough(road, hours) ? dryFor(road, 24) : followed(road, square, d);
    ends.set(d, road);
  }
  return road;
}

const dryFor = ({ storeMm, dryHours, hoursSinceSalt }: Road, hours: number): Road => ({
  storeMm,
  dryHours: dryHours + hours,
  hoursSinceSalt: hoursSinceSalt + hours,
});

/** Whether a road is dry and stays so through a day of which all is known. */
const isDryThrough = (road: Road, { rainMm, temperatureC, humidity, windMs }: DayHours): boolean =>
  road.storeMm === 0 &&
  rainMm.length === 24 &&
  rainMm.every((mm) => mm === 0) &&
  isWhole(temperatureC) &&
  isWhole(humidity) &&
  isWhole(windMs);

const isWhole = (hours: readonly (number | null)[]): boolean =>
  hours.length === 24 && !hours.includes(null);

/** The road after a day; `hourly` is called with it after each hour. An hour that is not known leaves it as it is. */
function followed<Day extends DayHours>(
  from: Road,
  { days, place }: Square<Day>,
  day: number,
  hourly?: (road: Road, hour: number) => void,
): Road {
  const hours = days.get(day);
  const where = { ...place, at: startOfDay(day) };
  let road = from;
  for (let h = 0; h < 24; h++) {
    if (hours && isKnown(hours, h))
      road =
        road.storeMm === 0 && hours.rainMm[h] === 0
          ? dryFor(road, 1)
          : roadAfter(road, hourIn(hours, h, road), where);
    where.at += MS_PER_HOUR;
    hourly?.(road, h);
  }
  return road;
}

const isNumber = (value: number | null | undefined): boolean => typeof value === 'number';

const isKnown = ({ rainMm, temperatureC, humidity, windMs }: DayHours, h: number): boolean =>
  isNumber(rainMm[h]) && isNumber(temperatureC[h]) && isNumber(humidity[h]) && isNumber(windMs[h]);

/** An hour that is known, beside a road. */
function hourIn(day: DayHours, h: number, road: Road): RoadHour {
  const hour: RoadHour = {
    rainMm: day.rainMm[h]!,
    temperatureC: day.temperatureC[h]!,
    humidity: day.humidity[h]!,
    windMs: day.windMs[h]!,
    road,
  };
  const sunMj = day.sunMj?.[h];
  if (typeof sunMj === 'number') hour.sunMj = sunMj;
  return hour;
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
