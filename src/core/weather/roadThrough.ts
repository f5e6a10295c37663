import { MS_PER_HOUR } from '../units/convert';
import { startOfDay, type DayHours, type HourColumn, type WeatherHour } from './hours';
import { roadAfter, ROAD_UNKNOWN, type Road } from './road';

/** An hour of weather with the road as that hour left it. */
export interface RoadHour extends WeatherHour {
  road: Road;
}

/** Of days that only led to one asked for, the road is kept of every so many: there are thousands. */
const KEPT_EVERY = 8;

/** What is known of one square. */
export interface Square<Day extends DayHours> {
  /** Its middle: where the sun is reckoned for. */
  place: { lat: number; lon: number };
  days: Map<number, Day>;
  /** The road as a day asked for left it, and some between; `lastEnd`: none is later than this day's. */
  ends: Map<number, Road>;
  lastEnd: number;
  /** The day asked for last: a ride asks for one hour many times. */
  through: Through | null;
}

/** A day, and the road as each of its hours left it. Of 24 hours a ride asks for a few: an hour is made when it is asked for. */
interface Through {
  day: number;
  hours: DayHours;
  storeMm: Float64Array;
  dryHours: Float64Array;
  hoursSinceSalt: Float64Array;
  /** The hour asked for last. */
  last: number;
  made: RoadHour | null;
}

/** An hour of a square's day with the road as it left it; null where it is not known. */
export function hourThrough<Day extends DayHours>(
  square: Square<Day>,
  day: number,
  h: number,
): RoadHour | null {
  const through = square.through?.day === day ? square.through : followedThrough(square, day);
  if (!through || !isKnown(through.hours, h)) return null;
  if (through.last !== h || !through.made) {
    through.last = h;
    through.made = hourIn(through.hours, h, roadAt(through, h));
  }
  return through.made;
}

const roadAt = ({ storeMm, dryHours, hoursSinceSalt }: Through, h: number): Road => ({
  storeMm: storeMm[h]!,
  dryHours: dryHours[h]!,
  hoursSinceSalt: hoursSinceSalt[h]!,
});

/** Follows the road through a day hour by hour; writes over the day asked for before. Null where nothing is known of it. */
function followedThrough<Day extends DayHours>(square: Square<Day>, day: number): Through | null {
  const { place, days } = square;
  const known = days.get(day);
  if (!known) return null;
  const hours = columnsOf(known);
  const through = (square.through ??= newThrough(hours));
  square.ends.set(day, followed(roadBefore(square, day), hours, { place, day, through }));
  square.lastEnd = Math.max(square.lastEnd, day);
  through.day = day;
  through.hours = hours;
  through.made = null;
  return through;
}

const newThrough = (hours: DayHours): Through => ({
  day: NaN,
  hours,
  storeMm: new Float64Array(24),
  dryHours: new Float64Array(24),
  hoursSinceSalt: new Float64Array(24),
  last: NaN,
  made: null,
});

/** The road as a day begins, followed from the last day known before it. */
function roadBefore<Day extends DayHours>(square: Square<Day>, day: number): Road {
  const { place, days, ends } = square;
  let first = day;
  while (days.has(first - 1) && !ends.has(first - 1)) first -= 1;
  let road = ends.get(first - 1) ?? ROAD_UNKNOWN;
  for (let d = first; d < day; d++) {
    const known = days.get(d);
    if (known) {
      const hours = columnsOf(known);
      // Nothing asks for anything on such a day but counting, and half of all days are such: the rest costs the time.
      road = isDryThrough(road, hours)
        ? dryFor(road, 24)
        : followed(road, hours, { place, day: d, through: null });
    }
    if (d % KEPT_EVERY === 0) ends.set(d, road);
  }
  return road;
}

const dryFor = ({ storeMm, dryHours, hoursSinceSalt }: Road, hours: number): Road => ({
  storeMm,
  dryHours: dryHours + hours,
  hoursSinceSalt: hoursSinceSalt + hours,
});

/** Where and when a road is followed, and into what it is written. */
interface Along {
  place: { lat: number; lon: number };
  day: number;
  through: Through | null;
}

/** The road after a day; how each hour left it is written into `through`. An hour that is not known leaves it as it is. */
function followed(from: Road, hours: DayHours, { place, day, through }: Along): Road {
  let at = startOfDay(day);
  let road = from;
  for (let h = 0; h < 24; h++) {
    if (isKnown(hours, h))
      road =
        road.storeMm === 0 && hours.rainMm[h] === 0
          ? dryFor(road, 1)
          : roadAfter(road, hourIn(hours, h, road), place, at);
    at += MS_PER_HOUR;
    if (!through) continue;
    through.storeMm[h] = road.storeMm;
    through.dryHours[h] = road.dryHours;
    through.hoursSinceSalt[h] = road.hoursSinceSalt;
  }
  return road;
}

/** The columns of a day, each asked for once: of old days they are read from a text. */
const columnsOf = ({ rainMm, temperatureC, humidity, windMs, sunMj }: DayHours): DayHours => ({
  rainMm,
  temperatureC,
  humidity,
  windMs,
  sunMj,
});

/** Whether a road is dry and stays so through a day of which all is known. */
const isDryThrough = (road: Road, { rainMm, temperatureC, humidity, windMs }: DayHours): boolean =>
  road.storeMm === 0 &&
  rainMm.length === 24 &&
  rainMm.every((mm) => mm === 0) &&
  isWhole(temperatureC) &&
  isWhole(humidity) &&
  isWhole(windMs);

const isWhole = (hours: HourColumn): boolean => hours.length === 24 && !hours.includes(null);

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
