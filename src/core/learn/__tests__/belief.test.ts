import fc from 'fast-check';
import {
  errorFunction,
  mean,
  sampleStandardDeviation,
  cumulativeStdNormalProbability,
} from 'simple-statistics';
import {
  GRID,
  learn,
  likelihoodOf,
  normalShare,
  priorBelief,
  quantileOf,
  relearn,
  shownBetween,
} from '../belief';

/** A factor seen exactly, but for its noise. */
const shownAs = (x: number, noise: number) =>
  likelihoodOf((ln) => Math.exp(-0.5 * ((Math.log(x) - ln) / noise) ** 2));
const shownAbove = (x: number, noise: number) => shownBetween(x, Infinity, noise);

const density = (z: number) => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);

describe('the normal share', () => {
  it('is that of simple-statistics, by its error function and its table', () => {
    for (let z = -4; z <= 4; z += 0.1) {
      expect(normalShare(z)).toBeCloseTo((1 + errorFunction(z / Math.SQRT2)) / 2, 6);
      // The package's table goes by hundredths.
      expect(normalShare(Math.round(z * 100) / 100)).toBeCloseTo(
        cumulativeStdNormalProbability(z),
        2,
      );
    }
  });
});

describe('a belief', () => {
  it('starts log-normal about the handbook', () => {
    const prior = priorBelief(0.3);
    expect(prior.mid).toBeCloseTo(1, 9);
    expect(prior.sd).toBeCloseTo(0.3, 3);
    expect(prior.shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
  });

  it('after values shown is the conjugate normal posterior of their logarithms', () => {
    // Gelman and others, Bayesian Data Analysis, 2.5 (from memory): precisions add, means are weighed by them.
    const [sigma, noise] = [0.3, 0.15];
    const values = [0.8, 1.3, 0.95, 0.7];
    let belief = priorBelief(sigma);
    for (const x of values) belief = learn(belief, shownAs(x, noise));
    const precision = 1 / sigma ** 2 + values.length / noise ** 2;
    const logs = values.map(Math.log);
    expect(Math.log(belief.mid)).toBeCloseTo(
      ((values.length / noise ** 2) * mean(logs)) / precision,
      4,
    );
    expect(belief.sd).toBeCloseTo(Math.sqrt(1 / precision), 4);
    expect(belief.seen).toBe(4);
  });

  it('after “more than x” is the closed-form skewed posterior, in the limit the truncated normal', () => {
    const sigma = 0.3;
    for (const x of [0.5, 0.9, 1.2, 1.8]) {
      for (const noise of [0.15, 0.3]) {
        // E = s²/√(s²+t²) · φ(z)/Φ(z), z = -ln x / √(s²+t²): O'Hagan and Leonard 1976, Biometrika 63:201.
        const total = Math.hypot(sigma, noise);
        const z = -Math.log(x) / total;
        const expected = ((sigma ** 2 / total) * density(z)) / normalShare(z);
        const belief = learn(priorBelief(sigma), shownAbove(x, noise));
        expect(Math.log(belief.mid)).toBeCloseTo(expected, 3);
      }
      // No noise: the mean of a normal cut off below ln x, σ φ(α) / (1 − Φ(α)).
      const alpha = Math.log(x) / sigma;
      const cut = (sigma * density(alpha)) / (1 - normalShare(alpha));
      const sharp = learn(priorBelief(sigma), shownAbove(x, 0.004));
      expect(Math.abs(Math.log(sharp.mid) - cut)).toBeLessThan(0.012);
    }
  });

  it('n alike narrow the spread each time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2.5, noNaN: true }),
        fc.integer({ min: 2, max: 8 }),
        (x, n) => {
          let belief = priorBelief(0.3);
          for (let i = 0; i < n; i++) {
            const next = learn(belief, shownAs(x, 0.15));
            expect(next.sd).toBeLessThan(belief.sd);
            belief = next;
          }
          // Towards what was shown, never past it.
          expect(Math.abs(Math.log(belief.mid))).toBeLessThanOrEqual(Math.abs(Math.log(x)) + 1e-9);
        },
      ),
    );
  });

  it('“more than” never lowers, and an impossible observation leaves all as it was', () => {
    const prior = priorBelief(0.3);
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5, noNaN: true }), (x) => {
        expect(learn(prior, shownAbove(x, 0.15)).mid).toBeGreaterThanOrEqual(prior.mid - 1e-9);
      }),
    );
    expect(
      learn(
        prior,
        likelihoodOf(() => 0),
      ),
    ).toBe(prior);
  });

  it('finds the life that made up riders have: the mean of many is right, and half lie between quartiles', () => {
    // Simulated from the model itself: known lives, noisy squeaks; a check of calibration.
    let seed = 7;
    const uniform = () => ((seed = (seed * 48271) % 2147483647) - 0.5) / 2147483647;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const errors = Array.from({ length: 400 }, () => {
      const truth = 0.3 * normal();
      let belief = priorBelief(0.3);
      for (let i = 0; i < 3; i++)
        belief = learn(belief, shownAs(Math.exp(truth + 0.15 * normal()), 0.15));
      return (Math.log(belief.mid) - truth) / belief.sd;
    });
    expect(Math.abs(mean(errors))).toBeLessThan(0.15);
    expect(sampleStandardDeviation(errors)).toBeGreaterThan(0.9);
    expect(sampleStandardDeviation(errors)).toBeLessThan(1.1);
    expect(errors.filter((e) => Math.abs(e) < 0.6745).length / 400).toBeCloseTo(0.5, 1);
  });

  it('an observation made sharper counts once, as if it alone had been made', () => {
    const prior = priorBelief(0.3);
    const wide = shownBetween(0.3, Infinity, 0.15).map((l) => 0.1 + l);
    const sharp = shownBetween(0.6, 0.8, 0.15).map((l) => 0.1 + l);
    const directly = learn(prior, sharp);
    const later = relearn(learn(prior, wide), wide, sharp);
    expect(later.mid).toBeCloseTo(directly.mid, 12);
    expect(later.seen).toBe(1);
  });

  it('foretells the next case: quantiles of two normals added, cut off where it is known to lie above', () => {
    const belief = priorBelief(0.3);
    const sigma = Math.hypot(0.3, 0.15);
    for (const [p, z] of [
      [0.1, -1.2816],
      [0.25, -0.6745],
      [0.5, 0],
      [0.9, 1.2816],
    ] as const)
      expect(Math.log(quantileOf(belief, p, { noise: 0.15 }))).toBeCloseTo(z * sigma, 3);
    // Above the middle the median is the upper quartile.
    const above = quantileOf(belief, 0.5, { noise: 0.15, above: 1 });
    expect(Math.log(above)).toBeCloseTo(0.6745 * sigma, 3);
    const seen = shownBetween(0.9, Infinity, 0.15).map((l) => 0.05 + l);
    const without = quantileOf(learn(belief, seen), 0.5, { noise: 0.15, without: seen });
    expect(without).toBeCloseTo(1, 3);
  });

  it('keeps to its grid', () => {
    expect(GRID[0]).toBeCloseTo(-Math.log(6), 9);
    expect(GRID[GRID.length - 1]).toBeCloseTo(Math.log(6), 9);
  });
});
