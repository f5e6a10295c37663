import { probit } from 'simple-statistics';
import { coatsNeeded } from '../size';

describe('coats needed', () => {
  it('are 16 an arm for a difference of one sigma: Lehr’s rule, from memory', () => {
    expect(coatsNeeded(1, Math.E - 1)).toBe(16);
  });

  it.each([
    [0.25, 0.15],
    [0.25, 0.25],
    [0.25, 0.5],
    [0.35, 0.25],
  ])('follow the textbook’s formula for sigma %s and a difference of %s', (sigma, d) => {
    const z = probit(0.975) + probit(0.8);
    const exact = (2 * z ** 2 * sigma ** 2) / Math.log(1 + d) ** 2;
    expect(Math.abs(coatsNeeded(sigma, d) - exact)).toBeLessThanOrEqual(1.01);
    // As the textbook rounds it: 1.96 and 0.84.
    expect(coatsNeeded(sigma, d)).toBe(
      Math.ceil((2 * (1.96 + 0.8416) ** 2 * sigma ** 2) / Math.log(1 + d) ** 2),
    );
  });
});
