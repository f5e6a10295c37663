import type { TrackPoint } from '../track/summary';
import { moment, number, text } from './fitValues';

/** A record of a decoded file, and an event that starts or stops its timer. */
export interface FitRecord {
  timestamp?: unknown;
  position_lat?: unknown;
  position_long?: unknown;
  altitude?: unknown;
  enhanced_altitude?: unknown;
}
export interface FitTimerEvent {
  timestamp?: unknown;
  event?: unknown;
  event_type?: unknown;
}

/** From when to when a session lasts, ms; null: as far as there is. */
interface Span {
  from: number | null;
  until: number | null;
}

/** Moments the timer stood still: from a stop to the next start. */
export function pausesOf(events: readonly FitTimerEvent[]): [number, number][] {
  const pauses: [number, number][] = [];
  let stopped: number | null = null;
  for (const { event, event_type: type, timestamp } of events) {
    const at = moment(timestamp);
    if (event !== 'timer' || at === null) continue;
    if (text(type).startsWith('stop')) stopped ??= at;
    else if (type === 'start' && stopped !== null) {
      if (at > stopped) pauses.push([stopped, at]);
      stopped = null;
    }
  }
  if (stopped !== null) pauses.push([stopped, Infinity]);
  return pauses;
}

/** The point of a decoded record. */
export const pointOf = (record: FitRecord): TrackPoint => ({
  lat: number(record.position_lat) ?? NaN,
  lon: number(record.position_long) ?? NaN,
  at: moment(record.timestamp),
  elevationM: number(record.enhanced_altitude) ?? number(record.altitude),
});

/** The points of a session as spells between pauses of the timer; what was recorded while it stood still is no ride. */
export function pointsOf(
  points: readonly TrackPoint[],
  pauses: readonly (readonly [number, number])[],
  { from, until }: Span,
): TrackPoint[][] {
  const spells: TrackPoint[][] = [[]];
  let n = 0;
  for (const point of points) {
    const { at } = point;
    if (at !== null && ((from !== null && at < from) || (until !== null && at >= until))) continue;
    while (at !== null && n < pauses.length && at >= pauses[n]![1]) {
      n += 1;
      spells.push([]);
    }
    const pause = pauses[n];
    // The record of the very moment it was stopped still is of the ride.
    if (at !== null && pause && at > pause[0] && at < pause[1]) continue;
    spells.at(-1)!.push(point);
  }
  return spells;
}
