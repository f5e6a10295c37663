import { mean, quantile } from 'simple-statistics';
/** Costs of a plan in one future, or their means. Money is the rider's; watts are means while riding. */
export interface Costs {
  jobs: number;
  minutes: number;
  /** Lube, degreaser and solvent. */
  goods: number;
  /** Elongation, %, and what that costs. */
  wear: number;
  wearMoney: number;
  dryKm: number;
  /** Share of the way to visible rust, and what that costs. */
  rust: number;
  grubbyKm: number;
  wattHours: number;
  rideHours: number;
  km: number;
  /** What dryness, grime and watts count for, races and long days weighed. */
  penalties: number;
  /** What it would take to start anew at the end. */
  remainder: number;
  /** All of it in money, the minutes at the rider's hour. */
  total: number;
}

export const noCosts = (): Costs => ({
  jobs: 0,
  minutes: 0,
  goods: 0,
  wear: 0,
  wearMoney: 0,
  dryKm: 0,
  rust: 0,
  grubbyKm: 0,
  wattHours: 0,
  rideHours: 0,
  km: 0,
  penalties: 0,
  remainder: 0,
  total: 0,
});

/** Gives costs all items of others, in place. */
export function setCosts(to: Costs, c: Costs): void {
  to.jobs = c.jobs;
  to.minutes = c.minutes;
  to.goods = c.goods;
  to.wear = c.wear;
  to.wearMoney = c.wearMoney;
  to.dryKm = c.dryKm;
  to.rust = c.rust;
  to.grubbyKm = c.grubbyKm;
  to.wattHours = c.wattHours;
  to.rideHours = c.rideHours;
  to.km = c.km;
  to.penalties = c.penalties;
  to.remainder = c.remainder;
  to.total = c.total;
}

const KEYS = Object.keys(noCosts()) as (keyof Costs)[];

/** Returns costs whose every item is worked out by `rule`. */
const each = (rule: (key: keyof Costs) => number): Costs =>
  Object.fromEntries(KEYS.map((key) => [key, rule(key)])) as unknown as Costs;

export const addCosts = (list: readonly Costs[]): Costs =>
  each((key) => list.reduce((sum, c) => sum + c[key], 0));

export const meanCosts = (list: readonly Costs[]): Costs =>
  each((key) => (list.length > 0 ? mean(list.map((c) => c[key])) : 0));

/** The means, and of each item the middle half of the futures. */
export interface CostSpread {
  mean: Costs;
  low: Costs;
  high: Costs;
}

export function spreadOf(futures: readonly Costs[]): CostSpread {
  const at = (share: number) =>
    each((key) =>
      futures.length > 0
        ? quantile(
            futures.map((c) => c[key]),
            share,
          )
        : 0,
    );
  return { mean: meanCosts(futures), low: at(0.25), high: at(0.75) };
}
