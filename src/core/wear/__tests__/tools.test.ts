import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { byCalliper, byChecker, byDropIn, byRuler, bySixteenths, lengthAt } from '../tools';

describe('a reading of wear', () => {
  it.each([
    // 24 pitches of half an inch (ISO 9633): 304.8 mm new, 306.3 at 0.5 %, 307.85 at 1 % (common practice).
    [304.8, 0],
    [306.3, 0.5],
    [307.85, 1],
  ])('by ruler: %f mm over 12 full links are %f %%', (mm, percent) => {
    expect(byRuler([mm]).percent).toBeCloseTo(percent, 1);
    expect(lengthAt(percent).mm).toBeCloseTo(mm, 0);
  });

  it('in inches: a sixteenth over a foot is 0.52 %, and no other figure than in millimetres (common practice)', () => {
    expect(bySixteenths([1]).percent).toBeCloseTo(0.52, 2);
    expect(bySixteenths([0]).percent).toBe(0);
    expect(lengthAt(0.5208).sixteenths).toBeCloseTo(1, 3);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3, noNaN: true }), (s) => {
        expect(bySixteenths([s])).toEqual(byRuler([(12 + s / 16) * 25.4]));
        expect(lengthAt(bySixteenths([s]).percent).sixteenths).toBeCloseTo(s, 1);
      }),
    );
  });

  it('by calliper: ten pitches less a roller are 119.25 mm new; 0.64 mm more is 0.5 %', () => {
    expect(byCalliper([119.25]).percent).toBe(0);
    expect(byCalliper([119.25 + 0.635]).percent).toBeCloseTo(0.5, 3);
  });

  it('at three places is their mean, as sharp as three, and no sharper than they differ', () => {
    const alike = byChecker([0.4, 0.4, 0.4]);
    expect(alike).toMatchObject({ percent: 0.4, sd: 0.029 });
    // 0.2, 0.5 and 0.8 differ by 0.3 (sample): 0.3 / √3 = 0.173; as the package has it.
    const apart = [0.2, 0.5, 0.8];
    expect(byChecker(apart)).toMatchObject({ percent: 0.5, sd: 0.173 });
    expect(byChecker(apart).percent).toBeCloseTo(mean(apart), 3);
    expect(byChecker(apart).sd).toBeCloseTo(sampleStandardDeviation(apart) / Math.sqrt(3), 3);
    // A ruler is off by 0.5 mm over 304.8 mm, a calliper by 0.1 mm over 127 mm.
    expect(byRuler([306.3]).sd).toBeCloseTo((0.5 / 304.8) * 100, 2);
    expect(byCalliper([119.8]).sd).toBeCloseTo((0.1 / 127) * 100, 2);
  });

  it.each([
    ['none', [0, 0.5], 0.25],
    [0.5, [0.5, 0.75], 0.625],
    [0.75, [0.75, 1], 0.875],
    [1, [1, 3], 1],
  ] as const)('drop-in, largest side %s: between %p', (side, between, percent) => {
    expect(byDropIn(side)).toMatchObject({ between, percent });
  });

  it('is never below new, nor beyond what a logbook stores', () => {
    expect(byRuler([300]).percent).toBe(0);
    expect(byRuler([400]).percent).toBe(3);
  });
});
