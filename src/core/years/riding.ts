import { GROUND, ridingHours } from '../care/model/exposure';
import type { ReplayStep } from '../care/replay/step';
import type { Bike } from '../records/garage';
import type { RideLogged } from '../records/event';
import type { Surface } from '../records/kinds';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';

/** A ride that is ridden every year: when in the year it begins (h), how far and where. */
export interface YearlyRide {
  startH: number;
  km: number;
  hours: number;
  surface: Surface;
  mud: boolean;
  salted: boolean;
}

/** What is ridden in a year. */
export interface YearOfRiding {
  /** In order of their start. */
  rides: YearlyRide[];
  /** `log`: the rides of the last year; `part`: those of a shorter log, as often through the whole year; `assumed`. */
  basis: 'log' | 'part' | 'assumed';
  /** How many rides of the log it was taken from, over how many days. */
  from: { rides: number; days: number };
}

const HOURS_A_YEAR = 365 * 24;
const YEAR_MS = 365 * MS_PER_DAY;
/** A log that reaches this far back is a year's. Own choice. */
const WHOLE_YEAR_DAYS = 330;
/** Fewer rides than this say nothing of a year. Own choice. */
const TELLING_RIDES = 5;

/** Before rides are logged: three rides of 30 km a week on paved roads. As `choice/profile` has it. */
function assumed(): YearlyRide[] {
  const kmPerH = GROUND.paved.kmPerH;
  const rides: YearlyRide[] = [];
  for (let week = 0; week < 52; week++)
    for (const day of [1, 3, 6])
      rides.push({
        startH: (week * 7 + day) * 24 + 9,
        km: 30,
        hours: 30 / kmPerH,
        surface: 'paved',
        mud: false,
        salted: false,
      });
  return rides;
}

/** Hours since its year began, UTC; 29 February is 1 March. */
const hourOfYear = (ms: number): number => {
  const at = new Date(ms);
  const start = Date.UTC(at.getUTCFullYear(), 0, 1);
  return Math.min(HOURS_A_YEAR - 1, (ms - start) / MS_PER_HOUR);
};

const yearly = (ride: RideLogged, startH: number): YearlyRide => ({
  startH,
  km: ride.distanceKm,
  hours: ridingHours(ride),
  surface: ride.surface,
  mud: ride.mud,
  // Salt of the road comes with its weather.
  salted: ride.surface === 'indoor' && ride.salted,
});

/** The year of riding of a bike by the last year of the log up to `now` (ms). */
export function yearOfRiding(
  steps: readonly ReplayStep[],
  bike: Pick<Bike, 'id'>,
  now: number,
): YearOfRiding {
  const own: { ride: RideLogged; at: number }[] = [];
  for (const { event, exposure } of steps) {
    if (event.type !== 'rideLogged' || event.bikeId !== bike.id || !exposure) continue;
    const at = Date.parse(event.at);
    if (at > now - YEAR_MS && at <= now) own.push({ ride: event, at });
  }
  const first = own[0]?.at ?? now;
  const days = (now - first) / MS_PER_DAY;
  const from = { rides: own.length, days: Math.round(days) };
  if (own.length < TELLING_RIDES) return { rides: assumed(), basis: 'assumed', from };
  const whole = days >= WHOLE_YEAR_DAYS;
  const spans = whole ? 1 : Math.ceil(365 / Math.max(7, days));
  const spanMs = Math.max(7, days) * MS_PER_DAY;
  // A shorter log goes round until the year is full.
  const rides = Array.from({ length: spans }, (_, n) =>
    own.flatMap(({ ride, at }) =>
      n * spanMs + (at - first) < YEAR_MS ? yearly(ride, hourOfYear(at + n * spanMs)) : [],
    ),
  ).flat();
  return {
    rides: rides.sort((a, b) => a.startH - b.startH),
    basis: whole ? 'log' : 'part',
    from,
  };
}
