import { cases } from '@/test/cases';
import { Chance } from '../../chance';
import { bestOrder, byRatio, costOf, type Costed } from '../order';

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
    const hits = odds.map((_, i) =>
      (single ? i === own : chance.uniform() < 0.4) ? 0.4 + 0.6 * chance.uniform() : 0,
    );
    return { step, cost: 0.5 + 30 * chance.uniform() ** 2, hits };
  });
  return { odds, steps };
}

const best = ({ odds, steps }: ReturnType<typeof randomCase>) =>
  Math.min(...[...orders(steps)].map((order) => costOf(order, odds)));

it('costs each step where all before it failed', () => {
  const steps: Costed<string>[] = [
    { step: 'a', cost: 10, hits: [0.9, 0] },
    { step: 'b', cost: 4, hits: [0, 0.5] },
  ];
  // Ten minutes always, four where the first failed: 0.6 * 0.1 + 0.4.
  expect(costOf(steps, [0.6, 0.4])).toBeCloseTo(10 + 4 * 0.46, 12);
  expect(byRatio(steps, [0.6, 0.4]).map((s) => s.step)).toEqual(['a', 'b']);
});

it.each([
  ['one cause each', true, 1.01],
  ['several causes each', false, 1.05],
])('of steps with %s is within reach of the best of all 720 orders', (_, single, within) => {
  const n = cases(250);
  let worst = 0;
  for (let seed = 0; seed < n; seed++) {
    const problem = randomCase(seed, single);
    const found = costOf(bestOrder(problem.steps, problem.odds), problem.odds);
    worst = Math.max(worst, found / best(problem));
  }
  expect(worst).toBeLessThanOrEqual(within);
});
