import fc from 'fast-check';
import { CARE, SWATCH_LEVELS } from '../model/constants';
import { NOT_LEARNT } from '../model/personal';
import { ragReadOf, ragSeen, soundSeen, wearSeen } from '../model/observe';
import { startState } from '../model/state';

const start = startState(
  { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0.2 },
  0,
);

describe('readings', () => {
  it('of wear are the closed-form posterior of two normals', () => {
    // Precision-weighted mean, as in any text on the conjugate normal: m = (a/s² + b/t²) / (1/s² + 1/t²).
    const [a, s, b, t] = [0.2, 0.1, 0.4, CARE.checkerNoise.value];
    const after = wearSeen({ ...start, wear: a, wearSd: s }, { percent: b, tool: 'checker' });
    const precision = 1 / s ** 2 + 1 / t ** 2;
    expect(after.wear).toBeCloseTo((a / s ** 2 + b / t ** 2) / precision, 10);
    expect(after.wearSd).toBeCloseTo(Math.sqrt(1 / precision), 10);
  });

  it('by a ruler move the estimate less than by a checker', () => {
    const at = { ...start, wear: 0.2, wearSd: 0.1 };
    const by = (tool: 'ruler' | 'checker') => wearSeen(at, { percent: 0.5, tool }).wear;
    expect(by('ruler')).toBeLessThan(by('checker'));
  });

  it('of a tool that drops in or not are what a fine grid of level and factor leaves', () => {
    // Joint normal of level and factor, cut by a noisy reading between two figures: summed on a grid, no formula shared.
    const before = { wear: 0.4, wearSd: 0.2, wearFactor: 1.1, wearFactorSd: 0.3, wearTied: 0.045 };
    const noise = CARE.checkerNoise.value;
    const [from, to] = [0.5, 0.75];
    const rho = before.wearTied / (before.wearSd * before.wearFactorSd);
    const sums = { w: 0, e: 0, ee: 0, f: 0, ff: 0, ef: 0 };
    for (let a = -6; a <= 6; a += 0.04)
      for (let b = -6; b <= 6; b += 0.04) {
        const e = before.wear + before.wearSd * a;
        const f = before.wearFactor + before.wearFactorSd * (rho * a + Math.sqrt(1 - rho ** 2) * b);
        let fits = 0;
        for (let c = -4; c <= 4; c += 0.1)
          if (e + noise * c >= from && e + noise * c <= to) fits += Math.exp(-0.5 * c * c);
        const w = Math.exp(-0.5 * (a * a + b * b)) * fits;
        sums.w += w;
        sums.e += w * e;
        sums.ee += w * e * e;
        sums.f += w * f;
        sums.ff += w * f * f;
        sums.ef += w * e * f;
      }
    const [e, f] = [sums.e / sums.w, sums.f / sums.w];
    const between = [from, to] as [number, number];
    const after = wearSeen(
      { ...start, ...before },
      { tool: 'drop-in checker', percent: 0.625, between },
    );
    expect(after.wear).toBeCloseTo(e, 2);
    expect(after.wearSd).toBeCloseTo(Math.sqrt(sums.ee / sums.w - e * e), 2);
    expect(after.wearFactor).toBeCloseTo(f, 2);
    expect(after.wearFactorSd).toBeCloseTo(Math.sqrt(sums.ff / sums.w - f * f), 2);
    expect(after.wearTied).toBeCloseTo(sums.ef / sums.w - e * f, 2);
  });

  it('of a checker that does not drop in do not raise a new chain, nor one past its last side lower it', () => {
    const none = { tool: 'drop-in checker', percent: 0.25, between: [0, 0.5] } as const;
    const all = { tool: 'drop-in checker', percent: 1, between: [1, 3] } as const;
    const young = { ...start, wear: 0.02, wearSd: 0.05 };
    expect(wearSeen(young, { ...none, between: [...none.between] }).wear).toBeCloseTo(0.02, 4);
    const old = { ...start, wear: 2.6, wearSd: 0.3 };
    expect(wearSeen(old, { ...all, between: [...all.between] }).wear).toBeCloseTo(2.6, 3);
  });

  it('repeated alike narrow the spread', () => {
    let state = { ...start, wear: 0.2, wearSd: 0.2 };
    for (let n = 0; n < 5; n++) {
      const next = wearSeen(state, { percent: 0.3, tool: 'checker' });
      expect(next.wearSd).toBeLessThan(state.wearSd);
      state = next;
    }
    expect(state.wear).toBeCloseTo(0.3, 1);
  });

  it('on the rag pull the outside towards the swatch, never past it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 5 }),
        (outside, swatch) => {
          const level = SWATCH_LEVELS[swatch - 1] ?? 0;
          const after = ragSeen({ ...start, outside }, NOT_LEARNT, ragReadOf(swatch)).state.outside;
          expect(after).toBeGreaterThanOrEqual(Math.min(outside, level) - 1e-12);
          expect(after).toBeLessThanOrEqual(Math.max(outside, level) + 1e-12);
        },
      ),
    );
  });
});

describe('a squeak', () => {
  it('never raises the film, and leaves no more than the reserve of a coat in use', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (film) => {
        const after = soundSeen({ ...start, film }, NOT_LEARNT, 'squeak', 'b1').state.film;
        expect(after).toBeLessThanOrEqual(film);
        if (film < 0.85) expect(after).toBeLessThanOrEqual(CARE.reserve.value);
      }),
    );
  });

  it('on a fresh coat is odd and changes nothing; other sounds are kept and change nothing', () => {
    expect(soundSeen({ ...start, film: 0.95 }, NOT_LEARNT, 'squeak', 'b1').state).toMatchObject({
      film: 0.95,
      heard: { odd: true },
    });
    expect(soundSeen({ ...start, film: 0.3 }, NOT_LEARNT, 'grinding', 'b1').state).toMatchObject({
      film: 0.3,
      heard: { odd: false },
    });
  });
});
