import fc from 'fast-check';
import { startState, type ChainState } from '@/core/care/model/state';
import { wearSeen } from '@/core/care/model/observe';
import { byChecker, byDropIn, byRuler } from '../tools';
import { chancePast, foresee, kmUntilWorn, wearAfter, withCare } from '../foresee';
import type { WearRate } from '../rate';

const chain: ChainState = {
  ...startState({ lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 }, 0),
  wear: 0.2,
  wearSd: 0.07,
  wearFactor: 1,
  wearFactorSd: 0.35,
  wearTied: 0.0245,
};
const rate: WearRate = { perKm: 0.12e-3, sigma: 0.3 };
const sure: ChainState = { ...chain, wearSd: 0.001, wearFactorSd: 0.0001, wearTied: 0 };

describe('foresight of wear', () => {
  it('is what is left over the rate where all is known: 0.3 % at 0.12 % per 1,000 km are 2,500 km', () => {
    expect(kmUntilWorn(sure, { ...rate, sigma: 0.0001 }, 0.5, 0.5)).toBeCloseTo(2500, -1);
  });

  it('gives an average chain its 4,000 to 5,000 km to 0.75 % (common practice)', () => {
    const fresh = { ...sure, wear: 0 };
    const { mid } = foresee(fresh, { perKm: 0.158e-3, sigma: 0.1 }, 0.75);
    expect(mid).toBeGreaterThan(4000);
    expect(mid).toBeLessThan(5000);
  });

  it('lies as draws of level, factor and rate lie: 20,000 of them, drawn by no shared code', () => {
    let seed = 12345;
    const uniform = () => ((seed = (seed * 1103515245 + 12345) % 2147483648) + 0.5) / 2147483648;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const own = Math.sqrt(Math.log(1 + 0.35 ** 2));
    const slope = chain.wearTied / 0.35 ** 2;
    const rest = Math.sqrt(chain.wearSd ** 2 - slope * chain.wearTied);
    const kms = Array.from({ length: 20_000 }, () => {
      const factor = Math.exp(own * normal());
      const level = chain.wear + slope * (factor - 1) + rest * normal();
      return Math.max(0, (0.5 - level) / (rate.perKm * factor * Math.exp(rate.sigma * normal())));
    }).sort((a, b) => a - b);
    for (const p of [0.1, 0.25, 0.5, 0.75, 0.9]) {
      const drawn = kms[Math.floor(p * kms.length)]!;
      expect(kmUntilWorn(chain, rate, 0.5, p) / drawn).toBeGreaterThan(0.94);
      expect(kmUntilWorn(chain, rate, 0.5, p) / drawn).toBeLessThan(1.06);
    }
  });

  it('rises with distance, and its bands lie in each other', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        fc.double({ min: 0.02, max: 0.2, noNaN: true }),
        fc.constantFrom(0.5, 0.75, 1),
        (wear, wearSd, limit) => {
          const at = { ...chain, wear, wearSd: Math.max(wearSd, 0.071) };
          const f = foresee(at, rate, limit);
          const order = [f.most[0], f.half[0], f.mid, f.half[1], f.most[1]];
          expect([...order].sort((a, b) => a - b)).toEqual(order);
          expect(f.measureIn).toBe(f.most[0]);
          expect(chancePast(at, rate, limit, 2000)).toBeGreaterThanOrEqual(
            chancePast(at, rate, limit, 1000) - 1e-12,
          );
        },
      ),
    ));

  it('a reading narrows the band of how much it has worn, whatever it shows', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.6, noNaN: true }), (percent) => {
        const read = wearSeen(chain, { tool: 'checker', percent });
        expect(read.wearSd).toBeLessThan(chain.wearSd);
        expect(read.wearFactorSd).toBeLessThanOrEqual(chain.wearFactorSd);
      }),
    ));

  it('better care brings it further, worse care less far, and no care makes a chain wear like no chain', () => {
    const at = (r: WearRate) => foresee(chain, r, 0.5).mid;
    expect(at(withCare(rate, 'better'))).toBeGreaterThan(at(rate) * 1.3);
    expect(at(withCare(rate, 'worse'))).toBeLessThan(at(rate) * 0.7);
    expect(withCare({ perKm: 0.01e-3, sigma: 0 }, 'better').perKm).toBeCloseTo(0.01e-3, 9);
  });

  it('says now of a chain past its limit', () => {
    expect(foresee({ ...sure, wear: 0.6 }, rate, 0.5)).toMatchObject({ mid: 0, half: [0, 0] });
  });
});

describe('a reading, whatever tool and whatever it shows', () => {
  const anyReading = fc.oneof(
    fc.double({ min: 0, max: 1.5, noNaN: true }).map((p) => byChecker([p])),
    fc.double({ min: 304, max: 309, noNaN: true }).map((mm) => byRuler([mm])),
    fc.constantFrom('none' as const, 0.5 as const, 0.75 as const, 1 as const).map(byDropIn),
  );
  const widthAt = (state: ChainState) =>
    wearAfter(state, rate, 0, 0.9) - wearAfter(state, rate, 0, 0.1);

  it('never widens the band of how worn the chain is', () =>
    fc.assert(
      fc.property(anyReading, (reading) => {
        expect(widthAt(wearSeen(chain, reading))).toBeLessThanOrEqual(widthAt(chain) + 1e-4);
      }),
    ));

  it('and another at the same place leave the same in either order, where both are figures', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 304, max: 307, noNaN: true }),
        (percent, mm) => {
          const [a, b] = [byChecker([percent]), byRuler([mm])];
          const one = wearSeen(wearSeen(chain, a), b);
          const other = wearSeen(wearSeen(chain, b), a);
          fc.pre(one.wear > 0 && other.wear > 0);
          expect(one.wear).toBeCloseTo(other.wear, 9);
          expect(one.wearSd).toBeCloseTo(other.wearSd, 9);
          expect(one.wearFactor).toBeCloseTo(other.wearFactor, 9);
        },
      ),
    ));
});
