import type { ReplayStep } from '../care/replay/step';
import { instantOf } from '../time/instants';
import { MS_PER_DAY } from '../units/convert';
import { MONEY_ITEMS } from '../years/outcome';
import type { Entry, MoneyItem } from './ledger';

/** Money by what it went on, in smallest units, with the kilometres it carried. */
export interface Spending {
  byItem: Record<MoneyItem, number>;
  total: number;
  km: number;
}

const nothing = (): Spending => ({
  byItem: { lube: 0, cleaning: 0, chain: 0, cassette: 0, rings: 0, time: 0 },
  total: 0,
  km: 0,
});

/** Spending of each bike, and of all together, between two moments (ms). */
export function spendingOf(
  entries: readonly Entry[],
  steps: readonly ReplayStep[],
  [from, to]: readonly [number, number],
): { all: Spending; byBike: Map<string, Spending> } {
  const byBike = new Map<string, Spending>();
  const of = (bikeId: string): Spending => {
    let own = byBike.get(bikeId);
    if (!own) byBike.set(bikeId, (own = nothing()));
    return own;
  };
  const [first, end] = [instantOf(from), instantOf(to)];
  for (const { at, bikeId, item, minor } of entries)
    if (at >= first && at < end) of(bikeId).byItem[item] += minor;
  for (const { event } of steps)
    if (event.type === 'rideLogged' && event.at >= first && event.at < end)
      of(event.bikeId).km += event.distanceKm;
  const all = nothing();
  for (const own of byBike.values()) {
    for (const item of MONEY_ITEMS) {
      own.total += own.byItem[item];
      all.byItem[item] += own.byItem[item];
    }
    all.total += own.total;
    all.km += own.km;
  }
  return { all, byBike };
}

/** Less ridden than this says nothing of a kilometre. As `shelf/spent` has it. */
const TELLING_KM = 100;

/** Smallest units per 1,000 km; null where too little was ridden to tell. */
export const per1000Km = (minor: number, km: number): number | null =>
  km < TELLING_KM ? null : (minor / km) * 1000;

/** Fewer days than this say nothing of a year. Own choice. */
const TELLING_DAYS = 28;

/** Smallest units a year, from what so many days came to; null where they are too few. */
export const perYear = (minor: number, days: number): number | null =>
  days < TELLING_DAYS ? null : (minor / days) * 365;

/** Days of the log between two moments (ms): from its first event on, or the first of a bike. */
export function daysOfLog(
  steps: readonly ReplayStep[],
  [from, to]: readonly [number, number],
  bikeId: string | null,
): number {
  const step = steps.find((s) => bikeId === null || s.bikeId === bikeId);
  const first = step ? Date.parse(step.event.at) : to;
  return Math.max(0, (to - Math.max(from, first)) / MS_PER_DAY);
}
