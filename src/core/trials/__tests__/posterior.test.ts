import { cumulativeStdNormalProbability, mean, quantileSorted } from 'simple-statistics';
import { Chance } from '@/core/chance/chance';
import type { Evidence } from '../evidence';
import { type Prior, priorOf } from '../noise';
import { ratioOf, ratioQuantile, scatterOf, shareUnder } from '../posterior';

/** A coat seen to the kilometre. */
const point = (ln: number): Evidence => ({ kind: 'lasted', from: Math.exp(ln), to: Math.exp(ln) });
const known = (sigma: number, ratioSigma: number): Prior => ({
  ratioSigma,
  sigmas: [{ sigma, share: 1 }],
  oddShare: 0,
});
/** As the posterior has it: where both habits lie together. */
const BOTH = 0.7;

/**
 * The closed form: two normal means with a normal prior on their difference and on their middle (Gelman et al., Bayesian Data
 * Analysis, conjugate normal), by the 2 × 2 system of precisions.
 */
function closedForm(a: number[], b: number[], sigma: number, tau: number) {
  const [na, nb] = [a.length / sigma ** 2, b.length / sigma ** 2];
  const prior = (sign: number) => 1 / (4 * BOTH ** 2) + sign / tau ** 2;
  const [paa, pbb, pab] = [na + prior(1), nb + prior(1), prior(-1)];
  const det = paa * pbb - pab ** 2;
  const [ra, rb] = [na * mean(a), nb * mean(b)];
  const [ma, mb] = [(pbb * ra - pab * rb) / det, (paa * rb - pab * ra) / det];
  return { mid: ma - mb, sd: Math.sqrt((paa + pbb + 2 * pab) / det) };
}

describe('the belief of a ratio', () => {
  it.each([
    [[0.2, 0.35, 0.1], [0.0, -0.1, 0.15], 0.25, 0.3],
    [[0.5, 0.45, 0.6, 0.2, 0.5], [0.1, 0.05], 0.3, 0.4],
    [[-0.3], [0.4, 0.2, 0.3, 0.25], 0.2, 0.3],
  ])('is the closed form where coats are points (%#)', (a, b, sigma, tau) => {
    const belief = ratioOf(a.map(point), b.map(point), known(sigma, tau));
    const { mid, sd } = closedForm(a, b, sigma, tau);
    expect(ratioQuantile(belief, 0.5)).toBeCloseTo(mid, 2);
    expect(ratioQuantile(belief, 0.84134) - ratioQuantile(belief, 0.5)).toBeCloseTo(sd, 2);
    for (const ln of [-0.3, 0, 0.1, 0.4])
      expect(shareUnder(belief, ln)).toBeCloseTo(
        cumulativeStdNormalProbability((ln - mid) / sd),
        1.9,
      );
  });

  it('is what weighed draws of the prior say where coats are between, or were still quiet', () => {
    const a: Evidence[] = [
      { kind: 'lasted', from: 0.9, to: 1.3 },
      { kind: 'lasted', from: 1.1, to: Infinity },
      { kind: 'lasted', from: 1.0, to: 1.2 },
    ];
    const b: Evidence[] = [
      { kind: 'lasted', from: 0.6, to: 0.9 },
      { kind: 'lasted', from: 0.5, to: Infinity },
    ];
    const sigma = 0.25;
    const chance = new Chance(5, 77);
    const likely = (coats: Evidence[], mu: number) =>
      coats.reduce((l, c) => {
        if (c.kind !== 'lasted') return l;
        const under = (x: number) =>
          x === Infinity ? 1 : cumulativeStdNormalProbability((Math.log(x) - mu) / sigma);
        return l * (under(c.to) - under(c.from));
      }, 1);
    const draws = Array.from({ length: 60_000 }, () => {
      const middle = BOTH * chance.normal();
      const ratio = 0.3 * chance.normal();
      return { ratio, weight: likely(a, middle + ratio / 2) * likely(b, middle - ratio / 2) };
    });
    const all = draws.reduce((sum, d) => sum + d.weight, 0);
    const belief = ratioOf(a, b, known(sigma, 0.3));
    for (const ln of [-0.1, 0.1, 0.3, 0.5]) {
      const share = draws.reduce((sum, d) => sum + (d.ratio < ln ? d.weight : 0), 0) / all;
      expect(Math.abs(shareUnder(belief, ln) - share)).toBeLessThan(0.02);
    }
  });

  it('reads rags by how much dirt they showed over what was to come', () => {
    const rag = (level: number): Evidence => ({
      kind: 'rag',
      level,
      sd: 0.01,
      leftOutside: 0,
      gathered: 0.3,
    });
    // Exactly twice the grit by A: 1 − exp(−0.6) against 1 − exp(−0.3).
    const of = (times: number) => rag(1 - Math.exp(-0.3 * times));
    const belief = ratioOf(
      Array.from({ length: 12 }, () => of(2)),
      Array.from({ length: 12 }, () => of(1)),
      known(0.1, 5),
    );
    expect(Math.exp(ratioQuantile(belief, 0.5))).toBeCloseTo(2, 1);
  });

  it('is moved little by one odd coat among many', () => {
    const [a, b] = [
      [0.2, 0.25, 0.2, 0.15, 0.2, 0.22],
      [0, 0.02, -0.05, 0.05, 0, 0.01],
    ];
    const prior = priorOf('way');
    const mid = (more: number[]) =>
      ratioQuantile(ratioOf([...a, ...more].map(point), b.map(point), prior), 0.5);
    expect(Math.abs(mid([]) - mid([-1.5]))).toBeLessThan(0.05);
  });

  it('has a half band that holds half of the time, and nine tenths nine tenths', () => {
    let [half, most] = [0, 0];
    const trials = 240;
    for (let seed = 0; seed < trials; seed++) {
      const chance = new Chance(seed, 78);
      const prior = priorOf('way');
      const sigma = 0.25 * Math.exp(0.35 * chance.normal());
      const truth = prior.ratioSigma * chance.normal();
      const draw = (mu: number) => () => point(mu + sigma * chance.normal());
      const a = Array.from({ length: 5 }, draw(truth / 2));
      const b = Array.from({ length: 5 }, draw(-truth / 2));
      const belief = ratioOf(a, b, prior);
      const within = (p: number) =>
        truth > ratioQuantile(belief, p) && truth < ratioQuantile(belief, 1 - p);
      if (within(0.25)) half += 1;
      if (within(0.05)) most += 1;
    }
    expect(Math.abs(half / trials - 0.5)).toBeLessThan(0.08);
    expect(Math.abs(most / trials - 0.9)).toBeLessThan(0.05);
  });
});

describe('the scatter of coats', () => {
  it('is learnt from coats, and is the usual one before any', () => {
    const prior = priorOf('way');
    const before = scatterOf([], prior);
    expect(before).toBeGreaterThan(0.24);
    expect(before).toBeLessThan(0.3);
    const chance = new Chance(3, 79);
    const of = (sigma: number) =>
      scatterOf(
        Array.from({ length: 40 }, () => point(sigma * chance.normal())),
        prior,
      );
    expect(of(0.15)).toBeLessThan(0.2);
    expect(of(0.4)).toBeGreaterThan(0.32);
    expect(quantileSorted([of(0.15), before, of(0.4)], 0.5)).toBe(before);
  });
});
