import type { RideFields } from '../entry/ride';
import type { RideFromFile } from '../formats/rideFromFile';
import type { ReadFile } from '../formats/rideFile';
import type { WorkFromFile } from '../formats/table/work';
import { firstFitted, type Fitting } from '../logbook/fittings';
import type { PlainEvent, RideLogged } from '../records/event';
import type { Surface } from '../records/kinds';
import type { Problem } from '../problem';
import { MS_PER_HOUR } from '../units/convert';
import { clueOf, clueOfWork } from './bikeRules';
import { knownRides, type KnownRides } from './known';
import { eventOfWork, isWorkKnown, type NewWork } from './pastWork';
import { disagrees, doubtOf, type Doubt } from './sense';

/** A ride to be added: the fields of a form, and the zone it was ridden in where the file names one. */
export type ImportedRide = RideFields & { zone?: string };

/** What the rider says of a ride held back: add it as it is, mended in one of the ways offered, or not. */
export type Decision = 'as it is' | 'leave out' | Doubt['mends'][number]['how'];
/** Decisions by the key of a row. */
export type Decisions = Readonly<Record<string, Decision>>;

/** What becomes of a ride of a file, or of the file where it has none. */
export type ImportRow = { file: string; key: string } & (
  | {
      outcome: 'added';
      ride: ImportedRide;
      disagrees: boolean;
      cleaned: boolean;
      eBike: boolean;
      mended: boolean;
    }
  | { outcome: 'held'; ride: RideFromFile; doubt: Doubt }
  | { outcome: 'left out'; distanceKm: number; startedAt: string }
  | { outcome: 'duplicate'; distanceKm: number; startedAt: string }
  | { outcome: 'work'; work: NewWork; note: string }
  | { outcome: 'work known'; at: string; note: string }
  | { outcome: 'failed'; problem: Problem }
);

export interface ImportContext {
  rides: readonly RideLogged[];
  fittings: readonly Fitting[];
  /** Effective, in order of time: past work is not written twice. */
  events?: readonly PlainEvent[];
  now: number;
  /** The bike of each clue. */
  bikeOf: (clue: string) => string;
  /** What the rider says of rides held back. */
  decisions?: Decisions;
  /** What the ride recorder calls a file's ride; null when it came another way. */
  recorderId?: (file: string) => string | null;
}

/**
 * What importing these files will do, a row for each ride and each failed file. A ride that is in the
 * log already, or twice in the batch, is not added again; one whose figures are odd is held back until the rider has
 * looked at it. Weather is not known from a file; the surface is the bike's last one.
 */
export function planImport(files: readonly ReadFile[], context: ImportContext): ImportRow[] {
  const known = knownRides(context.rides);
  const surfaces = new Map<string, Surface>();
  for (const ride of context.rides)
    if (!surfaces.has(ride.bikeId)) surfaces.set(ride.bikeId, ride.surface);
  return files.flatMap(({ name: file, rides, work = [] }, f): ImportRow[] => {
    if (work.length > 0)
      return work.map((one, n) => workRow(one, { file, key: `${f}.${n}` }, context));
    if (!rides.ok) return [{ file, key: `${f}`, outcome: 'failed', problem: rides.problem }];
    known.nextFile();
    return rides.value.map((read, n): ImportRow => {
      const key = `${f}.${n}`;
      if (!read.ok) return { file, key, outcome: 'failed', problem: read.problem };
      return { file, key, ...becomes(read.value, { file, key, known, surfaces, context }) };
    });
  });
}

/** What becomes of a row of past work. */
function workRow(
  work: WorkFromFile,
  row: { file: string; key: string },
  { bikeOf, fittings, events = [], now }: ImportContext,
): ImportRow {
  if (Date.parse(work.at) > now)
    return { ...row, outcome: 'failed', problem: { code: 'date/future' } };
  const event = eventOfWork(work, bikeOf(clueOfWork(work, row.file)), fittings, events);
  if (!event.ok) return { ...row, outcome: 'failed', problem: event.problem };
  return isWorkKnown(event.value, events)
    ? { ...row, outcome: 'work known', at: work.at, note: work.note }
    : { ...row, outcome: 'work', work: event.value, note: work.note };
}

interface Around {
  file: string;
  key: string;
  known: KnownRides;
  surfaces: ReadonlyMap<string, Surface>;
  context: ImportContext;
}

type DistributiveOmit<T, K extends string> = T extends unknown ? Omit<T, K> : never;
type Outcome = DistributiveOmit<ImportRow, 'file' | 'key'>;

function becomes(read: RideFromFile, around: Around): Outcome {
  const { file, key, known, surfaces, context } = around;
  const ride = notAhead(read, context.now);
  const { startedAt, distanceKm } = ride;
  if (known.has(ride)) return { outcome: 'duplicate', distanceKm, startedAt };
  const bikeId = context.bikeOf(clueOf(ride, file));
  const problem = whyNot(ride, firstFitted(context.fittings, bikeId), context.now);
  if (problem) return { outcome: 'failed', problem };
  const doubt = doubtOf(ride, known.overlaps(ride, bikeId) ? ['at the same time'] : []);
  const decision = context.decisions?.[key];
  if (doubt && decision === 'leave out') return { outcome: 'left out', distanceKm, startedAt };
  const taken = doubt ? mended(ride, doubt, decision) : ride;
  if (!taken) return { outcome: 'held', ride, doubt: doubt! };
  known.add(taken, bikeId);
  return {
    outcome: 'added',
    ride: fieldsOf(taken, bikeId, {
      surface: surfaces.get(bikeId) ?? 'paved',
      recorderId: context.recorderId?.(file) ?? null,
    }),
    disagrees: disagrees(taken),
    cleaned: taken.cleaned,
    eBike: taken.eBike,
    mended: doubt !== null,
  };
}

/** Of today's ride a table may know the day only: it was not ridden at a noon still to come. */
const notAhead = (ride: RideFromFile, now: number): RideFromFile => {
  const ahead = Date.parse(ride.startedAt) - now;
  return !ride.timed && ahead > 0 && ahead <= 12 * MS_PER_HOUR
    ? { ...ride, startedAt: new Date(now).toISOString() }
    : ride;
};

/** A doubtful ride as the rider decided; null: they have not, or in a way it does not have. */
function mended(
  ride: RideFromFile,
  doubt: Doubt,
  decision: Decision | undefined,
): RideFromFile | null {
  if (decision === 'as it is') return doubt.asItIs ? ride : null;
  return doubt.mends.find((mend) => mend.how === decision)?.ride ?? null;
}

/** A track that lasts longer holds several rides, or its clock was reset. Own choice: a ten-day tour. */
const LONGEST_TRACK_MINUTES = 10 * 24 * 60;
/** No log begins before. */
const EARLIEST = Date.parse('1990-01-02T00:00:00Z');

function whyNot(ride: RideFromFile, first: string | null, now: number): Problem | null {
  const at = Date.parse(ride.startedAt);
  const minutes = ride.path?.at(-1)?.[2] ?? 0;
  if (minutes > LONGEST_TRACK_MINUTES) return { code: 'track/too-long' };
  if (at < EARLIEST) return { code: 'track/clock-not-set' };
  if (at > now) return { code: 'date/future' };
  if (first === null) return { code: 'chain/missing' };
  return null;
}

/** Field by field: an archive holds thousands, and copies of copies keep the page waiting. */
function fieldsOf(
  ride: RideFromFile,
  bikeId: string,
  { surface, recorderId }: { surface: Surface; recorderId: string | null },
): ImportedRide {
  const fields: ImportedRide = {
    at: ride.startedAt,
    bikeId,
    distanceKm: ride.distanceKm,
    durationH: ride.movingH,
    weather: ride.indoors ? 'dry' : 'unknown',
    surface: ride.indoors ? 'indoor' : surface === 'indoor' ? 'paved' : surface,
    mud: false,
    salted: false,
    note: ride.name.slice(0, 500),
    climbM: ride.climbM === null ? null : Math.round(ride.climbM),
    path: ride.path,
    recorderId,
  };
  if (ride.zone !== null) fields.zone = ride.zone;
  if (ride.gears.length > 0) fields.gears = ride.gears.slice(0, MOST_GEARS);
  return fields;
}

/** More pairs of ring and cog no bicycle has. */
const MOST_GEARS = 60;
