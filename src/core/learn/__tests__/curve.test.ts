import { learn, priorBelief, shownBetween } from '../belief';
import { curveOf } from '../curve';

describe('the curve of a belief', () => {
  const prior = priorBelief(0.35);

  it('has its prior’s height at 1 in the middle, and falls by the normal law to both sides', () => {
    const curve = curveOf(prior, prior);
    const top = curve.find((p) => Math.abs(Math.log(p.factor)) < 1e-9);
    expect(top?.height).toBeCloseTo(1, 10);
    for (const { factor, height } of curve)
      expect(height).toBeCloseTo(Math.exp(-0.5 * (Math.log(factor) / 0.35) ** 2), 6);
  });

  it('leaves out what lies beyond its reach, on both sides alike', () => {
    const factors = curveOf(prior, prior, 2).map((p) => p.factor);
    expect(Math.min(...factors)).toBeGreaterThanOrEqual(0.5);
    expect(Math.max(...factors)).toBeLessThanOrEqual(2);
    expect(Math.min(...factors) * Math.max(...factors)).toBeCloseTo(1, 9);
    // Steps of some 2 %: 181 points over a sixth to six, 69 of them within a half to two.
    expect(factors).toHaveLength(69);
  });

  it('draws another belief on the prior’s scale: what is believed more narrowly stands higher', () => {
    const told = learn(prior, shownBetween(1.5, Infinity, 0.1));
    const heights = curveOf(told, prior).map((p) => p.height);
    expect(Math.max(...heights)).toBeGreaterThan(1);
  });
});
