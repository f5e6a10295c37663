import fc from 'fast-check';
import { cases } from '@/test/cases';
import { addUp } from '../addUp';

describe('amounts that add up as printed', () => {
  it('gives the missing step to the amount that rounding wronged most', () => {
    expect(
      addUp([1, -0.013, -0.044, -0.023], 0.01).amounts.map((x) => Math.round(x * 100)),
    ).toEqual([100, -1, -5, -2]);
    expect(addUp([0, 0.3, 0.3, 0.3], 1)).toEqual({ amounts: [0, 1, 0, 0], total: 1 });
    expect(addUp([], 1)).toEqual({ amounts: [], total: 0 });
  });

  it('of any amounts: the sum is the total, none is a step away, nothing stays nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { maxLength: 12 }),
        (list) => {
          const { amounts, total } = addUp(list, 1);
          expect(amounts.reduce((a, b) => a + b, 0)).toBe(total);
          expect(Math.abs(total - list.reduce((a, b) => a + b, 0))).toBeLessThanOrEqual(0.5 + 1e-9);
          amounts.forEach((x, n) => {
            expect(Math.abs(x - (list[n] as number))).toBeLessThanOrEqual(1 + 1e-9);
            if (list[n] === 0) expect(x).toBe(0);
          });
        },
      ),
      { numRuns: cases(1000), seed: 7 },
    );
  });
});
