import { NOT_RECORDED, type Unwritten } from '@/core/logbook/events';
import type { ChainStart, PlainEvent, RideLogged, WorkDone } from '@/core/records/event';

/** An event as a test writes it; `stamped` adds the rest. */
export type Body = Unwritten;

/** A dry ride on tarmac, changed where a test needs it. */
export const rideBody = (
  at: string,
  bikeId: string,
  distanceKm: number,
  more: Partial<RideLogged> = {},
): Omit<RideLogged, 'id' | 'zone' | 'recordedAt'> => ({
  type: 'rideLogged',
  at,
  bikeId,
  distanceKm,
  durationH: null,
  weather: 'dry',
  surface: 'paved',
  mud: false,
  salted: false,
  note: '',
  ...NOT_RECORDED,
  ...more,
});

/** Chain c1 goes on bike b1, clean and with wet lube, changed where a test needs it. */
export const fittedBody = (
  at: string,
  start: Partial<ChainStart> = {},
): Extract<Body, { type: 'chainFitted' }> => ({
  type: 'chainFitted',
  at,
  chainId: 'c1',
  bikeId: 'b1',
  start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null, ...start },
});

/** Whole events, written down when they happened, with ids in the order given. */
export const stamped = (bodies: readonly Body[]): PlainEvent[] =>
  bodies.map((b, i) => ({ ...b, id: `e${i}`, zone: 'UTC', recordedAt: b.at }) as PlainEvent);

/** Rides of these lengths on bike b1, a day apart. */
export const ridesOf = (distancesKm: readonly number[], prefix = 'ride'): RideLogged[] =>
  distancesKm.map((km, n) => {
    const at = new Date(Date.parse('2026-05-01T08:00:00.000Z') + n * 86_400_000).toISOString();
    return { ...rideBody(at, 'b1', km), id: `${prefix}${n}`, zone: 'UTC', recordedAt: at };
  });

/** A piece of work without a coat, changed where a test needs it: a dry wipe, dried with towel and air. */
export const workBody = (
  at: string,
  chainId: string,
  more: Partial<WorkDone> = {},
): Omit<WorkDone, 'id' | 'zone' | 'recordedAt'> => ({
  type: 'workDone',
  at,
  chainId,
  method: 'dry wipe',
  cogsCleaned: false,
  baths: { count: 3, ml: 150 },
  drying: 'towel and air',
  lube: null,
  used: [],
  minutes: null,
  depth: null,
  swatches: [],
  note: '',
  ...more,
});
