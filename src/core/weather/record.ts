import { MS_PER_HOUR } from '../units';
import { placeOfCell, type Cell } from './cells';
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

/** What is known of one square. */
interface Square {
  /** Its middle: where the sun is reckoned for. */
  place: { lat: number; lon: number };
  days: Map<number, WeatherDay>;
  /** The road through a day, three numbers an hour; worked out when asked for. */
  roads: Map<number, Float64Array>;
}

const ROAD_NUMBERS = 3;

/**
 * The weather known so far, by square and day, with the road's wetness followed through it. Days are
 * put in any order; a day put in twice counts as it was put in last.
 */
export class WeatherRecord {
  private readonly squares = new Map<Cell, Square>();

  put(day: WeatherDay): void {
    const square = this.squares.get(day.cell);
    if (!square) {
      const place = placeOfCell(day.cell);
      this.squares.set(day.cell, { place, days: new Map([[day.day, day]]), roads: new Map() });
      return;
    }
    square.days.set(day.day, day);
    for (const done of square.roads.keys()) if (done >= day.day) square.roads.delete(done);
  }

  /** Whether anything at all is known: most logbooks begin without weather. */
  get isEmpty(): boolean {
    return this.squares.size === 0;
  }

  day(cell: Cell, day: number): WeatherDay | undefined {
    return this.squares.get(cell)?.days.get(day);
  }

  /** The hour that holds the moment `ms`, null where it is not known. */
  hour(cell: Cell, ms: number): RoadHour | null {
    const square = this.squares.get(cell);
    const day = square?.days.get(dayOf(ms));
    if (!square || !day) return null;
    const h = hourOf(ms) % 24;
    const hour = hourIn(day, h);
    return hour && { ...hour, road: roadIn(roadsOf(square, day.day), h) };
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

/** The road through a day of a square, followed from the last day known before it. */
function roadsOf({ days, roads, place }: Square, day: number): Float64Array {
  const done = roads.get(day);
  if (done) return done;
  let first = day;
  while (days.has(first - 1) && !roads.has(first - 1)) first -= 1;
  const before = roads.get(first - 1);
  const road = before ? roadIn(before, 23) : { ...ROAD_UNKNOWN };
  const { lat, lon } = place;
  let through = new Float64Array(24 * ROAD_NUMBERS);
  for (let d = first; d <= day; d++) {
    through = new Float64Array(24 * ROAD_NUMBERS);
    const known = days.get(d);
    for (let h = 0; h < 24; h++) {
      // A dry hour on a dry road asks for nothing but counting, and most hours are: the rest of it costs the time.
      const hour = known && hourIn(known, h);
      if (hour && hour.rainMm === 0 && road.storeMm === 0) {
        road.dryHours += 1;
        road.hoursSinceSalt += 1;
      } else if (hour)
        Object.assign(
          road,
          roadAfter(road, hour, { lat, lon, at: startOfDay(d) + h * MS_PER_HOUR }),
        );
      through[h * ROAD_NUMBERS] = road.storeMm;
      through[h * ROAD_NUMBERS + 1] = road.dryHours;
      through[h * ROAD_NUMBERS + 2] = road.hoursSinceSalt;
    }
    roads.set(d, through);
  }
  return through;
}

const roadIn = (roads: Float64Array, h: number): Road => ({
  storeMm: roads[h * ROAD_NUMBERS] ?? 0,
  dryHours: roads[h * ROAD_NUMBERS + 1] ?? 0,
  hoursSinceSalt: roads[h * ROAD_NUMBERS + 2] ?? Infinity,
});

function hourIn(day: WeatherDay, hour: number): WeatherHour | null {
  const rainMm = day.rainMm[hour] ?? null;
  const temperatureC = day.temperatureC[hour] ?? null;
  const humidity = day.humidity[hour] ?? null;
  const windMs = day.windMs[hour] ?? null;
  if (rainMm === null || temperatureC === null || humidity === null || windMs === null) return null;
  const sunMj = day.sunMj?.[hour];
  return typeof sunMj === 'number'
    ? { rainMm, temperatureC, humidity, windMs, sunMj }
    : { rainMm, temperatureC, humidity, windMs };
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
