import { USUAL_LINKS } from '../lube/dose';
import type { PlainEvent } from '../records/event';
import type { Product } from '../records/product';

/** What is left of a product, and what the log says went off it. */
export interface Stock {
  /** In the product's unit; below zero when more was used than it can have held. */
  left: number;
  used: number;
  /** Jobs it was used for since it was counted. */
  jobs: number;
}

/** Stock by the last count and the work recorded since. */
export function stockOf(product: Product, events: readonly PlainEvent[]): Stock {
  let used = 0;
  let jobs = 0;
  for (const event of events) {
    if (event.type !== 'workDone' || event.at < product.leftAt) continue;
    for (const part of event.used)
      if (part.productId === product.id) {
        used += part.amount;
        jobs += 1;
      }
  }
  return { left: product.left - used, used, jobs };
}

/** Price of a ml, g or piece; null where price or size is not known: unknown is not free. */
export const unitPrice = ({ price, size }: Product): number | null =>
  price === null || size === null ? null : price / size;

/** Price of so much of a product; null where it is not known. */
export function costOf(product: Product, amount: number): number | null {
  const each = unitPrice(product);
  return each === null ? null : each * amount;
}

/** Price of a coat of a drop on each link of a usual chain; null where it is not known. */
export const usualCoatCost = (product: Product, dropsPerMl: number): number | null =>
  costOf(product, USUAL_LINKS / dropsPerMl);

/** Fewer coats than this are worth a word. Own choice. */
export const LOW_COATS = 4;

/** Degreaser of settled baths comes back less this share, with the dirt. Own estimate, 0.1 to 0.3. */
export const SETTLE_LOSS = 0.2;

/** True use of degreaser for baths: neat product, the baths mixed with `dilution` parts of water. */
export function bathUseMl(
  count: number,
  ml: number,
  dilution: number | null,
  settled: boolean,
): number {
  const neat = (count * ml) / (1 + (dilution ?? 0));
  return settled ? neat * SETTLE_LOSS : neat;
}
