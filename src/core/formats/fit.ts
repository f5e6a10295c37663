import FitParser from 'fit-file-parser';
import { fail, ok, type Result } from '../problem';
import type { TrackPoint } from '../track';
import { isMoment, NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';

/** The mark every FIT file carries behind its header's length. */
export const isFit = (bytes: Uint8Array): boolean =>
  bytes.length > 12 && String.fromCharCode(...bytes.subarray(8, 12)) === '.FIT';

/** The parts used of a decoded file; any of them may be missing. */
interface Decoded {
  file_ids?: { product_name?: unknown; manufacturer?: unknown }[];
  sessions?: Session[];
  records?: {
    timestamp?: unknown;
    position_lat?: unknown;
    position_long?: unknown;
    altitude?: unknown;
    enhanced_altitude?: unknown;
  }[];
}

interface Session {
  start_time?: unknown;
  timestamp?: unknown;
  total_distance?: unknown;
  total_timer_time?: unknown;
  total_ascent?: unknown;
  sport?: unknown;
  sub_sport?: unknown;
}

/** Reads a FIT activity: each session is a ride. A file whose check sums do not hold is refused. */
export function readFit(bytes: Uint8Array): Result<Result<RideFromFile>[]> {
  const decoded = decode(bytes);
  if (!decoded) return fail('file/damaged');
  const id = decoded.file_ids?.[0];
  const device = text(id?.product_name) || text(id?.manufacturer);
  const points = (decoded.records ?? []).map((record): TrackPoint => {
    const { timestamp, position_lat: lat, position_long: lon } = record;
    return {
      lat: number(lat) ?? NaN,
      lon: number(lon) ?? NaN,
      at: moment(timestamp),
      elevationM: number(record.enhanced_altitude) ?? number(record.altitude),
    };
  });
  const sessions = decoded.sessions?.length ? decoded.sessions : [{}];
  return ok(
    sessions.map((session: Session, i) => {
      const from = moment(session.start_time);
      const until = moment(sessions[i + 1]?.start_time);
      const own =
        sessions.length === 1
          ? points
          : points.filter(
              (p) => p.at !== null && p.at >= (from ?? 0) && (until === null || p.at < until),
            );
      const metres = number(session.total_distance);
      const seconds = number(session.total_timer_time);
      return rideFrom([own], {
        ...NOTHING_RECORDED,
        device,
        sport: text(session.sport),
        startedAt: from,
        distanceKm: metres === null ? null : metres / 1000,
        movingH: seconds ? seconds / 3600 : null,
        climbM: number(session.total_ascent),
        indoors: /indoor|virtual/.test(text(session.sub_sport)),
      });
    }),
  );
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

const text = (value: unknown): string => (typeof value === 'string' ? value : '');

const number = (value: unknown): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;

function moment(value: unknown): number | null {
  const ms =
    value instanceof Date ? value.getTime() : typeof value === 'string' ? Date.parse(value) : NaN;
  return isMoment(ms) ? ms : null;
}
