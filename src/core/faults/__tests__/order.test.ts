import { cases } from '@/test/cases';
import { worstOrder } from '@/test/stepOrders';
import { byRatio, costOf, type Costed } from '../order';

it('costs each step where all before it failed', () => {
  const steps: Costed<string>[] = [
    { step: 'a', cost: 10, hits: [[0, 0.9]] },
    { step: 'b', cost: 4, hits: [[1, 0.5]] },
  ];
  // Ten minutes always, four where the first failed: 0.6 * 0.1 + 0.4.
  expect(costOf(steps, [0.6, 0.4])).toBeCloseTo(10 + 4 * 0.46, 12);
  expect(byRatio(steps, [0.6, 0.4]).map((s) => s.step)).toEqual(['a', 'b']);
});

it.each([
  ['one cause each', true],
  ['several causes each', false],
])('of steps with %s is within reach of the best of all 720 orders', (_, single) => {
  // By ratio alone it is up to 1.02 and 1.04 of it.
  expect(worstOrder(cases(250), single)).toBeLessThanOrEqual(1.005);
});
