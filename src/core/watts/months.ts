import type { ReplayStep } from '../care/replay/step';
import { instantOf } from '../time/instants';
import { addCauses, allWatts, ledgerOf, NO_CAUSES, type Causes, type WattLedger } from './ledger';

/** What a chain took in a month, on the average of its riding hours. */
export interface WattMonth {
  /** First moment of the month, ms, local. */
  start: number;
  ledger: WattLedger;
  watts: number;
}

/** A month in the making: causes times hours, up to where the next begins (as events write it). */
interface Sum {
  start: number;
  end: string;
  hours: number;
  causes: Causes;
}

function monthOf(at: string): Sum {
  const day = new Date(at);
  const [year, month] = [day.getFullYear(), day.getMonth()];
  const start = new Date(year, month, 1).getTime();
  const end = instantOf(new Date(year, month + 1, 1).getTime());
  return { start, end, hours: 0, causes: { ...NO_CAUSES } };
}

/**
 * The ledger of a bike's chain (null: of all chains) month by month, those without riding left out. `crossing`: as of
 * the ledger now.
 */
export function wattMonths(
  steps: readonly ReplayStep[],
  bikeId: string | null,
  { crossing, power, from }: { crossing: number | null; power: number; from: number },
): WattMonth[] {
  const months: Sum[] = [];
  const first = instantOf(from);
  for (const { event, from: before, after, exposure } of steps) {
    if (event.type !== 'rideLogged' || !before || !after || !exposure) continue;
    if ((bikeId !== null && event.bikeId !== bikeId) || event.at < first) continue;
    // Steps are in order of time: a ride is of the last month, or of a new one.
    let month = months.at(-1);
    if (!month || event.at >= month.end) months.push((month = monthOf(event.at)));
    month.hours += exposure.hours;
    addCauses(month.causes, before, exposure.hours / 2);
    addCauses(month.causes, after, exposure.hours / 2);
  }
  return months.map(({ start, hours, causes }) => {
    const means = { ...NO_CAUSES };
    for (const name of Object.keys(means) as (keyof Causes)[]) means[name] = causes[name] / hours;
    const ledger = ledgerOf(means, { crossing, faults: [], power });
    return { start, ledger, watts: allWatts(ledger) };
  });
}
