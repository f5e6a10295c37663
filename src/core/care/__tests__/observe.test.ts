import fc from 'fast-check';
import { CARE, NOT_LEARNT, ragSeen, soundSeen, startState, SWATCH_LEVELS, wearSeen } from '..';

const start = startState(
  { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0.2 },
  0,
);

describe('readings', () => {
  it('of wear are the closed-form posterior of two normals', () => {
    // Precision-weighted mean, as in any text on the conjugate normal: m = (a/s² + b/t²) / (1/s² + 1/t²).
    const [a, s, b, t] = [0.2, 0.1, 0.4, CARE.checkerNoise.value];
    const after = wearSeen({ ...start, wear: a, wearSd: s }, b, 'checker');
    const precision = 1 / s ** 2 + 1 / t ** 2;
    expect(after.wear).toBeCloseTo((a / s ** 2 + b / t ** 2) / precision, 10);
    expect(after.wearSd).toBeCloseTo(Math.sqrt(1 / precision), 10);
  });

  it('by a ruler move the estimate less than by a checker', () => {
    const at = { ...start, wear: 0.2, wearSd: 0.1 };
    expect(wearSeen(at, 0.5, 'ruler').wear).toBeLessThan(wearSeen(at, 0.5, 'checker').wear);
  });

  it('repeated alike narrow the spread', () => {
    let state = { ...start, wear: 0.2, wearSd: 0.2 };
    for (let n = 0; n < 5; n++) {
      const next = wearSeen(state, 0.3, 'checker');
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
          const after = ragSeen({ ...start, outside }, NOT_LEARNT, swatch).state.outside;
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
