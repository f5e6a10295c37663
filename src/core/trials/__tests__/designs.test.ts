import fc from 'fast-check';
import { CARE } from '@/core/care/model/constants';
import type { TypicalRiding } from '@/core/care/verdict/typical';
import { dryRoad, ridingOn } from '@/test/dryRoad';
import { designsOf, LONGEST_WEEKS, ragSigma, type Planned } from '../designs';
import { coatsNeeded } from '../size';

const typical = (kmPerWeek: number, more: Partial<TypicalRiding['perKm']> = {}): TypicalRiding =>
  ridingOn(dryRoad(1, more), { kmPerWeek, rideKm: 40 });

const planned = (more: Partial<Planned> = {}): Planned => ({
  lubes: { a: 'dry', b: 'dry' },
  typical: typical(200),
  life: 1,
  sigma: 0.25,
  careFor: 0.5,
  standard: 'tidy',
  prices: { hour: 12, coat: 0.5, chain: 30, limit: 0.5 },
  ...more,
});
const by = (p: Planned, photo: boolean | null, again = false) =>
  designsOf(p).find((d) =>
    photo === null
      ? d.measure === 'squeak'
      : d.measure === 'rag' && d.photo === photo && d.again === again,
  )!;

describe('ways to run a trial', () => {
  it('take what the hand reckons: dry lube of 150 km at 200 km a week, a difference of half', () => {
    const squeak = by(planned(), null);
    // A km takes 1/150 of a coat by distance and 0.25/200 by standing.
    const km = 1 / (1 / 150 + 0.25 / 200);
    expect(squeak.kmACoat).toBeCloseTo(km, 6);
    expect(squeak.coatsAnArm).toBe(6);
    expect(squeak.weeks).toBeCloseTo((12 * km) / 200, 6);
    expect(squeak.minutes).toBe(12);
    expect(squeak.rides).toBe(Math.ceil((12 * km) / 40));
    const dry = (12 * 20 * CARE.wearPerKm.value * CARE.wearByDryness.value * 30) / 0.5;
    expect(squeak.cost).toBeCloseTo((12 * 12) / 60 + dry, 6);
    // Half a chance, three years, a third fewer coats of 12.5 min and 0.5 each.
    const coats = (200 * 52) / (km * 0.85);
    expect(squeak.saves).toBeCloseTo(0.5 * 3 * coats * (1 / 3) * (12.5 * 0.2 + 0.5), 6);
    expect(squeak.worth).toBe('worth it');
  });

  it('say not worth it where it takes more than a year, or costs more than it saves', () => {
    expect(by(planned({ careFor: 0.15, typical: typical(60) }), null).worth).toBe('too long');
    expect(by(planned({ typical: typical(0) }), null)).toMatchObject({
      worth: 'too long',
      weeks: Infinity,
    });
    const again = by(
      planned({ lubes: { a: 'wet', b: 'wet' }, typical: typical(150) }),
      false,
      true,
    );
    expect(again.cost).toBeGreaterThan(again.saves);
    expect(again.worth).toBe('costs more');
  });

  it('are sharper by photograph than by eye: fewer coats', () => {
    expect(ragSigma(true)).toBeLessThan(ragSigma(false));
    expect(by(planned(), true).coatsAnArm).toBe(coatsNeeded(ragSigma(true), 0.5));
    expect(by(planned(), true).coatsAnArm).toBeLessThan(by(planned(), false).coatsAnArm);
  });

  it('strip the chain between oil and wax, and count the time', () => {
    const oils = by(planned({ lubes: { a: 'wet', b: 'dry' } }), null);
    const mixed = by(planned({ lubes: { a: 'wet', b: 'drip wax' } }), null);
    expect(mixed.minutes / mixed.coatsAnArm).toBeGreaterThan(oils.minutes / oils.coatsAnArm + 60);
  });

  it('put first what is worth it, then the soonest; and take longer for less, for more scatter, for fewer km', () => {
    fc.assert(
      fc.property(
        fc.record({
          km: fc.integer({ min: 5, max: 400 }),
          careFor: fc.constantFrom(0.15, 0.25, 0.5),
          sigma: fc.double({ min: 0.1, max: 0.5, noNaN: true }),
          water: fc.double({ min: 0, max: 0.05, noNaN: true }),
          lube: fc.constantFrom('wet' as const, 'dry' as const, 'drip wax' as const),
        }),
        ({ km, careFor, sigma, water, lube }) => {
          const p = planned({
            typical: typical(km, { waterMm: water }),
            careFor,
            sigma,
            lubes: { a: lube, b: lube },
          });
          const list = designsOf(p);
          const worth = list.map((d) => d.worth === 'worth it');
          expect(worth).toEqual([...worth].sort((x, y) => Number(y) - Number(x)));
          for (const d of list) {
            expect(d.worth === 'too long').toBe(d.weeks > LONGEST_WEEKS);
            expect(d.cost).toBeGreaterThan(0);
            expect(d.ragKm).toBeGreaterThanOrEqual(10);
          }
          const weeks = (q: Planned) => by(q, null).weeks;
          expect(weeks({ ...p, careFor: careFor / 2 })).toBeGreaterThan(weeks(p));
          expect(weeks({ ...p, sigma: sigma * 1.5 })).toBeGreaterThan(weeks(p));
          expect(weeks({ ...p, typical: typical(km / 2, { waterMm: water }) })).toBeGreaterThan(
            weeks(p),
          );
        },
      ),
    );
  });
});
