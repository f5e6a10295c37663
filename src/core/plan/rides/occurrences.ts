import { GROUND } from '../../care/model/exposure';
import type { Surface, Weight } from '../../records/kinds';
import { MS_PER_HOUR } from '../../units/convert';
import type { DateText } from '../../time/dates';
import { dateOf, momentOf, timeOf } from '../../time/zones';
import { datesOf } from './pattern';
import type { PlannedRide } from '../../records/plan';

/** A ride to come on its day. */
export interface RideAhead {
  /** The planned ride it comes from; of a habit, its own name. */
  plannedId: string;
  bikeId: string;
  title: string;
  date: DateText;
  /** Local time of its start. */
  time: string;
  /** Start and end, ms. */
  at: number;
  end: number;
  km: number;
  hours: number;
  surface: Surface;
  weight: Weight;
  /** Nobody planned it: it is what the rider usually does. */
  assumed: boolean;
}

/** Hours a ride takes by the usual speed on its ground. */
const hoursOf = (ride: PlannedRide): number => ride.distanceKm / GROUND[ride.surface].kmPerH;

/** A planned ride on one of its days. */
function rideOnDate(ride: PlannedRide, date: DateText, zone: string, assumed: boolean): RideAhead {
  const at = momentOf(date, ride.time, zone);
  const hours = hoursOf(ride);
  return {
    plannedId: ride.id,
    bikeId: ride.bikeId,
    title: ride.title,
    date,
    time: timeOf(at, zone),
    at,
    end: at + hours * MS_PER_HOUR,
    km: ride.distanceKm,
    hours,
    surface: ride.surface,
    weight: ride.weight,
    assumed,
  };
}

/** Rides planned and by habit, and from when (ms) to which day they are wanted. */
export interface RidesWanted {
  planned: readonly PlannedRide[];
  habits: readonly PlannedRide[];
  now: number;
  to: DateText;
  zone: string;
}

/**
 * The rides of some bikes that start after `now` and before the end of the day `to`, in order of time.
 * Where two overlap on one bike the later one starts when the first has ended.
 */
export function ridesAhead({ planned, habits, now, to, zone }: RidesWanted): RideAhead[] {
  const from = dateOf(now, zone);
  const all = [
    ...planned.map((ride) => ({ ride, assumed: false })),
    ...habits.map((ride) => ({ ride, assumed: true })),
  ].flatMap(({ ride, assumed }) =>
    datesOf(ride, from, to).map((date) => rideOnDate(ride, date, zone, assumed)),
  );
  const ahead = all
    .filter((r) => r.at > now)
    .sort((a, b) => a.at - b.at || (a.plannedId < b.plannedId ? -1 : 1));
  const endOf = new Map<string, number>();
  return ahead
    .map((r) => {
      const at = Math.max(r.at, endOf.get(r.bikeId) ?? 0);
      const end = at + r.hours * MS_PER_HOUR;
      endOf.set(r.bikeId, end);
      return at === r.at ? r : { ...r, at, end, time: timeOf(at, zone) };
    })
    .sort((a, b) => a.at - b.at);
}

/** Returns the pairs of rides that are planned at the same time on one bike. */
export function overlapping(
  planned: readonly PlannedRide[],
  from: DateText,
  to: DateText,
  zone: string,
) {
  const rides = planned
    .flatMap((ride) => datesOf(ride, from, to).map((date) => rideOnDate(ride, date, zone, false)))
    .sort((a, b) => a.at - b.at);
  return rides.flatMap((ride, n) =>
    rides
      .slice(n + 1, n + 10)
      .filter((other) => other.bikeId === ride.bikeId && other.at < ride.end)
      .map((other) => [ride, other] as const),
  );
}
