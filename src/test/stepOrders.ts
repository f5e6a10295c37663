import { Chance } from '@/core/chance/chance';
import { bestFirst, costOf, type Costed } from '@/core/faults/order';

const CAUSES = 5;
const STEPS = 6;

/** Every order of the steps: what the order found is held to. */
function* orders<T>(steps: readonly T[]): Generator<T[]> {
  if (steps.length === 0) yield [];
  for (const step of steps)
    for (const rest of orders(steps.filter((s) => s !== step))) yield [step, ...rest];
}

function randomCase(seed: number, single: boolean) {
  const chance = new Chance(seed, 7);
  const weights = Array.from({ length: CAUSES }, () => chance.uniform() ** 2 + 0.02);
  const sum = weights.reduce((a, b) => a + b, 0);
  const odds = weights.map((w) => w / sum);
  const steps = Array.from({ length: STEPS }, (_, step): Costed<number> => {
    const own = Math.floor(CAUSES * chance.uniform());
    const hits = odds.flatMap((_, i) =>
      (single ? i === own : chance.uniform() < 0.4)
        ? [[i, 0.4 + 0.6 * chance.uniform()] as const]
        : [],
    );
    return { step, cost: 0.5 + 30 * chance.uniform() ** 2, hits };
  });
  return { odds, steps };
}

/** The order in which steps are done by who asks for the next after each that failed. */
function asAsked({ odds, steps }: ReturnType<typeof randomCase>): Costed<number>[] {
  const left = [...odds];
  let rest = steps;
  const order: Costed<number>[] = [];
  while (rest.length > 0) {
    const step = bestFirst(rest, left);
    order.push(step);
    for (const [cause, hit] of step.hits) left[cause]! *= 1 - hit;
    rest = rest.filter((s) => s !== step);
  }
  return order;
}

const best = ({ odds, steps }: ReturnType<typeof randomCase>) =>
  Math.min(...[...orders(steps)].map((order) => costOf(order, odds)));

/** How many times the best of all 720 orders the order found costs at worst, over random cases; `single`: one cause a step. */
export function worstOrder(cases: number, single: boolean): number {
  let worst = 0;
  for (let seed = 0; seed < cases; seed++) {
    const problem = randomCase(seed, single);
    const found = costOf(asAsked(problem), problem.odds);
    worst = Math.max(worst, found / best(problem));
  }
  return worst;
}
