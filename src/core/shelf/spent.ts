import type { ReplayStep } from '../care';
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
