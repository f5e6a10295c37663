import type { Replay } from '../../care/replay/replay';
import type { PlannedRide } from '../../records/plan';
import { daysAfter, dayNumber, type DateText } from '../../time/dates';
import { dateOf } from '../../time/zones';
import { habitBeside, habitsOf } from './habit';
import { ridesAhead, type RideAhead } from './occurrences';
import { datesOf } from './pattern';

/** What rides to come are worked out from: the logbook and the rides planned, at `now` (ms). */
export interface ComingBasis {
  replay: Replay;
  planned: readonly PlannedRide[];
  bikeIds: readonly string[];
  now: number;
  to: DateText;
  zone: string;
}

/** Rides to come of some bikes, in order of time: those planned, and on other days what the rider usually rides. */
export function comingRides({ replay, planned, bikeIds, now, to, zone }: ComingBasis): {
  rides: RideAhead[];
  /** What the logbook shows to be the rider's habit. */
  habits: PlannedRide[];
} {
  const from = dateOf(now, zone);
  const habits = habitsOf(replay, bikeIds, now, zone);
  // A day with a planned ride of the bike keeps that one; on the others the habit goes on.
  const beside = habits.flatMap((habit) => {
    const dates = planned
      .filter((p) => p.bikeId === habit.bikeId)
      .flatMap((p) => datesOf(p, from, to));
    return habitBeside([habit], new Set(dates), from, dayNumber(to) - dayNumber(from));
  });
  return { habits, rides: ridesAhead({ planned, habits: beside, now, to, zone }) };
}

/** Days within which a likely day is said. Beyond that nobody knows. Own choice. */
export const DAYS_SAID = 60;

/** The last day within which a likely day is said. */
export const lastDaySaid = (now: number, zone: string): DateText =>
  daysAfter(dateOf(now, zone), DAYS_SAID);

/** The day of the ride on which a bike will have gone so many km from now; null: on none of these rides. */
export function dayReached(
  rides: readonly RideAhead[],
  bikeId: string,
  km: number,
): DateText | null {
  let ridden = 0;
  for (const ride of rides) {
    if (ride.bikeId !== bikeId) continue;
    ridden += ride.km;
    if (ridden >= km) return ride.date;
  }
  return null;
}
