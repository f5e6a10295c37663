import { movedFittings, type OnSince } from '../logbook/earlier';
import type { ChainFitted, PlainEvent } from '../records/event';
import type { ImportRow } from './importRides';
import { plainWork, type NewWork } from './pastWork';

/** Rides to be added that are older than the first chain the log knows of a bike. */
export interface OlderRides {
  bikeId: string;
  chainId: string;
  rides: number;
  km: number;
  /** Start of the oldest, and when the chain was noted. */
  from: string;
  notedAt: string;
  /** What the chain was said to have gone by then, and since when that takes it back by these rides; null: by none of them. */
  kmBefore: number;
  byDistance: string | null;
}

/** Rides that are older than the first chain of their bikes, a line for each bike. `events`: effective, in order of time. */
export function olderRides(
  rows: readonly ImportRow[],
  events: readonly PlainEvent[],
): OlderRides[] {
  const added = rows.flatMap((row): PlainEvent[] =>
    row.outcome === 'added'
      ? [{ type: 'rideLogged', id: row.key, zone: 'UTC', recordedAt: row.ride.at, ...row.ride }]
      : [],
  );
  const moved = movedFittings(events, added, 'files');
  return firstFittings(events).flatMap((fitting) => {
    const older = added.filter(
      (e) => e.type === 'rideLogged' && e.bikeId === fitting.bikeId && e.at < fitting.at,
    );
    if (older.length === 0) return [];
    const oldest = older.reduce((at, e) => (e.at < at ? e.at : at), fitting.at);
    return [
      {
        bikeId: fitting.bikeId,
        chainId: fitting.chainId,
        rides: older.length,
        km: older.reduce((sum, e) => sum + (e.type === 'rideLogged' ? e.distanceKm : 0), 0),
        from: oldest,
        notedAt: fitting.at,
        kmBefore: fitting.start?.kmBefore ?? 0,
        byDistance: moved.find((m) => m.target.id === fitting.id)?.replacement.at ?? null,
      },
    ];
  });
}

/** The first fitting of each bike, where its chain was new to the log too. */
function firstFittings(events: readonly PlainEvent[]): ChainFitted[] {
  const bikes = new Set<string>();
  const chains = new Set<string>();
  return events.flatMap((event) => {
    if (event.type !== 'chainFitted') return [];
    const isFirst = !bikes.has(event.bikeId) && !chains.has(event.chainId) && event.start !== null;
    bikes.add(event.bikeId);
    chains.add(event.chainId);
    return isFirst ? [event] : [];
  });
}

/** What the rider says of the time before: whether the chain was on, since when, and what was done to it. */
export interface Past {
  on: 'by distance' | 'since' | 'not then';
  /** Instants; null: no idea. */
  since: string | null;
  lubedAt: string | null;
  cleanedAt: string | null;
}
/** By bike. */
export type Pasts = Readonly<Record<string, Past>>;

/** What counts while nothing is said: as far as the chain is said to have gone. */
export const NOTHING_SAID: Past = {
  on: 'by distance',
  since: null,
  lubedAt: null,
  cleanedAt: null,
};

/** Since when chains were on, of bikes where the rider says so: by distance is worked out. */
export const onSinceOf = (pasts: Pasts): OnSince =>
  Object.fromEntries(
    Object.entries(pasts).flatMap(([bikeId, { on, since }]): [string, string | null][] => {
      if (on === 'not then') return [[bikeId, null]];
      return on === 'since' && since !== null ? [[bikeId, since]] : [];
    }),
  );

/** What the rider says was done to the chains before the log began, as entries of it: a clean chain was lubed too. */
export function pastWork(pasts: Pasts, events: readonly PlainEvent[]): NewWork[] {
  return firstFittings(events).flatMap((fitting) => {
    const past = pasts[fitting.bikeId];
    if (!past || past.on === 'not then') return [];
    const { lubedAt, cleanedAt, since } = past;
    const within = (at: string | null): at is string =>
      at !== null && at < fitting.at && (past.on !== 'since' || since === null || at >= since);
    return [
      ...(within(cleanedAt) ? [workAt(cleanedAt, fitting, 'brush')] : []),
      ...(within(lubedAt) && lubedAt !== cleanedAt ? [workAt(lubedAt, fitting, 'dry wipe')] : []),
    ];
  });
}

const workAt = (
  at: string,
  { chainId, start }: ChainFitted,
  method: 'brush' | 'dry wipe',
): NewWork =>
  plainWork(at, chainId, {
    method,
    // Of the lube that was on when the chain was noted; of none known the usual one.
    lube: { lubeClass: start?.lube ?? 'wet', coat: 1, wiped: true },
    note: 'Before the log began, as far as known',
  });
