import type { ReplayStep } from '../care';
import { allWatts, wattLedger, type WattLedger, WATT_ITEMS } from './ledger';

/** What a chain took in a month, on the average of its riding hours. */
export interface WattMonth {
  /** First moment of the month, ms, local. */
  start: number;
  ledger: WattLedger;
  watts: number;
}

const startOfMonth = (ms: number): number => {
  const at = new Date(ms);
  return new Date(at.getFullYear(), at.getMonth(), 1).getTime();
};

/**
 * The ledger of a bike's chain (null: of all chains) month by month, those without riding left out. `crossing`: as of
 * the ledger now.
 */
export function wattMonths(
  steps: readonly ReplayStep[],
  bikeId: string | null,
  { crossing, power, from }: { crossing: number | null; power: number; from: number },
): WattMonth[] {
  const sums = new Map<number, { ledger: WattLedger; hours: number }>();
  for (const { event, from: before, after, exposure } of steps) {
    if (event.type !== 'rideLogged' || !before || !after || !exposure) continue;
    if (bikeId !== null && event.bikeId !== bikeId) continue;
    const at = Date.parse(event.at);
    if (at < from) continue;
    const start = startOfMonth(at);
    const sum = sums.get(start);
    const ends = [before, after].map((state) => wattLedger(state, { crossing, faults: [], power }));
    const hours = exposure.hours + (sum?.hours ?? 0);
    const ledger = Object.fromEntries(
      WATT_ITEMS.map((item) => {
        const values = ends.map((end) => end[item]);
        if (values.includes(null)) return [item, null];
        const mean = ((values[0] ?? 0) + (values[1] ?? 0)) / 2;
        const so = (sum?.ledger[item] ?? 0) * (sum?.hours ?? 0);
        return [item, (so + mean * exposure.hours) / hours];
      }),
    ) as WattLedger;
    sums.set(start, { ledger, hours });
  }
  return [...sums]
    .map(([start, { ledger }]) => ({ start, ledger, watts: allWatts(ledger) }))
    .sort((a, b) => a.start - b.start);
}
