/** A step as the order sees it: what it costs, and its chance to end the search for each cause. */
export interface Costed<S> {
  step: S;
  cost: number;
  /** Causes, by their places, that it may show or mend, and how surely; a step serves few of them. */
  hits: readonly (readonly [cause: number, hit: number])[];
}

/** The odds left after a step that did not end the search, in place. */
const failed = ({ hits }: Costed<unknown>, odds: number[]): void => {
  for (const [cause, hit] of hits) odds[cause]! *= 1 - hit;
};

/**
 * Expected cost of doing steps in an order until one ends the search: each is paid for where all before it failed. Where
 * none does, all are paid.
 */
export function costOf<S>(order: readonly Costed<S>[], odds: readonly number[]): number {
  const left = [...odds];
  let cost = 0;
  for (const step of order) {
    cost += step.cost * left.reduce((sum, p) => sum + p, 0);
    failed(step, left);
  }
  return cost;
}

/** Chance that a step ends the search now. */
function chanceOf({ hits }: Costed<unknown>, odds: readonly number[]): number {
  let chance = 0;
  for (const [cause, hit] of hits) chance += hit * (odds[cause] ?? 0);
  return chance;
}

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
    failed(step!, left);
  }
  return order;
}

/**
 * The step to do first: for each that may come first the others by ratio, and of these orders the cheapest. Steps that serve
 * several causes at once find their place by the same sum. What comes after it is asked for again, once it failed.
 */
export function bestFirst<S>(steps: readonly Costed<S>[], odds: readonly number[]): Costed<S> {
  const byChance = byRatio(steps, odds);
  let least = Infinity;
  let found = byChance[0]!;
  for (const first of byChance) {
    const left = [...odds];
    failed(first, left);
    const others = byRatio(
      byChance.filter((step) => step !== first),
      left,
    );
    const cost = costOf([first, ...others], odds);
    if (cost < least - 1e-12) [least, found] = [cost, first];
  }
  return found;
}
