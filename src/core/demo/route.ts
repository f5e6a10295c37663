import type { PathPoint } from '../records/event';
import { distanceKm, type Place } from '../track/distance';

/** A made-up loop: where it starts, which way it lies, and how far round it is. */
export interface Loop {
  home: Place;
  /** Where the middle of the loop lies from home, degrees clockwise from north. */
  bearing: number;
  km: number;
  /** Height of its hills, m. */
  hills: number;
}

export interface RoutePoint extends Place {
  /** Share of the way round. */
  share: number;
  elevationM: number;
}

/** How many bends a loop has; each pulls it in and out by a fifth. */
const BENDS = 5;
const SAMPLES = 180;

const KM_PER_DEGREE = 111.2;

/** Places along a loop, from home and back, a point for each of `steps` equal parts of its length. */
export function pointsAlong(loop: Loop, steps: number): RoutePoint[] {
  const bearing = (loop.bearing * Math.PI) / 180;
  const lonScale = Math.cos((loop.home.lat * Math.PI) / 180);
  const shape = (turn: number, radius: number): Place => {
    const r = radius * (1 + 0.2 * Math.sin(BENDS * turn) - 0.1 * Math.sin(2 * turn));
    const angle = bearing + Math.PI + turn;
    const east = radius * Math.sin(bearing) + r * Math.sin(angle);
    const north = radius * Math.cos(bearing) + r * Math.cos(angle);
    return {
      lat: loop.home.lat + north / KM_PER_DEGREE,
      lon: loop.home.lon + east / (KM_PER_DEGREE * lonScale),
    };
  };
  const lengths = (radius: number): number[] => {
    const sum = [0];
    let last = shape(0, radius);
    for (let n = 1; n <= SAMPLES; n++) {
      const here = shape((n / SAMPLES) * 2 * Math.PI, radius);
      sum.push((sum[n - 1] ?? 0) + distanceKm(last, here));
      last = here;
    }
    return sum;
  };
  const guess = loop.km / (2 * Math.PI);
  const radius = (guess * loop.km) / (lengths(guess)[SAMPLES] ?? loop.km);
  const along = lengths(radius);
  const total = along[SAMPLES] ?? loop.km;
  const points: RoutePoint[] = [];
  let n = 1;
  for (let i = 0; i <= steps; i++) {
    const share = i / steps;
    while (n < SAMPLES && (along[n] ?? 0) < share * total) n += 1;
    const before = along[n - 1] ?? 0;
    const part = (share * total - before) / ((along[n] ?? total) - before || 1);
    const place = shape(((n - 1 + part) / SAMPLES) * 2 * Math.PI, radius);
    const elevationM = 20 + loop.hills * (1 - Math.cos(2 * Math.PI * share * BENDS)) * 0.5;
    points.push({ ...place, share, elevationM: Math.round(elevationM * 10) / 10 });
  }
  return points;
}

/** Metres a loop climbs: each of its bends goes over a hill. */
export const climbOf = (loop: Loop): number => Math.round(loop.hills * BENDS);

/** The loop as a ride keeps it: a point every five kilometres or so, to a hundredth of a degree. */
export function coarsePath(loop: Loop, minutes: number): PathPoint[] {
  const round = (degrees: number) => Math.round(degrees * 100) / 100;
  return pointsAlong(loop, Math.max(2, Math.ceil(loop.km / 5))).map((p) => [
    round(p.lat),
    round(p.lon),
    Math.round(p.share * minutes),
  ]);
}
