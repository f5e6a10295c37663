import { SHELF } from '@/core/demo/island';
import { costOfWork } from '../spent';

describe('what a work cost', () => {
  const products = { a: { ...SHELF.wet, id: 'a' }, b: { ...SHELF.rags, id: 'b' } };
  const used = (...of: [string, number][]) => ({
    used: of.map(([productId, amount]) => ({ productId, amount })),
  });

  it('is the price of what came off the shelf: 4 ml of 100 ml at 9.50', () => {
    const { cost, isWhole } = costOfWork(products, used(['a', 4]));
    expect(cost).toBeCloseTo(0.38, 9);
    expect(isWhole).toBe(true);
    expect(costOfWork(products, used())).toEqual({ cost: 0, isWhole: true });
  });

  it('is no more than that where the price of the rest is not known, or it is gone', () => {
    for (const more of ['b', 'c']) {
      const { cost, isWhole } = costOfWork(products, used(['a', 4], [more, 1]));
      expect(cost).toBeCloseTo(0.38, 9);
      expect(isWhole).toBe(false);
    }
  });
});
