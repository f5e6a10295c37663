import type { RideFromFile } from '../formats';
import type { ReadFile } from '../formats/rideFile';
import {
  LONGEST_RIDE_KM,
  firstFitted,
  type Fitting,
  type RideLogged,
  type Surface,
} from '../logbook';
import type { Problem } from '../problem';
import { clueOf } from './bikeRules';
import type { RideFields } from '../entry/ride';

/** A ride to be added: the fields of a form, and the zone it was ridden in where the file names one. */
export type ImportedRide = RideFields & { zone?: string };

/** What becomes of a ride of a file, or of the file where it has none. */
export type ImportRow = { file: string } & (
  | { outcome: 'added'; ride: ImportedRide; disagrees: boolean; cleaned: boolean }
  | { outcome: 'duplicate'; distanceKm: number; startedAt: string }
  | { outcome: 'failed'; problem: Problem }
);

export interface ImportContext {
  rides: readonly RideLogged[];
  fittings: readonly Fitting[];
  now: number;
  /** The bike of each clue. */
  bikeOf: (clue: string) => string;
  /** What the ride recorder calls a file's ride; null when it came another way. */
  recorderId?: (file: string) => string | null;
}

/** Two rides are one when they start within this and their distances agree within the share. */
const SAME_START_MS = 2 * 60_000;
const SAME_DISTANCE = 0.02;

interface Known {
  at: number;
  km: number;
}

/** Whether a ride is one of those known. */
export const isKnown = (known: readonly Known[], at: number, km: number): boolean =>
  known.some(
    (k) => Math.abs(k.at - at) <= SAME_START_MS && Math.abs(k.km / km - 1) <= SAME_DISTANCE,
  );

/**
 * What importing these files will do, a row for each ride and each failed file. A ride that is in the
 * log already, or twice in the batch, is not added again. Weather is not known from a file; the surface
 * is the bike's last one.
 */
export function planImport(files: readonly ReadFile[], context: ImportContext): ImportRow[] {
  const known = context.rides.map((r) => ({ at: Date.parse(r.at), km: r.distanceKm }));
  const surfaces = new Map<string, Surface>();
  for (const ride of context.rides)
    if (!surfaces.has(ride.bikeId)) surfaces.set(ride.bikeId, ride.surface);
  return files.flatMap(({ name: file, rides }): ImportRow[] => {
    if (!rides.ok) return [{ file, outcome: 'failed', problem: rides.problem }];
    return rides.value.map((read): ImportRow => {
      if (!read.ok) return { file, outcome: 'failed', problem: read.problem };
      const ride = read.value;
      const { startedAt, distanceKm } = ride;
      const at = Date.parse(startedAt);
      if (isKnown(known, at, distanceKm))
        return { file, outcome: 'duplicate', distanceKm, startedAt };
      const bikeId = context.bikeOf(clueOf(ride, file));
      const problem = oddityOf(ride, firstFitted(context.fittings, bikeId), context.now);
      if (problem) return { file, outcome: 'failed', problem };
      known.push({ at, km: distanceKm });
      const fields: ImportedRide = {
        ...fieldsOf(ride, bikeId, surfaces.get(bikeId) ?? 'paved'),
        recorderId: context.recorderId?.(file) ?? null,
      };
      const { disagrees, cleaned } = ride;
      return { file, outcome: 'added', ride: fields, disagrees, cleaned };
    });
  });
}

/** A track that lasts longer holds several rides, or its clock was reset. Own choice: a ten-day tour. */
const LONGEST_TRACK_MINUTES = 10 * 24 * 60;
/** Faster on average is a car, a train, or minutes taken for hours. Own choice, above any bicycle race. */
const FASTEST_KM_PER_H = 70;

function oddityOf(ride: RideFromFile, first: string | null, now: number): Problem | null {
  if (ride.distanceKm > LONGEST_RIDE_KM)
    return { code: 'distance/too-long', mostKm: LONGEST_RIDE_KM };
  const minutes = ride.path?.at(-1)?.[2] ?? 0;
  if (minutes > LONGEST_TRACK_MINUTES) return { code: 'track/too-long' };
  if (ride.movingH !== null && ride.distanceKm > ride.movingH * FASTEST_KM_PER_H + 1)
    return { code: 'track/too-fast' };
  if (Date.parse(ride.startedAt) > now) return { code: 'date/future' };
  if (first === null) return { code: 'chain/missing' };
  return null;
}

const fieldsOf = (ride: RideFromFile, bikeId: string, surface: Surface): ImportedRide => ({
  at: ride.startedAt,
  ...(ride.zone === null ? {} : { zone: ride.zone }),
  bikeId,
  distanceKm: ride.distanceKm,
  durationH: ride.movingH !== null && ride.movingH > 0 && ride.movingH <= 72 ? ride.movingH : null,
  weather: ride.indoors ? 'dry' : 'unknown',
  surface: ride.indoors ? 'indoor' : surface === 'indoor' ? 'paved' : surface,
  mud: false,
  salted: false,
  note: ride.name.slice(0, 500),
  climbM: ride.climbM !== null && ride.climbM <= 30_000 ? Math.round(ride.climbM) : null,
  path: ride.path,
  recorderId: null,
});
