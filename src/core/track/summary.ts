import type { PathPoint } from '../records/event';
import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units/convert';
import { Climb } from './climb';
import { distanceKm, type Place } from './distance';

/** A point of a track: a place and, if the recorder knew them, the moment in ms and the height. */
export interface TrackPoint extends Place {
  at: number | null;
  elevationM: number | null;
}

/** What a track says of the ride. */
export interface TrackSummary {
  /** First and last moment, ms: a recorder runs before it knows where it is. */
  startedAt: number;
  endedAt: number;
  distanceKm: number;
  /** Km between points that lie long and far apart: a ferry, a train, a recorder that slept. Not in the distance. */
  gapKm: number;
  /** Hours without a place: before the first, and in gaps. */
  unplacedH: number;
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
/** Points so far apart, ms and km, and so many times further than usual in their track, have a gap between them. Own choices. */
const GAP_MS = 5 * 60_000;
const GAP_KM = 1;
const GAP_TIMES_USUAL = 20;
/** A clock runs so long before the first place at most; before, it was not set. */
const LONGEST_SEARCH_MS = 6 * MS_PER_HOUR;
/** Kilometres between two points of the path, and most of them: a ride of 2,000 km at most. */
const PATH_STEP_KM = 5;
const PATH_MOST = 400;

type Timed = Place & { at: number };

/** A track as it is gone through, point by point. */
class Walk {
  km = 0;
  gapKm = 0;
  gapMs = 0;
  movingMs = 0;
  readonly climb = new Climb();
  readonly path: Timed[] = [];
  first: Timed | null = null;
  end: Timed | null = null;
  private last: Timed | null = null;
  private lost = 0;
  private pathKm = 0;

  constructor(private readonly longMs: number) {}

  /** Nothing is ridden between segments. */
  pause(): void {
    this.last = null;
    this.lost = 0;
  }

  to(here: Timed, elevationM: number | null): void {
    if (this.last && !this.rodeTo(here, this.last)) return;
    this.lost = 0;
    this.last = here;
    this.end = here;
    this.first ??= here;
    if (this.path.length === 0) this.path.push(here);
    else if (this.km - this.pathKm >= PATH_STEP_KM && this.path.length < PATH_MOST) {
      this.path.push(here);
      this.pathKm = this.km;
    }
    if (elevationM !== null) this.climb.to(elevationM);
  }

  /** Counts the way to a point; false: no bicycle came there. */
  private rodeTo(here: Timed, last: Timed): boolean {
    const ms = here.at - last.at;
    const step = ms > 0 ? distanceKm(last, here) : 0;
    const speed = ms > 0 ? (step / ms) * MS_PER_HOUR : Infinity;
    if (speed > JUMP_KM_PER_H) {
      this.lost += 1;
      return this.lost >= LOST_POINTS && here.at > (this.end?.at ?? 0);
    }
    if (ms > this.longMs && step > GAP_KM) {
      this.gapKm += step;
      this.gapMs += ms;
      return true;
    }
    this.km += step;
    if (speed >= MOVING_KM_PER_H) this.movingMs += ms;
    return true;
  }
}

/**
 * Distance, moving time, climb and coarse path of a track. Points without a moment or at 0°, 0° (a
 * recorder without a position), points out of order and jumps no bicycle makes are left out; where the
 * recorder goes on from elsewhere it is followed, and the way between is not counted. Segments are
 * pauses: nothing is ridden between them.
 */
export function summariseTrack(segments: readonly (readonly TrackPoint[])[]): Result<TrackSummary> {
  const times = timesOf(segments);
  if (times.points === 0) return fail('track/empty');
  if (times.timed === 0) return fail('track/no-times');
  const usualMs = (times.last - times.first) / Math.max(1, times.timed - 1);
  const walk = new Walk(Math.max(GAP_MS, usualMs * GAP_TIMES_USUAL));
  for (const segment of segments) {
    walk.pause();
    // The point itself is handed on: there are tens of thousands.
    for (const point of segment)
      if (isTimed(point) && isPlace(point)) walk.to(point, point.elevationM);
  }
  const { km, gapKm, movingMs, climb, first, end } = walk;
  if (first === null || end === null || km < 0.05) return fail('track/no-distance');
  // A clock that ran before the first place is right if it did not run for days.
  const began = first.at - times.first <= LONGEST_SEARCH_MS;
  const startedAt = began ? Math.min(times.first, first.at) : first.at;
  return ok({
    startedAt,
    endedAt: Math.max(end.at, times.last - end.at <= LONGEST_SEARCH_MS ? times.last : 0),
    distanceKm: km,
    gapKm,
    unplacedH: (walk.gapMs + first.at - startedAt) / MS_PER_HOUR,
    movingH: movingMs / MS_PER_HOUR,
    climbM: climb.metres,
    path: [...walk.path, end].map((p) => pathPoint(p, startedAt)),
  });
}

/** Moments of a track: how many, the first and the latest. */
function timesOf(segments: readonly (readonly TrackPoint[])[]) {
  let [points, timed, first, last] = [0, 0, NaN, -Infinity];
  for (const segment of segments)
    for (const { at } of segment) {
      points += 1;
      if (at === null) continue;
      timed += 1;
      if (timed === 1) first = at;
      last = Math.max(last, at);
    }
  return { points, timed, first, last };
}

/** Longest a path may say a ride took, minutes: what a logbook accepts. */
const LONGEST_MINUTES = 20_000;

const pathPoint = (p: Timed, start: number): PathPoint => [
  Math.round(p.lat * 100) / 100,
  Math.round(p.lon * 100) / 100,
  Math.min(LONGEST_MINUTES, Math.max(0, Math.round((p.at - start) / 60_000))),
];

const isTimed = (point: TrackPoint): point is TrackPoint & Timed => point.at !== null;

const isPlace = ({ lat, lon }: Place): boolean =>
  Math.abs(lat) <= 90 && Math.abs(lon) <= 180 && (lat !== 0 || lon !== 0);
