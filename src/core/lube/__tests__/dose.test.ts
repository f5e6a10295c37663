import fc from 'fast-check';
import { bathShareLeft, bathsNeeded } from '@/core/care/model/work';
import { CARE } from '@/core/care/model/constants';
import { turnsPerLap } from '@/core/chain/geometry';
import { readWithin } from '@/core/entry/number';
import { chainsInPot, coatsIn, doseOf, mixOf, sidesOf } from '../dose';

describe('a coat', () => {
  // Worked by hand: 114 links, a drop each, 20 drops of water in a ml (metric drop, from memory).
  it('of 114 links is 114 drops, 5.7 ml of water-like drops, 17 to a bottle of 100 ml', () => {
    const dose = doseOf(114, 1, 20, 'drop');
    expect(dose.drops).toBe(114);
    expect(dose.ml).toBeCloseTo(5.7, 12);
    expect(coatsIn(100, dose)).toBe(17);
    expect(doseOf(114, 2, 20, 'drop').ml).toBeCloseTo(11.4, 12);
    expect(doseOf(114, 1, 20, 'stream').ml).toBeGreaterThan(2 * dose.ml);
  });

  it('takes 2.28 turns of a 50 ring to get round once (worked example)', () => {
    expect(turnsPerLap(114, 50)).toBeCloseTo(2.28, 10);
  });

  it('goes on both sides for e-bikes and thick oil, or as the rider holds', () => {
    expect([
      sidesOf('fitting', false, 'wet'),
      sidesOf('fitting', true, 'wet'),
      sidesOf('fitting', false, 'heavy wet'),
      sidesOf('one', true, 'heavy wet'),
      sidesOf('both', false, 'dry'),
    ]).toEqual([1, 2, 2, 1, 2]);
  });

  it('whole coats never use more than there is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 250 }),
        fc.integer({ min: 5, max: 200 }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        (links, drops, ml) => {
          const dose = doseOf(links, 1, drops, 'drop');
          const coats = coatsIn(ml, dose);
          expect(coats * dose.ml).toBeLessThanOrEqual(ml + 1e-6);
          expect((coats + 1) * dose.ml).toBeGreaterThan(ml - 1e-6);
        },
      ),
      { seed: 61 },
    );
  });
});

describe('mixing', () => {
  it('one to one and one to nine, worked by hand', () => {
    expect(mixOf(1, 150)).toEqual({ productMl: 75, waterMl: 75 });
    expect(mixOf(9, 1000).productMl).toBeCloseTo(100, 12);
    expect(mixOf(0, 150)).toEqual({ productMl: 150, waterMl: 0 });
  });

  it('leaves half of the wax in the pot', () => expect(chainsInPot(500)).toBe(50));
});

describe('baths', () => {
  it('follow the dilution law’s closed form', () => {
    // Sum of a geometric series: b^n bound, (1 − b) c (c^n − b^n) / (c − b) loose.
    const b = CARE.bathBound.value;
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.double({ min: 30, max: 2000, noNaN: true }),
        (n, ml) => {
          const c = CARE.bathHeldMl.value / (CARE.bathHeldMl.value + ml);
          const closed = b ** n + ((1 - b) * c * (c ** n - b ** n)) / (c - b);
          expect(bathShareLeft(n, ml)).toBeCloseTo(closed, 12);
        },
      ),
      { seed: 62 },
    );
  });

  it('as few as leave the share asked for: two or three are enough (common practice)', () => {
    expect(bathsNeeded(0.1, 150)).toBe(2);
    expect(bathsNeeded(0.05, 150)).toBe(3);
    expect(bathsNeeded(0.0001, 150)).toBeNull();
    for (const share of [0.5, 0.2, 0.1, 0.05]) {
      const n = bathsNeeded(share, 150)!;
      expect(bathShareLeft(n, 150)).toBeLessThanOrEqual(share);
      if (n > 1) expect(bathShareLeft(n - 1, 150)).toBeGreaterThan(share);
    }
  });
});

describe('a calculator’s field', () => {
  it.each([
    ['150', 150],
    ['7,5', 7.5],
  ])('reads %s', (text, value) => expect(readWithin(text, 1, 500)).toEqual({ ok: true, value }));

  it.each([
    ['', 'number/missing'],
    ['much', 'number/not-a-number'],
    ['0', 'amount/impossible'],
    ['-5', 'amount/impossible'],
    ['501', 'amount/impossible'],
  ])('refuses “%s”', (text, code) =>
    expect(readWithin(text, 1, 500)).toMatchObject({ ok: false, problem: { code } }),
  );
});
