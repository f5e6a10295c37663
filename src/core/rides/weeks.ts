import { weekOf } from '../time/weeks';
import type { WeekStart } from '../records/kinds';
import type { RideEntry } from './entries';

/** A week's rides. */
export interface RideWeek {
  /** Its first day, 0:00 local time, ms. */
  start: number;
  /** Newest first. */
  rides: RideEntry[];
}

/** Rides, newest first, by the weeks they were ridden in where the app runs; `weekStart` 1 Monday to 7 Sunday. */
export function weeksOf(rides: readonly RideEntry[], weekStart: WeekStart): RideWeek[] {
  const weeks: RideWeek[] = [];
  let first = 0;
  while (first < rides.length) {
    const start = weekOf(Date.parse(rides[first]?.ride.at ?? ''), weekStart);
    const from = new Date(start).toISOString();
    let end = first + 1;
    while (end < rides.length && (rides[end]?.ride.at ?? '') >= from) end++;
    weeks.push({ start, rides: rides.slice(first, end) });
    first = end;
  }
  return weeks;
}

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** What a week came to: km, and metres climbed, null where no ride of it tells. Worked out for weeks that are drawn. */
export function totalsOf({ rides }: RideWeek): { km: number; climbM: number | null } {
  const climbs = rides.flatMap(({ ride }) => ride.climbM ?? []);
  return {
    km: sum(rides.map(({ ride }) => ride.distanceKm)),
    climbM: climbs.length > 0 ? sum(climbs) : null,
  };
}

/** A week's rides in the order ridden, each with where it begins and how long it is as shares of the week. */
export function piecesOf(week: RideWeek): { entry: RideEntry; from: number; share: number }[] {
  const { km } = totalsOf(week);
  let from = 0;
  return week.rides.toReversed().map((entry) => {
    const share = entry.ride.distanceKm / km;
    const piece = { entry, from, share };
    from += share;
    return piece;
  });
}
