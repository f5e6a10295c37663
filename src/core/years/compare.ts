import { quantileSorted } from 'simple-statistics';
import type { LubeClass } from '../lube/classes';
import { lubeOf, type WayKey, type YearsFigures } from './figures';
import { moneyOf, wholeOf, type CarePrices, type Outcome } from './outcome';

/** What ways of keeping a chain are held against each other by. */
export const QUANTITIES = [
  'money',
  'hours',
  'chains',
  'cassettes',
  'dryKm',
  'watts',
  'wetNights',
] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** Mean watts are at this power in the model, W. */
const MODEL_W = 250;

/** A quantity of one future; watts at the rider's power, on the average of the riding. */
export function quantityOf(
  o: Outcome,
  quantity: Quantity,
  { prices, power }: { prices: CarePrices; power: number },
): number {
  switch (quantity) {
    case 'money':
      return wholeOf(moneyOf(o, prices));
    case 'hours':
      return o.minutes / 60;
    case 'watts':
      return o.hours > 0 ? ((o.wattHours / o.hours) * power) / MODEL_W : 0;
    case 'chains':
    case 'cassettes':
    case 'dryKm':
    case 'wetNights':
      return o[quantity];
  }
}

/** A quantity over the futures: its middle, and where half and nine in ten of them lie. */
export interface Middle {
  mid: number;
  half: [number, number];
  most: [number, number];
}

/** Null where nothing was played. */
export function middleOf(values: readonly number[]): Middle | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  const at = (p: number) => quantileSorted(sorted, p);
  return { mid: at(0.5), half: [at(0.25), at(0.75)], most: [at(0.05), at(0.95)] };
}

/** A way of keeping a chain that was played: its futures, and what things cost in it. */
export interface Way {
  key: WayKey;
  outcomes: readonly Outcome[];
  prices: CarePrices;
}

/** The ways that a question was played with so far; `pricesOf` the lube of each. */
export function waysOf(figures: YearsFigures, pricesOf: (lube: LubeClass) => CarePrices): Way[] {
  return (Object.entries(figures) as [WayKey, Outcome[]][]).map(([key, outcomes]) => ({
    key,
    outcomes,
    prices: pricesOf(lubeOf(key)),
  }));
}

/**
 * How much more of a quantity one way takes than another, future by future: both met the same weather, so that the
 * difference is surer than either. Null where they were not played.
 */
export function differenceOf(a: Way, b: Way, quantity: Quantity, power: number): Middle | null {
  const both = Math.min(a.outcomes.length, b.outcomes.length);
  const of = ({ outcomes, prices }: Way, k: number) =>
    quantityOf(outcomes[k]!, quantity, { prices, power });
  return middleOf(Array.from({ length: both }, (_, k) => of(a, k) - of(b, k)));
}
