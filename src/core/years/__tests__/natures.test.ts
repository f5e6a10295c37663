import { sampleCorrelation } from 'simple-statistics';
import { Chance } from '@/core/chance/chance';
import { evenNormals } from '../natures';

describe('natures of futures', () => {
  it('has one in every equal share of the normal distribution', () => {
    // Quartiles of the standard normal, any table of it: 0 and ±0.6745.
    const four = evenNormals(4, new Chance(5)).sort((a, b) => a - b);
    expect(four[0]).toBeLessThan(-0.6745);
    expect(four[1]).toBeGreaterThan(-0.6745);
    expect(four[1]).toBeLessThan(0);
    expect(four[2]).toBeGreaterThan(0);
    expect(four[2]).toBeLessThan(0.6745);
    expect(four[3]).toBeGreaterThan(0.6745);
  });

  it('comes in an order that tells nothing of another draw', () => {
    const [a, b] = [1, 2].map((n) => evenNormals(400, new Chance(7, n)));
    expect(Math.abs(sampleCorrelation(a!, b!))).toBeLessThan(0.2);
    expect(
      Math.abs(
        sampleCorrelation(
          a!,
          a!.map((_, n) => n),
        ),
      ),
    ).toBeLessThan(0.2);
  });
});
