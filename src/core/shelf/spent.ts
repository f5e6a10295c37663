import type { ReplayStep } from '../care/replay/step';
import type { WorkDone } from '../records/event';
import type { Product } from '../records/product';
import { costOf } from './stock';

/** What a product came to on the road. */
export interface Spent {
  /** Ridden on coats of it; of what is no lube, ridden at all since its first use. */
  km: number;
  /** What was used for that; null where price or size is not known. */
  cost: number | null;
}

/** Less ridden than this says nothing of the cost of a kilometre. Own choice. */
export const TELLING_KM = 100;

/** The kilometres and the cost of a product, from the log. */
export function spentOn(product: Product, steps: readonly ReplayStep[]): Spent {
  let km = 0;
  let used = 0;
  for (const { event, from } of steps) {
    if (event.type === 'workDone')
      for (const part of event.used) if (part.productId === product.id) used += part.amount;
    if (event.type !== 'rideLogged') continue;
    const counts = product.kind === 'lube' ? from?.bottle === product.id : used > 0;
    if (counts) km += event.distanceKm;
  }
  return { km, cost: costOf(product, used) };
}

/** Cost of 1,000 km; null where it is not known or too little was ridden to tell. */
export const costPer1000Km = ({ km, cost }: Spent): number | null =>
  cost === null || km < TELLING_KM ? null : (cost / km) * 1000;

/** What a work used of the shelf cost, as far as prices are known, and whether all are. */
export function costOfWork(
  products: Readonly<Record<string, Product>>,
  { used }: Pick<WorkDone, 'used'>,
): { cost: number; isWhole: boolean } {
  let sum = 0;
  let isWhole = true;
  for (const { productId, amount } of used) {
    const product = products[productId];
    const cost = product ? costOf(product, amount) : null;
    if (cost === null) isWhole = false;
    else sum += cost;
  }
  return { cost: sum, isWhole };
}
