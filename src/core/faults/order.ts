/** A step as the order sees it: what it costs, and its chance to end the search for each cause. */
export interface Costed<S> {
  step: S;
  cost: number;
  /** By the causes' places. */
  hits: readonly number[];
}

/**
 * Expected cost of doing steps in an order until one ends the search: each is paid for where all before it failed. Where
 * none does, all are paid.
 */
export function costOf<S>(order: readonly Costed<S>[], odds: readonly number[]): number {
  const left = [...odds];
  let cost = 0;
  for (const step of order) {
    cost += step.cost * left.reduce((sum, p) => sum + p, 0);
    step.hits.forEach((hit, i) => (left[i]! *= 1 - hit));
  }
  return cost;
}

/** Chance that a step ends the search now. */
const chanceOf = ({ hits }: Costed<unknown>, odds: readonly number[]): number =>
  hits.reduce((sum, hit, i) => sum + hit * (odds[i] ?? 0), 0);

/**
 * Steps by falling chance over cost, the odds brought up to date after each. With steps that each serve one cause it is the best order
 * (Kalagnanam and Henrion 1990; Heckerman, Breese and Rommelse 1995, Commun. ACM 38(3):49, from memory).
 */
export function byRatio<S>(steps: readonly Costed<S>[], odds: readonly number[]): Costed<S>[] {
  const left = [...odds];
  const rest = [...steps];
  const order: Costed<S>[] = [];
  while (rest.length > 0) {
    let best = 0;
    let most = -1;
    rest.forEach((step, n) => {
      const ratio = chanceOf(step, left) / step.cost;
      if (ratio > most) [best, most] = [n, ratio];
    });
    const [step] = rest.splice(best, 1);
    order.push(step!);
    step!.hits.forEach((hit, i) => (left[i]! *= 1 - hit));
  }
  return order;
}

/**
 * The order to do steps in: for each that may come first the others by ratio, and of these the cheapest, step by step. Steps that
 * serve several causes at once find their place by the same sum.
 */
export function bestOrder<S>(steps: readonly Costed<S>[], odds: readonly number[]): Costed<S>[] {
  const left = [...odds];
  let rest = byRatio(steps, odds);
  const order: Costed<S>[] = [];
  while (rest.length > 0) {
    let least = Infinity;
    let found = rest;
    for (const first of rest) {
      const others = byRatio(
        rest.filter((step) => step !== first),
        left.map((p, i) => p * (1 - (first.hits[i] ?? 0))),
      );
      const whole = [first, ...others];
      const cost = costOf(whole, left);
      if (cost < least - 1e-12) [least, found] = [cost, whole];
    }
    const [step, ...others] = found;
    order.push(step!);
    step!.hits.forEach((hit, i) => (left[i]! *= 1 - hit));
    rest = others;
  }
  return order;
}
