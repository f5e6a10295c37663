import FitParser from 'fit-file-parser';
import { fail, ok, type Problem, type Result } from '../problem';
import { chainedFits } from './fitChain';
import { gearsOf, type FitGearEvent } from './fitGears';
import { takeRecords } from './fitRecords';
import { pausesOf, pointOf, pointsOf, type FitRecord, type FitTimerEvent } from './fitTrack';
import { moment, number, text } from './fitValues';
import type { TrackPoint } from '../track/summary';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';

/** The mark every FIT file carries behind its header's length. */
export const isFit = (bytes: Uint8Array): boolean =>
  bytes.length > 12 && String.fromCharCode(...bytes.subarray(8, 12)) === '.FIT';

/** The parts used of a decoded file; any of them may be missing. */
interface Decoded {
  file_ids?: { type?: unknown; product_name?: unknown; manufacturer?: unknown }[];
  sessions?: Session[];
  laps?: Session[];
  records?: FitRecord[];
  events?: (FitTimerEvent & FitGearEvent)[];
}

interface Session {
  start_time?: unknown;
  timestamp?: unknown;
  total_distance?: unknown;
  total_timer_time?: unknown;
  total_moving_time?: unknown;
  total_elapsed_time?: unknown;
  total_ascent?: unknown;
  sport?: unknown;
  sub_sport?: unknown;
}

/** Kinds of FIT files that hold no ride, by their type, and as what they are named to the rider. */
const NO_RIDES: Readonly<Record<string, Problem>> = {
  course: { code: 'track/course' },
  workout: { code: 'fit/workout' },
  schedules: { code: 'fit/workout' },
  monitoring_a: { code: 'fit/monitoring' },
  monitoring_b: { code: 'fit/monitoring' },
  monitoring_daily: { code: 'fit/monitoring' },
  weight: { code: 'fit/monitoring' },
  blood_pressure: { code: 'fit/monitoring' },
};
const SETTINGS: Problem = { code: 'fit/settings' };

/**
 * Reads a FIT file, or several in a row: each session of an activity is a ride. A file whose check sums do not hold is
 * refused, one that is a course, a workout or settings named as such.
 */
export const readFit = (bytes: Uint8Array): Result<Result<RideFromFile>[]> =>
  ridesIn(bytes, decodeQuickly);

/** The same, with the decoder for all of it: to check the quick way against. */
export const readFitPlainly = (bytes: Uint8Array): Result<Result<RideFromFile>[]> =>
  ridesIn(bytes, decodePlainly);

function ridesIn(
  bytes: Uint8Array,
  decodeAs: (bytes: Uint8Array) => Activity | null,
): Result<Result<RideFromFile>[]> {
  const parts = chainedFits(bytes);
  if (parts.length === 0) return fail('file/damaged');
  const rides: Result<RideFromFile>[] = [];
  for (const part of parts) {
    const activity = decodeAs(part);
    if (!activity) return fail('file/damaged');
    const problem = whyNoRide(activity.decoded);
    rides.push(...(problem ? [{ ok: false, problem } as const] : ridesOf(activity)));
  }
  return ok(rides);
}

/** What a file says, and the points of its records. */
interface Activity {
  decoded: Decoded;
  points: TrackPoint[];
}

function decodePlainly(bytes: Uint8Array): Activity | null {
  const decoded = decode(bytes);
  return decoded && { decoded, points: (decoded.records ?? []).map(pointOf) };
}

function decodeQuickly(bytes: Uint8Array): Activity | null {
  const taken = takeRecords(bytes);
  const decoded = taken && decode(taken.rest);
  return decoded ? { decoded, points: taken.points } : decodePlainly(bytes);
}

function whyNoRide({ file_ids: ids }: Decoded): Problem | null {
  const type = ids?.[0]?.type;
  if (type === undefined || type === 'activity') return null;
  return NO_RIDES[String(type)] ?? SETTINGS;
}

function ridesOf({ decoded, points }: Activity): Result<RideFromFile>[] {
  const id = decoded.file_ids?.[0];
  const device = text(id?.product_name) || text(id?.manufacturer);
  const pauses = pausesOf(decoded.events ?? []);
  const sessions = decoded.sessions?.length ? decoded.sessions : [wholeOf(decoded.laps ?? [])];
  return sessions.map((session, i) => {
    const from = moment(session.start_time);
    const next = moment(sessions[i + 1]?.start_time);
    const span = { from: sessions.length > 1 ? from : null, until: next };
    const metres = number(session.total_distance);
    const hours = (seconds: unknown) => {
      const value = number(seconds);
      return value ? value / 3600 : null;
    };
    return rideFrom(pointsOf(points, pauses, span), {
      ...NOTHING_RECORDED,
      device,
      sport: sportWord(session),
      startedAt: from,
      distanceKm: metres === null ? null : metres / 1000,
      movingH: hours(session.total_moving_time) ?? hours(session.total_timer_time),
      elapsedH: hours(session.total_elapsed_time),
      climbM: number(session.total_ascent),
      gears: gearsOf(
        decoded.events ?? [],
        [from ?? 0, next ?? moment(session.timestamp) ?? from ?? 0],
        pauses,
      ),
    });
  });
}

/** Laps taken together, of a file that was cut off before its session. */
function wholeOf(laps: readonly Session[]): Session {
  if (laps.length === 0) return {};
  const sum = (key: keyof Session) =>
    laps.reduce<number | null>((all, lap) => {
      const value = number(lap[key]);
      return all === null || value === null ? null : all + value;
    }, 0);
  return {
    start_time: laps[0]?.start_time,
    sport: laps[0]?.sport,
    sub_sport: laps[0]?.sub_sport,
    total_distance: sum('total_distance'),
    total_timer_time: sum('total_timer_time'),
    total_elapsed_time: sum('total_elapsed_time'),
    total_ascent: sum('total_ascent'),
  };
}

/** Sub-sports that change what a sport is: a bicycle on the spot, or one with a motor. */
const TELLING = /indoor|virtual|spin|e_bike|motor|hand_cycl/;

/** The word of a session's sport; "generic" says nothing. */
function sportWord({ sport, sub_sport: sub }: Session): string {
  const [word, kind] = [text(sport), text(sub)];
  if (/fitness_equipment|training|generic/.test(word) && /cycl|bik|spin/.test(kind)) return kind;
  if (word === 'generic') return '';
  return TELLING.test(kind) && /cycl|bik/.test(word) ? kind : word;
}

function decode(bytes: Uint8Array): Decoded | null {
  let result: Decoded | null = null;
  try {
    const parser = new FitParser({
      force: false,
      mode: 'list',
      lengthUnit: 'm',
      speedUnit: 'km/h',
    });
    // The decoder takes a buffer whole: bytes that are a window on a larger one are cut out first.
    const whole = bytes.slice().buffer;
    parser.parse(whole, (error, data) => {
      if (!error) result = data as Decoded;
    });
  } catch {
    return null;
  }
  return result;
}
