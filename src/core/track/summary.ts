import type { PathPoint } from '../logbook';
import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units';
import { distanceKm, type Place } from './distance';

/** A point of a track: a place and, if the recorder knew them, the moment in ms and the height. */
export interface TrackPoint extends Place {
  at: number | null;
  elevationM: number | null;
}

/** What a track says of the ride. */
export interface TrackSummary {
  /** First moment, ms. */
  startedAt: number;
  distanceKm: number;
  /** Hours in motion. */
  movingH: number;
  /** Metres climbed; null without heights. */
  climbM: number | null;
  /** A point every few kilometres, for the weather: the track itself is not kept. */
  path: PathPoint[];
}

/** Slower than this is standing: common practice of recorders. */
const MOVING_KM_PER_H = 2;
/** Faster than this between two points is not riding but a lost position. */
const JUMP_KM_PER_H = 150;
/** So many points in a row that do not follow mean that clock or place were set anew. */
const LOST_POINTS = 8;
/** Heights waver: a climb counts once it is this high, m. Common practice of recorders. */
const CLIMB_STEP_M = 3;
/** Kilometres between two points of the path, and most of them: a ride of 2,000 km at most. */
const PATH_STEP_KM = 5;
const PATH_MOST = 400;

/**
 * Distance, moving time, climb and coarse path of a track. Points without a moment or at 0°, 0° (a
 * recorder without a position), points out of order and jumps no bicycle makes are left out; where the
 * recorder goes on from elsewhere it is followed, and the way between is not counted. Segments are
 * pauses: nothing is ridden between them.
 */
export function summariseTrack(segments: readonly (readonly TrackPoint[])[]): Result<TrackSummary> {
  let km = 0;
  let movingMs = 0;
  let start: number | null = null;
  let points = 0;
  let timed = 0;
  const climb = new Climb();
  const path: PathPoint[] = [];
  let pathKm = 0;
  let end: (Place & { at: number }) | null = null;
  for (const segment of segments) {
    let last: (Place & { at: number }) | null = null;
    let lost = 0;
    for (const point of segment) {
      points += 1;
      const { at } = point;
      if (at === null) continue;
      timed += 1;
      if (!isPlace(point)) continue;
      const here = { lat: point.lat, lon: point.lon, at };
      if (last) {
        const ms = at - last.at;
        const step = ms > 0 ? distanceKm(last, here) : 0;
        const speed = ms > 0 ? (step / ms) * MS_PER_HOUR : Infinity;
        if (speed > JUMP_KM_PER_H) {
          lost += 1;
          if (lost < LOST_POINTS || at <= (end?.at ?? 0)) continue;
          last = here;
        } else {
          km += step;
          if (speed >= MOVING_KM_PER_H) movingMs += ms;
        }
      }
      lost = 0;
      last = here;
      end = here;
      if (start === null) {
        start = at;
        path.push(pathPoint(here, at));
      } else if (km - pathKm >= PATH_STEP_KM && path.length < PATH_MOST) {
        path.push(pathPoint(here, start));
        pathKm = km;
      }
      if (point.elevationM !== null) climb.to(point.elevationM);
    }
  }
  if (points === 0) return fail('track/empty');
  if (timed === 0) return fail('track/no-times');
  if (start === null || end === null || km < 0.05) return fail('track/no-distance');
  path.push(pathPoint(end, start));
  const movingH = movingMs / MS_PER_HOUR;
  return ok({ startedAt: start, distanceKm: km, movingH, climbM: climb.metres, path });
}

/** Longest a path may say a ride took, minutes: what a logbook accepts. */
const LONGEST_MINUTES = 20_000;

const pathPoint = (p: Place & { at: number }, start: number): PathPoint => [
  Math.round(p.lat * 100) / 100,
  Math.round(p.lon * 100) / 100,
  Math.min(LONGEST_MINUTES, Math.round((p.at - start) / 60_000)),
];

/** Adds up climbs, ignoring the wavering of a height sensor. */
class Climb {
  metres: number | null = null;
  private low = 0;

  to(elevationM: number): void {
    if (this.metres === null) {
      this.metres = 0;
      this.low = elevationM;
    } else if (elevationM >= this.low + CLIMB_STEP_M) {
      this.metres += elevationM - this.low;
      this.low = elevationM;
    } else if (elevationM < this.low) this.low = elevationM;
  }
}

const isPlace = (p: Place): boolean =>
  Math.abs(p.lat) <= 90 && Math.abs(p.lon) <= 180 && (p.lat !== 0 || p.lon !== 0);
