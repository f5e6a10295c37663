import { weekOf } from '../time/weeks';
import type { WeekStart } from '../records/kinds';
import type { RideEntry } from './entries';

/** A week's rides and their totals. */
export interface RideWeek {
  /** Its first day, 0:00 local time, ms. */
  start: number;
  /** Newest first. */
  rides: RideEntry[];
  km: number;
  /** Metres climbed; null where no ride of the week tells. */
  climbM: number | null;
}

/** Rides, newest first, by the weeks they were ridden in where the app runs; `weekStart` 1 Monday to 7 Sunday. */
export function weeksOf(rides: readonly RideEntry[], weekStart: WeekStart): RideWeek[] {
  const weeks: RideWeek[] = [];
  let from = '';
  for (const entry of rides) {
    let week = weeks.at(-1);
    if (!week || entry.ride.at < from) {
      const start = weekOf(Date.parse(entry.ride.at), weekStart);
      from = new Date(start).toISOString();
      week = { start, rides: [], km: 0, climbM: null };
      weeks.push(week);
    }
    week.rides.push(entry);
    week.km += entry.ride.distanceKm;
    if (entry.ride.climbM !== null) week.climbM = (week.climbM ?? 0) + entry.ride.climbM;
  }
  return weeks;
}

/** A week's rides in the order ridden, each with where it begins and how long it is as shares of the week. */
export function piecesOf(week: RideWeek): { entry: RideEntry; from: number; share: number }[] {
  let from = 0;
  return week.rides.toReversed().map((entry) => {
    const share = entry.ride.distanceKm / week.km;
    const piece = { entry, from, share };
    from += share;
    return piece;
  });
}
