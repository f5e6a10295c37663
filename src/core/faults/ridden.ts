import type { PlainEvent } from '../records/event';

/** Km ridden on a bike from a moment (ms) on. */
export const kmOnBikeSince = (events: readonly PlainEvent[], bikeId: string, at: number): number =>
  events.reduce(
    (sum, e) =>
      e.type === 'rideLogged' && e.bikeId === bikeId && Date.parse(e.at) >= at
        ? sum + e.distanceKm
        : sum,
    0,
  );
