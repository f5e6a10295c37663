import { METHODS } from '../care/model/work';
import type { ChainReport } from '../care/verdict/report';
import type { Replay } from '../care/replay/replay';
import type { LubeClass } from '../lube/classes';
import type { WorkDone } from '../records/event';
import type { Settings } from '../records/settings';
import { bottlesOf } from '../shelf/use';
import { costOf, usualCoatCost } from '../shelf/stock';
import { CHAINS_A_LIFE } from '../wear/parts';
import type { CarePrices } from '../years/outcome';

/** What is asked of one bike. */
export interface AboutPrices {
  report: ChainReport;
  replay: Replay;
  settings: Settings;
}

/** A mean in the making, of what is known. */
interface Mean {
  sum: number;
  count: number;
}
const meanOf = ({ sum, count }: Mean): number | null => (count > 0 ? sum / count : null);

/** What works on a bike's chains took: of a coat of a lube, and of cleaning with each deep clean; where prices are known. */
function takenBy({ report, replay }: AboutPrices, lube: LubeClass): { coat: Mean; clean: Mean } {
  const coat = { sum: 0, count: 0 };
  const clean = { sum: 0, count: 0 };
  const add = (to: Mean, used: WorkDone['used'], isLube: boolean) => {
    const costs = used.flatMap(({ productId, amount }) => {
      const product = replay.garage.products[productId];
      if (!product || (product.kind === 'lube') !== isLube) return [];
      return costOf(product, amount) ?? [];
    });
    if (costs.length === 0) return;
    to.sum += costs.reduce((a, b) => a + b, 0);
    to.count += 1;
  };
  for (const { event, bikeId } of replay.steps) {
    if (event.type !== 'workDone' || bikeId !== report.bike.id) continue;
    if (event.lube?.lubeClass === lube) add(coat, event.used, true);
    if (METHODS[event.method].deep) add(clean, event.used, false);
  }
  return { coat, clean };
}

/** The price of a coat from the shelf; null: no bottle of the lube has one. */
function fromTheShelf({ replay, settings }: AboutPrices, lube: LubeClass): number | null {
  const prices = bottlesOf(replay.garage.products, lube).flatMap(
    (bottle) => usualCoatCost(bottle, settings.dropsPerMl) ?? [],
  );
  return prices[0] ?? null;
}

/**
 * What parts and works of a bike cost, each, kept with a lube: its own prices, else the plan's usual ones; of coats and cleans what
 * they came to on it, else by the bottle on the shelf. A price of 0 is known.
 */
export function carePrices(about: AboutPrices, lube: LubeClass): CarePrices {
  const { report, replay, settings } = about;
  const { chainPrice, cassettePrice, hourPrice } = settings.plan;
  const { parts } = replay.garage;
  const last = new Map<string, number | null>();
  for (const { event } of replay.steps) {
    const part = event.type === 'partFitted' ? parts[event.partId] : undefined;
    if (part && event.type === 'partFitted' && event.bikeId === report.bike.id)
      last.set(part.kind, part.price);
  }
  const taken = takenBy(about, lube);
  return {
    chain: report.chain.price ?? chainPrice,
    cassette: last.get('cassette') ?? cassettePrice * CHAINS_A_LIFE.cassette.chains,
    ring: last.get('ring') ?? null,
    jockeys: last.get('jockey wheels') ?? null,
    coat: meanOf(taken.coat) ?? fromTheShelf(about, lube),
    clean: meanOf(taken.clean),
    hour: hourPrice,
  };
}
