import type { ReplayStep } from '@/core/care/replay/step';
import { PRESETS } from '@/core/garage/presets';
import type { Bike, Chain } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { chancePast, kmUntilWorn, wearAfter, type KnownState } from '../foresee';
import { dayOf, wearOutlook } from '../outlook';
import { knownAt, wearStory } from '../story';
import { rotationOf } from '../rotation';
import { wearRateOf } from '../rate';

/** Steps written by hand: what each figure comes to is worked out beside it. */
const AT = Date.parse('2026-01-01T08:00:00.000Z');
const DAY = 86_400_000;
interface By {
  from?: number;
  to: number;
  factor?: number;
  km?: number;
  day?: number;
  bike?: string;
  percent?: number;
}
function step(type: string, chainId: string, by: By): ReplayStep {
  const { from, to, factor = 1, km = 0, day = 0, bike = 'b1', percent } = by;
  const at = new Date(AT + day * DAY).toISOString();
  const state = (wear: number) => ({ wear, wearSd: 0.07, wearFactor: factor, km: 1000 + km });
  const event = { id: `${type}${chainId}${day}`, type, at, bikeId: bike, distanceKm: km };
  const read = { tool: 'ruler', percent };
  return {
    event: { ...event, ...(percent === undefined ? {} : read) },
    chainId,
    bikeId: bike,
    from: from === undefined ? null : state(from),
    after: state(to),
  } as unknown as ReplayStep;
}
const ride = (chainId: string, by: By) => step('rideLogged', chainId, by);
const fit = (chainId: string, by: By) => step('chainFitted', chainId, by);

describe('the rate of late', () => {
  const own = [
    ride('c1', { from: 0.1, to: 0.12, km: 100 }),
    ride('c1', { from: 0.12, to: 0.16, km: 100, factor: 2 }),
  ];

  it('is what was worn by the handbook’s factor, with 300 km of the average: (0.02 + 0.04 / 2 + 0.0474) / 500', () => {
    const rate = wearRateOf(own, 'c1');
    expect(rate.perKm).toBeCloseTo((0.04 + 300 * 0.158e-3) / 500, 12);
    // Known for 200 of 500 km: hypot(0.3, 0.35 × 0.6).
    expect(rate.sigma).toBeCloseTo(Math.hypot(0.3, 0.21), 12);
  });

  it('knows no other chain, no reading, and nothing that lies 1,500 km back', () => {
    const more = [
      ride('c1', { from: 0, to: 0.09, km: 700 }),
      ride('c1', { from: 0.1, to: 0.3, km: 1000 }),
      ride('c1', { from: 0.3, to: 0.35, km: 500 }),
      ride('c2', { from: 0, to: 2, km: 100 }),
      step('wearRead', 'c1', { from: 0.35, to: 0.6 }),
    ];
    expect(wearRateOf(more, 'c1').perKm).toBeCloseTo((0.25 + 0.0474) / 1800, 12);
    expect(wearRateOf([], 'c1')).toEqual({ perKm: 0.158e-3, sigma: Math.hypot(0.3, 0.35) });
  });
});

describe('wear to come', () => {
  const known: KnownState = {
    wear: 0.2,
    wearSd: 0.07,
    wearFactor: 1,
    wearFactorSd: 0.3,
    wearTied: 0.015,
  };
  const rate = { perKm: 0.1e-3, sigma: 0.3 };

  it.each([0.1, 0.5, 0.9])('lies below its quantile with a chance of %f, now and later', (p) => {
    for (const km of [0, 1500])
      expect(1 - chancePast(known, rate, wearAfter(known, rate, km, p), km)).toBeCloseTo(p, 3);
  });

  it('of a chain that wears twice as fast comes in half the distance', () => {
    const sure = { ...known, wearSd: 0.001, wearFactorSd: 0, wearTied: 0 };
    const at = (wearFactor: number) =>
      kmUntilWorn({ ...sure, wearFactor }, { perKm: 0.1e-3, sigma: 1e-6 }, 0.5, 0.5);
    expect(at(1)).toBeCloseTo(3000, -1);
    expect(at(2)).toBeCloseTo(1500, -1);
  });

  it('of a chain just read is as wide as its level is unsure: 1.28 standard deviations to each side', () => {
    const read = { ...known, wearFactorSd: 0, wearTied: 0 };
    const width = wearAfter(read, rate, 0, 0.9) - wearAfter(read, rate, 0, 0.1);
    expect(width).toBeCloseTo(2 * 1.2816 * 0.07, 3);
  });

  it('is no surer for a level that hangs on its factor: what the product leaves of the factor stays open', () => {
    // Level and factor go together all the way, so that with a rate nobody knows the level still spreads as it did.
    const tied = { ...known, wearFactorSd: 0.3, wearTied: 0.07 * 0.3 };
    const wild = { perKm: 1e-9, sigma: 3 };
    const width = wearAfter(tied, wild, 0, 0.9) - wearAfter(tied, wild, 0, 0.1);
    expect(width).toBeCloseTo(2 * 1.2816 * 0.07, 2);
  });
});

describe('of one chain among others', () => {
  const { c1, c2 } = TEST_GARAGE.chains as { c1: Chain; c2: Chain };
  const bike: Bike = { ...TEST_GARAGE.bikes.b1!, ...PRESETS.road.specs };
  const steps = [
    fit('c1', { to: 0.1 }),
    ride('c1', { from: 0.1, to: 0.2, km: 900, day: 1 }),
    step('wearRead', 'c1', { from: 0.2, to: 0.25, day: 2, percent: 0.3 }),
    step('ragChecked', 'c1', { from: 0.25, to: 0.25, day: 3 }),
    fit('c2', { to: 0.9, day: 4 }),
    step('wearRead', 'c2', { from: 0.9, to: 0.9, day: 5, percent: 0.9 }),
  ];

  it('outlook, story and what was known are its own', () => {
    expect(wearOutlook(steps, c1, bike, AT + 6 * DAY)!.state.wear).toBe(0.25);
    expect(wearOutlook([steps[4]!], c1, bike, AT)).toBeNull();
    const { line, readings, fittedAt } = wearStory(steps, 'c1');
    expect(line.map((p) => p.wear)).toEqual([0.1, 0.2, 0.25]);
    expect(readings).toMatchObject([{ percent: 0.3, sd: 0.16, at: AT + 2 * DAY }]);
    expect(fittedAt).toBe(AT);
    expect(wearStory(steps, 'c2').fittedAt).toBe(AT + 4 * DAY);
    expect(knownAt(steps, c1, AT + 1 * DAY)).toMatchObject({ wear: 0.2, wearSd: 0.07 });
    expect(knownAt(steps, c1, AT + 6 * DAY).wear).toBe(0.25);
  });

  it('its limit is that of its speeds, on a hub gear 1 %, in the drawer that of a derailleur', () => {
    const limit = (on: Bike | null) => wearOutlook(steps, { ...c2, speeds: 12 }, on, AT)!.limit;
    expect(limit(bike)).toBe(0.5);
    expect(limit({ ...bike, gear: 'hub' })).toBe(1);
    expect(limit(null)).toBe(0.5);
  });
});

describe('which chain comes next', () => {
  const { c1, c2, c3 } = TEST_GARAGE.chains as { c1: Chain; c2: Chain; c3: Chain };
  const steps = [
    fit('c3', { to: 0.35 }),
    fit('c2', { to: 0.2, day: 1 }),
    fit('c1', { to: 0.1, day: 2 }),
    ride('c1', { from: 0.1, to: 0.45, day: 3 }),
  ];
  const b1 = TEST_GARAGE.bikes.b1 as Bike;
  const on = new Map([['b1', 'c1']]);
  const next = (chains: Record<string, Chain>, fitted: ReadonlyMap<string, string> = on) =>
    rotationOf(steps, chains, fitted, b1)?.next.chain.id ?? null;

  it('is the least worn in the drawer, not a retired one, nor one on another bike, nor one gone', () => {
    expect(next({ c1, c2, c3 })).toBe('c2');
    expect(next({ c1, c2: { ...c2, retired: true }, c3 })).toBe('c3');
    expect(next({ c1, c2, c3 }, new Map([...on, ['b2', 'c2']]))).toBe('c3');
    expect(next({ c1, c3 })).toBe('c3');
    expect(next({ c1 })).toBeNull();
  });

  it('is none for a bike without a chain, and no chain that was never on it', () => {
    expect(next({ c1, c2, c3 }, new Map())).toBeNull();
    const elsewhere = [...steps.slice(2), fit('c2', { to: 0, bike: 'b2', day: 4 })];
    expect(rotationOf(elsewhere, { c1, c2, c3 }, on, b1)).toBeNull();
  });

  it('is none that is past its limit, however worn the one is that is on', () => {
    const worn = (wear: number) => {
      const read = [ride('c1', { to: 0.9, day: 5 }), step('wearRead', 'c2', { to: wear, day: 6 })];
      const two = { c1, c2: { ...c2, speeds: 11 } };
      return (gear: Bike['gear']) =>
        rotationOf([...steps, ...read], two, on, { ...b1, gear })?.next.chain.id ?? null;
    };
    expect([worn(0.49)('derailleur'), worn(0.5)('derailleur')]).toEqual(['c2', null]);
    expect([worn(0.99)('hub'), worn(1)('hub')]).toEqual(['c2', null]);
  });

  it('is due by the difference alone', () => {
    const due = (wear: number) =>
      rotationOf([...steps, ride('c1', { to: wear, day: 5 })], { c1, c2, c3 }, on, b1)!.due;
    expect([due(0.2), due(0.29), due(0.31)]).toEqual([false, false, true]);
  });
});

describe('the day a distance will have been ridden', () => {
  const coming = [
    { at: AT + DAY, km: 40 },
    { at: AT + 3 * DAY, km: 60 },
    { at: AT + 9 * DAY, km: 100 },
  ];
  it.each([
    ['on the ride that reaches it', 41, coming, 70, 3],
    ['on the first', 40, coming, 70, 1],
    ['beyond those known by the usual week: 70 km are seven days', 270, coming, 70, 16],
    ['by the week alone where none is known', 35, [], 70, 3.5],
    ['never where nobody rides', 35, [], 0, null],
    ['on a planned ride of one who has no habit', 100, coming, 0, 3],
    ['not beyond it', 300, coming, 0, null],
  ])('is %s', (_, km, rides, kmPerWeek, days) => {
    const at = dayOf(km, { coming: rides, kmPerWeek }, AT);
    expect(at).toBe(days === null ? null : AT + days * DAY);
  });
});
