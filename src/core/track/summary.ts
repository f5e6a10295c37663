import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units';
import { distanceKm, type Place } from './distance';

/** A point of a track: a place and, if the recorder knew it, the moment in ms. */
export interface TrackPoint extends Place {
  at: number | null;
}

/** What a track says of the ride. */
export interface TrackSummary {
  /** First moment, ms. */
  startedAt: number;
  distanceKm: number;
  /** Hours in motion. */
  movingH: number;
}

/** Slower than this is standing: common practice of recorders. */
const MOVING_KM_PER_H = 2;
/** Faster than this between two points is not riding but a lost position. */
const JUMP_KM_PER_H = 150;

/**
 * Distance and moving time of a track. Points without a moment or at 0°, 0° (a recorder without a
 * position), points out of order and jumps no bicycle makes are left out. Segments are pauses: nothing
 * is ridden between them.
 */
export function summariseTrack(segments: readonly (readonly TrackPoint[])[]): Result<TrackSummary> {
  let km = 0;
  let movingMs = 0;
  let start: number | null = null;
  let points = 0;
  let timed = 0;
  for (const segment of segments) {
    let last: (Place & { at: number }) | null = null;
    for (const point of segment) {
      points += 1;
      if (point.at === null) continue;
      timed += 1;
      if (!isPlace(point)) continue;
      start ??= point.at;
      const here = { lat: point.lat, lon: point.lon, at: point.at };
      if (last) {
        const ms = here.at - last.at;
        if (ms <= 0) continue;
        const step = distanceKm(last, here);
        const speed = (step / ms) * MS_PER_HOUR;
        if (speed > JUMP_KM_PER_H) continue;
        km += step;
        if (speed >= MOVING_KM_PER_H) movingMs += ms;
      }
      last = here;
    }
  }
  if (points === 0) return fail('track/empty');
  if (timed === 0) return fail('track/no-times');
  if (start === null || km < 0.05) return fail('track/no-distance');
  return ok({ startedAt: start, distanceKm: km, movingH: movingMs / MS_PER_HOUR });
}

const isPlace = (p: Place): boolean =>
  Math.abs(p.lat) <= 90 && Math.abs(p.lon) <= 180 && (p.lat !== 0 || p.lon !== 0);
