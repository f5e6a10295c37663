import type { ChainFitted, PlainEvent, RideLogged } from '../records/event';

/** A first fitting, and how it reads once entries from before it are in the log. */
export interface MovedFitting {
  target: ChainFitted;
  replacement: ChainFitted;
}

/** Since when the rider says the chain of a bike was on, by bike: an instant; null: none of the older rides were on it. */
export type OnSince = Readonly<Record<string, string | null>>;

/** A fitting lies this long before what first happened to its chain. */
const BEFORE_MS = 60_000;

/**
 * First fittings that entries from before them move back, so that what is entered of the past happens to the chain
 * that was on. What the rider said of the chain stays true for the day it was said: the kilometres of rides that now lie
 * between are taken off those it had before. `events` are effective and in order of time, `added` are new. Entries by
 * hand are of this chain; of rides from files only as many as the chain is said to have gone, since the others were
 * ridden on chains before it, or those since the day the rider says (`since`).
 */
export function movedFittings(
  events: readonly PlainEvent[],
  added: readonly PlainEvent[],
  from: 'hand' | 'files',
  since: OnSince = {},
): MovedFitting[] {
  const bikes = new Set<string>();
  const chains = new Set<string>();
  return events.flatMap((fitting) => {
    if (fitting.type !== 'chainFitted') return [];
    const { bikeId, chainId, start } = fitting;
    const isFirst = !bikes.has(bikeId) && !chains.has(chainId);
    bikes.add(bikeId);
    chains.add(chainId);
    const early = added.filter((e) => e.at < fitting.at && isOf(e, fitting));
    if (!isFirst || start === null || early.length === 0) return [];
    const before = [...events, ...added].filter((e) => e.at < fitting.at && isOf(e, fitting));
    const rides = before
      .filter((e) => e.type === 'rideLogged')
      .sort((a, b) => (a.at < b.at ? 1 : -1));
    const said = since[bikeId];
    const own = from === 'hand' ? early : within(rides, start.kmBefore);
    const first = said === undefined ? earliest(own) : said;
    if (first === null || first >= fitting.at) return [];
    const lubed = before.find((e) => e.at >= first && e.type === 'workDone' && e.lube !== null);
    const km = (to: string) => kmOf(rides.filter((r) => r.at >= first && r.at < to));
    const replacement: ChainFitted = {
      ...fitting,
      at: new Date(Date.parse(first) - BEFORE_MS).toISOString(),
      start: {
        ...start,
        kmBefore: Math.max(0, start.kmBefore - km(fitting.at)),
        kmSinceLube: Math.max(0, start.kmSinceLube - km(lubed?.at ?? fitting.at)),
      },
    };
    return [{ target: fitting, replacement }];
  });
}

/** Whether something happened to a fitting's bike or chain. */
const isOf = (event: PlainEvent, { bikeId, chainId }: ChainFitted): boolean =>
  event.type !== 'chainFitted' &&
  ('bikeId' in event ? event.bikeId === bikeId : event.chainId === chainId);

const kmOf = (rides: readonly RideLogged[]): number =>
  rides.reduce((sum, ride) => sum + ride.distanceKm, 0);

const earliest = (events: readonly PlainEvent[]): string | null =>
  events.reduce<string | null>((at, e) => (at === null || e.at < at ? e.at : at), null);

/** The latest rides, newest first, that make up no more than so many km. */
function within(rides: readonly RideLogged[], km: number): RideLogged[] {
  let left = km;
  const beyond = rides.findIndex((ride) => (left -= ride.distanceKm) < 0);
  return beyond < 0 ? [...rides] : rides.slice(0, beyond);
}
