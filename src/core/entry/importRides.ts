import type { RideFromFile } from '../formats';
import { firstFitted, type Fitting, type RideLogged } from '../logbook';
import type { Problem, Result } from '../problem';
import { LONGEST_RIDE_KM, type RideFields } from './ride';

/** A file as it was read. */
export interface ReadFile {
  name: string;
  rides: Result<RideFromFile[]>;
}

/** What becomes of a ride of a file, or of the file where it has none. */
export type ImportRow = { file: string } & (
  | { outcome: 'added'; ride: RideFields; disagrees: boolean }
  | { outcome: 'duplicate'; distanceKm: number; startedAt: string }
  | { outcome: 'failed'; problem: Problem }
);

/** Two rides are one when they start within this and their distances agree within the share. */
const SAME_START_MS = 2 * 60_000;
const SAME_DISTANCE = 0.02;

const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });

/**
 * What importing these files to a bike will do, a row for each ride and each failed file. A ride that is
 * in the log already, or twice in the batch, is not added again. Weather is not known from a file.
 */
export function planImport(
  files: readonly ReadFile[],
  bikeId: string,
  context: { rides: readonly RideLogged[]; fittings: readonly Fitting[]; now: number },
): ImportRow[] {
  const known = context.rides.map((r) => ({ at: Date.parse(r.at), km: r.distanceKm }));
  const first = firstFitted(context.fittings, bikeId);
  return files.flatMap(({ name: file, rides }): ImportRow[] => {
    if (!rides.ok) return [{ file, outcome: 'failed', problem: rides.problem }];
    return rides.value.map((ride): ImportRow => {
      const { startedAt, distanceKm } = ride;
      const at = Date.parse(startedAt);
      const same = known.some(
        (k) =>
          Math.abs(k.at - at) <= SAME_START_MS && Math.abs(k.km / distanceKm - 1) <= SAME_DISTANCE,
      );
      if (same) return { file, outcome: 'duplicate', distanceKm, startedAt };
      const problem = problemOf(ride, first, context.now);
      if (problem) return { file, outcome: 'failed', problem };
      known.push({ at, km: distanceKm });
      return { file, outcome: 'added', ride: fieldsOf(ride, bikeId), disagrees: ride.disagrees };
    });
  });
}

function problemOf(ride: RideFromFile, first: string | null, now: number): Problem | null {
  if (ride.distanceKm > LONGEST_RIDE_KM)
    return { code: 'distance/too-long', detail: `${LONGEST_RIDE_KM} km` };
  if (Date.parse(ride.startedAt) > now) return { code: 'date/future' };
  if (first === null) return { code: 'chain/missing' };
  if (ride.startedAt < first)
    return { code: 'date/before-fitted', detail: day.format(Date.parse(first)) };
  return null;
}

const fieldsOf = (ride: RideFromFile, bikeId: string): RideFields => ({
  at: ride.startedAt,
  bikeId,
  distanceKm: ride.distanceKm,
  durationH: ride.movingH > 0 && ride.movingH <= 72 ? ride.movingH : null,
  weather: 'unknown',
  surface: 'paved',
  mud: false,
  salted: false,
  note: ride.name.slice(0, 500),
});
