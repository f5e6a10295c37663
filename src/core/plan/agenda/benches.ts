import { exposureOf, letThrough, waterKept, type Exposure } from '../../care/model/exposure';
import { MS_PER_DAY, MS_PER_HOUR } from '../../units/convert';
import { storedAir, type Air } from '../../weather/drying';
import { dayNumber, daysAfter, weekdayOf, type DateText } from '../../time/dates';
import { dateOf, momentOf } from '../../time/zones';
import type { RideAhead } from '../rides/occurrences';
import type { BenchSlot, RainOnIt, RideExposed } from '../solver/problem';
import type { BikeNow, PlanRequest } from './request';
import type { WeatherToCome } from './weathers';
import type { PlanSettings } from '../../records/plan';

/** Opened later than this after the usual hour, the evening is over. */
const EVENING_H = 4;
/** Days before a race on which the lube stays what it is. Common practice: nothing new on race day. */
const SAME_LUBE_DAYS = 7;
/** Work for a race ends so many days before it: it sets, and a short ride shakes it out. */
const RACE_EVE_DAYS = 2;

/** The minutes a rider has on a day. */
const minutesOn = (plan: PlanSettings, date: DateText): number =>
  plan.otherDays[date] ?? plan.minutes[weekdayOf(date) - 1] ?? 0;

/** Returns the minutes free on each day of the plan, from today on. */
export function minutesOfDays({ settings, now, zone }: PlanRequest): number[] {
  const { plan } = settings;
  const today = dateOf(now, zone);
  const over = now > momentOf(today, plan.benchTime, zone) + EVENING_H * MS_PER_HOUR;
  return Array.from({ length: plan.days }, (_, d) =>
    d === 0 && over ? 0 : minutesOn(plan, daysAfter(today, d)),
  );
}

/** Returns the exposure of a ride in one of the weathers that may come. */
function exposureIn(weather: WeatherToCome, ride: RideAhead, { bike, chain }: BikeNow): Exposure {
  const { from, rainMm, wetShare, dust, salted } = weather;
  const first = Math.max(0, Math.floor((ride.at - from) / MS_PER_HOUR));
  const last = Math.max(first, Math.ceil((ride.end - from) / MS_PER_HOUR) - 1);
  let known = 0;
  const late = { wetShare: 0, rainMmPerH: 0 };
  let lateKnown = 0;
  const sky = { wetShare: 0, rainMmPerH: 0, late, dust: 0, dustEverywhere: false, salted: false };
  for (let h = first; h <= last && h < rainMm.length; h++) {
    const [rain, wet] = [rainMm[h]!, wetShare[h]!];
    known += 1;
    sky.wetShare += wet;
    sky.rainMmPerH += rain;
    sky.dust += dust[h]!;
    const kept = waterKept(last - h);
    lateKnown += kept;
    late.wetShare += kept * wet;
    late.rainMmPerH += kept * rain;
    sky.salted ||= salted[h] === 1 && wet > 0;
  }
  if (known > 0) {
    sky.wetShare /= known;
    sky.rainMmPerH /= known;
    sky.dust /= known;
    late.wetShare /= lateKnown;
    late.rainMmPerH /= lateKnown;
  }
  const ground = { distanceKm: ride.km, surface: ride.surface, mud: false };
  return exposureOf(ground, ride.hours, sky, { bike, links: chain.links });
}

/** The air a chain dries in through the day after a moment, on the average of the weathers. */
function airAfter(weathers: readonly WeatherToCome[], at: number, { bike }: BikeNow): Air {
  let count = 0;
  let temperatureC = 0;
  let humidity = 0;
  for (const weather of weathers) {
    const first = Math.max(0, Math.floor((at - weather.from) / MS_PER_HOUR));
    for (let h = first; h < first + 24 && h < weather.humidity.length; h += 3) {
      count += 1;
      temperatureC += weather.temperatureC[h]!;
      humidity += weather.humidity[h]!;
    }
  }
  const outside =
    count > 0 ? { temperatureC: temperatureC / count, humidity: humidity / count } : null;
  return storedAir(bike.storage, outside);
}

/** Returns the rain on a bike from one moment to another, ms, as if it had all fallen half way. */
function rainOnIt(
  weathers: readonly WeatherToCome[],
  { bike }: BikeNow,
  [from, until]: readonly [number, number],
): RainOnIt {
  const guard = letThrough(bike).water;
  const mm = weathers.map((w) => {
    const hour = (ms: number) => Math.max(0, Math.floor((ms - w.from) / MS_PER_HOUR));
    const fell = w.rainMm.subarray(hour(from), hour(until)).reduce((sum, mm) => sum + mm, 0);
    return fell * guard;
  });
  return { at: (from + until) / 2, mm };
}

/** A bike's benches, one a day, with the rides between them; and the rides before the first. */
export function benchesFor(
  request: PlanRequest,
  now: BikeNow,
  weathers: readonly WeatherToCome[],
): { before: RideExposed[]; benches: BenchSlot[] } {
  const { zone, settings, marks } = request;
  const { plan } = settings;
  const today = dateOf(request.now, zone);
  const minutes = minutesOfDays(request);
  const own = request.rides.filter((r) => r.bikeId === now.bike.id);
  const races = own.filter((r) => r.weight === 'race').map((r) => r.date);
  const exposed = own.map((ride): RideExposed => ({
    date: ride.date,
    at: ride.at,
    hours: ride.hours,
    weight: ride.weight,
    exposure: weathers.map((w) => exposureIn(w, ride, now)),
  }));
  const starts = Array.from({ length: plan.days }, (_, d) => {
    const hour = momentOf(daysAfter(today, d), plan.benchTime, zone);
    const out = own.find((r) => r.at < hour && r.end > hour);
    const end = momentOf(daysAfter(today, d + 1), '00:00', zone);
    // On a ride of several days there is no bench that day, and it keeps its date.
    const away = out !== undefined && out.end >= end;
    return { from: Math.max(hour, away ? 0 : (out?.end ?? 0), request.now), away };
  });
  const benches = starts.map(({ from, away }, d): BenchSlot => {
    const date = daysAfter(today, d);
    const until = starts[d + 1]?.from ?? from + MS_PER_DAY;
    const mark = marks.find(
      (m) => !m.retired && m.bikeId === now.bike.id && m.date <= date && date <= m.until,
    );
    const day = dayNumber(date);
    const toRace = races.map((r) => dayNumber(r) - day).filter((n) => n >= 0);
    const nextRace = toRace.find((n) => n >= RACE_EVE_DAYS);
    const rides = exposed.filter((r) => r.at >= from && r.at < until);
    const home = rides.reduce((end, r) => Math.max(end, r.at + r.hours * MS_PER_HOUR), from);
    const outdoors = now.bike.storage === 'outdoors';
    return {
      date,
      day,
      from,
      minutes: away ? 0 : (minutes[d] ?? 0),
      air: airAfter(weathers, from, now),
      nextRideAt: own.find((r) => r.at >= from)?.at ?? null,
      rides,
      parked: outdoors ? rainOnIt(weathers, now, [Math.min(home, until), until]) : null,
      raceEve: toRace.some((n) => n < RACE_EVE_DAYS),
      raceBy: nextRace === undefined ? null : day + nextRace - RACE_EVE_DAYS,
      sameLube: toRace.some((n) => n <= SAME_LUBE_DAYS),
      mark: mark ? (mark.kind === 'leave' ? 'leave' : mark.depth) : null,
    };
  });
  return { before: exposed.filter((r) => r.at < (starts[0]?.from ?? request.now)), benches };
}
