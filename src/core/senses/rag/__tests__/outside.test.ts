import { SWATCH_LEVELS } from '@/core/care/model/constants';
import type { PlainEvent } from '@/core/records/event';
import { OUTSIDE_BY_ABSORBER, outsideOf, ragValue, shiftOf, together } from '../outside';
import { pairsIn, wantsPair } from '../pairs';
import { photoOf } from '../photo';
import { absorberOf } from '../absorber';

const reading = (reflectance: number, sd = 0.02, patches = 1) => ({
  absorber: absorberOf(reflectance),
  reflectance,
  sd,
  patches,
});

describe('dirt by the light a mark takes', () => {
  it('is the table at its rows, rises between them, and ends at all', () => {
    for (const [absorber, outside] of OUTSIDE_BY_ABSORBER)
      expect(outsideOf(absorber)).toBeCloseTo(outside, 9);
    let last = -1;
    for (let a = 0; a < 100; a = a * 1.1 + 0.001) {
      expect(outsideOf(a)).toBeGreaterThanOrEqual(last);
      last = outsideOf(a);
    }
    expect(outsideOf(1000)).toBe(1);
    // Half way in the logarithm between the rows of 1.1 and 4.65.
    expect(outsideOf(Math.sqrt(1.1 * 4.65))).toBeCloseTo((0.4 + 0.62) / 2, 9);
  });

  it('has an error that follows the reading’s, and never less than one wipe differs from the next', () => {
    const sharp = ragValue(reading(0.3, 0.001));
    const dull = ragValue(reading(0.3, 0.1));
    expect(sharp.sd).toBeCloseTo(0.04, 2);
    expect(dull.sd).toBeGreaterThan(0.07);
    expect(sharp.outside).toBe(dull.outside);
    expect(ragValue(reading(1, 0.01, 0))).toMatchObject({ outside: 0, swatch: 1 });
  });

  it('names the nearest swatch', () => {
    SWATCH_LEVELS.forEach((level, n) => {
      const [absorber] = OUTSIDE_BY_ABSORBER[n + 1]!;
      expect(ragValue({ absorber, reflectance: 0.5, sd: 0.01, patches: 1 }).swatch).toBe(n + 1);
      expect(outsideOf(absorber)).toBeCloseTo(level, 9);
    });
  });

  it('of several pictures is their mean, less sure the more they differ', () => {
    const alike = together([reading(0.3), reading(0.3)]);
    expect(alike.absorber).toBeCloseTo(absorberOf(0.3), 9);
    expect(alike).toMatchObject({ sd: 0.02, patches: 2 });
    // Of 0.2 and 0.4 about 0.3: standard error 0.1, beside 0.02.
    expect(together([reading(0.2), reading(0.4)]).sd).toBeCloseTo(Math.hypot(0.02, 0.1), 6);
  });
});

describe('this rider’s own table', () => {
  it('needs two pairs', () => {
    expect(shiftOf([])).toBe(0);
    expect(shiftOf([{ absorber: 1.1, picked: 5 }])).toBe(0);
  });

  it('is shifted by the normal posterior of what the pairs differ by', () => {
    // The table says 0.4, the rider picked swatch 4, 0.62: logits -0.405 and 0.490, so 0.895 each; the noise of a
    // swatch there is 0.08 / (0.62 · 0.38) = 0.3396, the prior 0.5: 2 · 0.895 / 0.1153 over 2 / 0.1153 + 4.
    const pairs = [
      { absorber: 1.1, picked: 4 },
      { absorber: 1.1, picked: 4 },
    ];
    expect(shiftOf(pairs)).toBeCloseTo(0.727, 2);
    const value = ragValue(reading(0.253), shiftOf(pairs));
    expect(value.outside).toBeGreaterThan(0.55);
    expect(value.outside).toBeLessThan(0.62);
  });

  it('leaves a clean rag clean, and stays where eye and camera agree', () => {
    const agree = [2, 3, 4].map((picked) => ({
      absorber: OUTSIDE_BY_ABSORBER[picked]![0],
      picked,
    }));
    expect(shiftOf(agree)).toBeCloseTo(0, 6);
    expect(ragValue(reading(1, 0.01, 0), 2).outside).toBe(0);
  });

  it('is learnt from the log: photographs beside which a swatch was picked', () => {
    const checked = (picked: number | null, patches = 1) =>
      ({
        type: 'ragChecked',
        swatch: 3,
        photo: { absorber: 1.1, outside: 0.4, sd: 0.05, patches, picked },
      }) as PlainEvent;
    const events = [
      checked(4),
      checked(null),
      checked(3, 0),
      { type: 'ragChecked', swatch: 2 } as PlainEvent,
    ];
    expect(pairsIn(events)).toEqual([{ absorber: 1.1, picked: 4 }]);
    expect(wantsPair(pairsIn(events))).toBe(true);
    expect(wantsPair(pairsIn([checked(1), checked(2), checked(3)]))).toBe(false);
    expect(pairsIn(Array.from({ length: 30 }, () => checked(2)))).toHaveLength(12);
  });

  it('goes into the log as numbers within what the log takes', () => {
    const { swatch, photo } = photoOf(
      { absorber: 1e6, outside: 0.123456, sd: 0, patches: 99, swatch: 2 },
      null,
    );
    expect(swatch).toBe(2);
    expect(photo).toEqual({ absorber: 200, outside: 0.1235, sd: 0.01, patches: 60, picked: null });
  });
});
