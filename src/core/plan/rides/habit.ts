import type { Replay } from '../../care/replay/replay';
import type { ReplayStep } from '../../care/replay/step';
import type { RideLogged } from '../../records/event';
import type { Surface } from '../../records/kinds';
import { MS_PER_DAY } from '../../units/convert';
import { daysAfter, weekdayOf } from '../../time/dates';
import { dateOf, timeOf } from '../../time/zones';
import type { PlannedRide } from '../../records/plan';

/** Weeks back in which a habit is looked for. Own choice. */
const WEEKS = 8;
/** Share of those weeks that must show it. Own choice. */
const OFTEN = 0.5;

const middle = <T>(sorted: readonly T[]): T => sorted[Math.floor(sorted.length / 2)] as T;

/**
 * The weekly pattern of a bike's rides over the last eight weeks up to `now` (ms): the weekdays ridden in
 * at least half of them, each with its middle distance and hour; several rides a day are several habits. A bike known for less than two weeks
 * shows none yet.
 */
export function habitOf(
  rides: readonly RideLogged[],
  bikeId: string,
  now: number,
  zone: string,
): PlannedRide[] {
  const since = now - WEEKS * 7 * MS_PER_DAY;
  const own = rides.filter(
    (r) => r.bikeId === bikeId && Date.parse(r.at) >= since && Date.parse(r.at) <= now,
  );
  const first = Math.min(...own.map((r) => Date.parse(r.at)));
  const weeks = Math.min(WEEKS, Math.ceil((now - first) / (7 * MS_PER_DAY)));
  if (own.length < 2 || weeks < 2) return [];
  const byDay = new Map<number, RideLogged[]>();
  for (const ride of own) {
    const weekday = weekdayOf(dateOf(Date.parse(ride.at), zone));
    byDay.set(weekday, [...(byDay.get(weekday) ?? []), ride]);
  }
  return [...byDay]
    .sort(([a], [b]) => a - b)
    .flatMap(([weekday, list]) =>
      ridesOfADay(list, zone).map((rides, n) => ({ weekday, rides, n })),
    )
    .filter(({ rides }) => rides.length >= OFTEN * weeks)
    .map(({ weekday, rides: list, n }): PlannedRide => {
      const km = middle(list.map((r) => r.distanceKm).sort((a, b) => a - b));
      const time = middle(list.map((r) => timeOf(Date.parse(r.at), zone)).sort());
      return {
        id: `habit ${bikeId} ${weekday}${n > 0 ? ` ${n + 1}` : ''}`,
        bikeId,
        title: middle(list.map((r) => r.note).sort()).slice(0, 120),
        date: dateOf(now, zone),
        time,
        distanceKm: Math.round(km),
        surface: usualSurface(list),
        weight: 'ordinary',
        repeat: { weekdays: [weekday], everyWeeks: 1, until: null },
        except: [],
        calendarId: null,
        retired: false,
        changedAt: new Date(now).toISOString(),
      };
    });
}

/** Minutes of the local day at which a ride began. */
function minuteOf(ride: RideLogged, zone: string): number {
  const [hour = 0, minute = 0] = timeOf(Date.parse(ride.at), zone).split(':').map(Number);
  return hour * 60 + minute;
}

/**
 * The rides of one weekday, apart by what they are on a usual one: there and back to work are two habits. A ride
 * on a day with more or fewer than usual goes with the nearest hour.
 */
function ridesOfADay(list: readonly RideLogged[], zone: string): RideLogged[][] {
  const dates = new Map<string, RideLogged[]>();
  for (const ride of [...list].sort((a, b) => (a.at < b.at ? -1 : 1))) {
    const date = dateOf(Date.parse(ride.at), zone);
    dates.set(date, [...(dates.get(date) ?? []), ride]);
  }
  const days = [...dates.values()];
  const usual = middle(days.map((rides) => rides.length).sort((a, b) => a - b));
  const hours = Array.from({ length: usual }, (_, n) =>
    middle(
      days
        .filter((rides) => rides.length === usual)
        .map((rides) => minuteOf(rides[n] as RideLogged, zone))
        .sort((a, b) => a - b),
    ),
  );
  const groups = hours.map((): RideLogged[] => []);
  for (const ride of list) {
    const off = hours.map((hour) => Math.abs(hour - minuteOf(ride, zone)));
    groups[off.indexOf(Math.min(...off))]?.push(ride);
  }
  return groups;
}

/** The habits of some bikes as their logbook shows them. */
export function habitsOf(
  replay: Replay,
  bikeIds: readonly string[],
  now: number,
  zone: string,
): PlannedRide[] {
  const rides: RideLogged[] = [];
  const since = now - WEEKS * 7 * MS_PER_DAY;
  // From the end: of twenty years of riding only the last weeks count.
  for (let n = replay.steps.length - 1; n >= 0; n--) {
    const { event } = replay.steps[n] as ReplayStep;
    if (Date.parse(event.at) < since) break;
    if (event.type === 'rideLogged') rides.push(event);
  }
  rides.reverse();
  return bikeIds.flatMap((bikeId) => habitOf(rides, bikeId, now, zone));
}

function usualSurface(rides: readonly RideLogged[]): Surface {
  const count = new Map<Surface, number>();
  for (const { surface } of rides) count.set(surface, (count.get(surface) ?? 0) + 1);
  return [...count].reduce((a, b) => (b[1] > a[1] ? b : a))[0];
}

/**
 * A habit where something else is planned: days that have a planned ride of the bike keep that one, the
 * others are taken to go on as usual. `days` is how far the plan looks.
 */
export function habitBeside(
  habit: readonly PlannedRide[],
  plannedDates: ReadonlySet<string>,
  from: string,
  days: number,
): PlannedRide[] {
  const to = daysAfter(from, days);
  const taken = [...plannedDates].filter((date) => date >= from && date <= to).sort();
  return habit.map((h) => ({ ...h, except: taken }));
}
