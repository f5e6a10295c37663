import { dryRoad, ridingOn } from '@/test/dryRoad';
import fc from 'fast-check';
import { TEST_GARAGE } from '@/test/arbitraries';
import { NOT_RECORDED } from '@/core/logbook/events';
import type { PlainEvent } from '@/core/records/event';
import { futuresOf, HANDBOOK, NOT_LEARNT } from '../model/personal';
import { HORIZON_KM, lookAhead } from '../verdict/lookAhead';
import { Replay } from '../replay/replay';
import { startState } from '../model/state';
import { typicalRiding, type TypicalRiding } from '../verdict/typical';

const HAND = { factors: HANDBOOK, mid: HANDBOOK };

const limits = { standard: 'tidy', wearPercent: 0.75 } as const;
const dry = ridingOn(dryRoad(1));
const fresh = (lube: 'wet' | 'dry' | 'hot wax', kmSinceLube = 0) =>
  startState({ lube, kmSinceLube, look: 'clean', kmBefore: 0, wearPercent: 0 }, 0);
const FUTURES = futuresOf(NOT_LEARNT);
const filmKm = (state = fresh('wet'), typical = dry, factors = HANDBOOK) => {
  const { firesAtKm } = lookAhead({ state, cogs: 0 }, typical, limits, { factors, mid: HANDBOOK });
  return Math.min(firesAtKm.film ?? HORIZON_KM, firesAtKm.standing ?? HORIZON_KM);
};

describe('looking ahead', () => {
  it('runs dry at the handbook life less the reserve, the less the more was used', () => {
    const still = { ...dry, kmPerWeek: 1e6 };
    expect(filmKm(fresh('wet'), still)).toBeCloseTo(400 * 0.85 * 0.99, -1);
    expect(filmKm(fresh('wet', 200), still)).toBeCloseTo(400 * 0.35 * 0.99, -1);
    expect(filmKm(fresh('wet', 390), still)).toBe(0);
  });

  it('more rain never lengthens, more dust never cleans', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.05, noNaN: true }),
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (water, more, dust) => {
          const wet = (waterMm: number) => ({ ...dry, perKm: { ...dry.perKm, waterMm } });
          expect(filmKm(fresh('dry'), wet(water + more))).toBeLessThanOrEqual(
            filmKm(fresh('dry'), wet(water)) + 1e-9,
          );
          const dirty = { ...dry, perKm: { ...dry.perKm, dirtPerKm: dust } };
          const outside = (t: TypicalRiding) =>
            lookAhead({ state: fresh('wet'), cogs: 0 }, t, limits, HAND).firesAtKm.outside ??
            HORIZON_KM;
          expect(outside(dirty)).toBeLessThanOrEqual(outside(dry) + 1e-9);
        },
      ),
    );
  });

  it('riding little lets standing take its share', () => {
    expect(filmKm(fresh('dry'), { ...dry, kmPerWeek: 20 })).toBeLessThan(
      filmKm(fresh('dry'), { ...dry, kmPerWeek: 300 }),
    );
  });

  it('the low future comes before the middle one, the high one after', () => {
    for (const used of [0, 100, 250]) {
      const km = (which: keyof typeof FUTURES) => filmKm(fresh('wet', used), dry, FUTURES[which]);
      expect(km('low')).toBeLessThan(km('mid'));
      expect(km('mid')).toBeLessThan(km('high'));
    }
  });

  it('half of all coats lie between the quartiles of a log-normal with sigma 0.35', () => {
    // Table of the normal distribution: the quartiles lie 0.6745 standard deviations from the middle.
    expect(FUTURES.low.life).toBeCloseTo(Math.exp(-0.6745 * 0.35), 4);
    expect(FUTURES.low.life * FUTURES.high.life).toBeCloseTo(1, 6);
  });

  it('ends at the horizon when nothing fires', () => {
    const spotless = { ...dry, kmPerWeek: 1e6, perKm: { ...dry.perKm, dirtPerKm: 0, load: 1e-9 } };
    const ahead = lookAhead({ state: fresh('hot wax'), cogs: 0 }, spotless, limits, HAND);
    expect(ahead.firesAtKm).toEqual({});
    expect(ahead.points.at(-1)?.km).toBe(HORIZON_KM);
    expect(ahead.atFirst).toBeNull();
  });
});

describe('usual riding', () => {
  const now = Date.parse('2026-05-10T12:00:00.000Z');
  const rideOn = (daysAgo: number, distanceKm: number, weather: 'dry' | 'wet', bikeId = 'b1') => ({
    type: 'rideLogged' as const,
    id: `r${daysAgo}${bikeId}`,
    at: new Date(now - daysAgo * 86_400_000).toISOString(),
    zone: 'UTC',
    recordedAt: '2026-05-10T12:00:00.000Z',
    bikeId,
    distanceKm,
    durationH: null,
    weather,
    surface: 'paved' as const,
    mud: false,
    salted: false,
    note: '',
    ...NOT_RECORDED,
  });
  const of = (events: PlainEvent[]) =>
    typicalRiding(new Replay(TEST_GARAGE, events).steps, TEST_GARAGE.bikes.b1!, now);

  it('without rides is dry tarmac, and says that nothing is known', () => {
    expect(of([])).toMatchObject({ rides: 0, perKm: { dirtPerKm: 1, waterMm: 0 } });
  });

  it('weighs conditions by distance over the last 300 km of this bike alone', () => {
    const typical = of([
      rideOn(40, 500, 'wet'),
      rideOn(20, 100, 'wet'),
      rideOn(10, 200, 'dry'),
      rideOn(5, 90, 'wet', 'b2'),
    ]);
    expect(typical.rides).toBe(2);
    expect(typical.perKm.wetShare).toBeCloseTo(1 / 3, 9);
    expect(typical.perKm.dirtPerKm).toBeCloseTo(4 / 3, 9);
  });

  it('counts the week from the last eight weeks, so that a pause shows', () => {
    // Two rides 14 days apart, the last 14 days ago: 200 km in 28 days and the pause of 14 before them.
    expect(of([rideOn(28, 100, 'dry'), rideOn(14, 100, 'dry')]).kmPerWeek).toBeCloseTo(200 / 6, 6);
    // The rider of 60 km once a week, asked after the second ride: not twice that.
    expect(of([rideOn(7.2, 60, 'dry'), rideOn(0.2, 60, 'dry')]).kmPerWeek).toBeCloseTo(60, -1);
    // Known for longer, the eight weeks count whole.
    expect(
      of([rideOn(90, 9, 'dry'), rideOn(28, 100, 'dry'), rideOn(14, 100, 'dry')]).kmPerWeek,
    ).toBeCloseTo(25, 6);
    expect(of([rideOn(100, 100, 'dry')]).kmPerWeek).toBe(0);
  });
});
