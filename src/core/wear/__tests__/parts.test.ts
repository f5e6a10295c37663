import fc from 'fast-check';
import { Chance } from '@/core/chance/chance';
import type { ReplayStep } from '@/core/care/replay/step';
import type { Bike, Part } from '@/core/records/garage';
import type { PartKind } from '@/core/records/kinds';
import type { PartStart } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import {
  CHAINS_A_LIFE,
  goesOn,
  partLeft,
  partRate,
  partStories,
  partWear,
  usesUpAt,
  type PartStory,
} from '../parts';

const b1 = TEST_GARAGE.bikes.b1 as Bike;
const part = (id: string, kind: PartKind): Part => ({
  id,
  kind,
  name: id,
  price: null,
  end: null,
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
});

let day = 0;
beforeEach(() => {
  day = 0;
});
const next = () => new Date(Date.UTC(2026, 0, 1) + 86_400_000 * day++).toISOString();
const step = (event: object, more: Partial<ReplayStep> = {}): ReplayStep =>
  ({ event: { at: next(), bikeId: 'b1', ...event }, bike: b1, from: null, after: null, chainId: null, ...more }) as unknown as ReplayStep; // prettier-ignore
const on = (partId: string, start: PartStart | null = null, bikeId = 'b1') =>
  step({ type: 'partFitted', partId, bikeId, start });
const off = (partId: string) => step({ type: 'partRemoved', partId });
const ride = (from: number, to: number, distanceKm: number, { chain = 'c1', bikeId = 'b1' } = {}) =>
  step(
    { type: 'rideLogged', distanceKm, bikeId },
    { chainId: chain, from: { wear: from } as never, after: { wear: to } as never },
  );

describe('what a chain costs a cassette', () => {
  /** In steps of a hundredth of a percent, as rides would do it. */
  const riddenTo = (limit: number, to: number) =>
    Array.from({ length: Math.round(to * 100) }, (_, n) => partWear(n / 100, 0.01, limit, 3)) //
      .reduce((sum, share) => sum + share, 0);

  it.each([
    [0.5, 1],
    [0.75, 1],
    [1, 1.5],
  ])(
    'is a third where it is changed at its limit of %f %%, all of it at %f %% (common practice: three chains a cassette; past 1 %% it takes the cassette along)',
    (limit, end) => {
      expect(riddenTo(limit, limit)).toBeCloseTo(1 / 3, 6);
      expect(riddenTo(limit, end)).toBeCloseTo(1, 6);
      expect(usesUpAt(limit)).toBe(end);
    },
  );

  it('grows beyond the limit: at half as much again, twice as fast', () => {
    expect(partWear(0.745, 0.01, 0.5, 3) / partWear(0.2, 0.01, 0.5, 3)).toBeCloseTo(2, 6);
  });
});

describe('the story of a part', () => {
  const parts = {
    a: part('a', 'cassette'),
    b: part('b', 'cassette'),
    big: part('big', 'ring'),
    small: part('small', 'ring'),
  };
  const told = (steps: ReplayStep[]) =>
    Object.fromEntries(partStories(steps, parts).map((s) => [s.part.id, s]));

  it('counts the rides of its bike while it is on, its chains and the worst of them', () => {
    const { a } = told([
      ride(0, 0.05, 300),
      on('a', { kmBefore: 1000, chainsBefore: 1 }),
      ride(0.05, 0.1, 400),
      ride(0.2, 0.3, 100, { bikeId: 'b2', chain: 'c9' }),
      ride(0.6, 0.62, 50, { chain: 'c2' }),
      off('a'),
      ride(0.62, 0.9, 500),
    ]);
    expect(a).toMatchObject({ km: 1450, chains: 3, worstChain: 0.62, bikeId: null });
    // A chain before it, 0.05 % within the limit, 0.02 % at 0.61 %: 0.11 / 0.25 faster.
    expect(a!.share).toBeCloseTo(1 / 3 + 0.05 / 1.5 + (0.02 / 1.5) * 1.44, 9);
  });

  it('starts by its kilometres where nobody counted chains: those of an average rider', () => {
    const { a } = told([on('a', { kmBefore: 3000, chainsBefore: null })]);
    expect(a!.share).toBeCloseTo((3000 * 0.158e-3) / 1.5, 9);
    expect(a).toMatchObject({ km: 3000, chains: 0, bikeId: 'b1' });
  });

  it('ends in the spare box when another cassette takes its place; rings stay beside each other', () => {
    const { a, b, big, small } = told([on('a'), on('big'), on('small'), on('b')]);
    expect([a, b, big, small].map((s) => s!.bikeId)).toEqual([null, 'b1', 'b1', 'b1']);
  });

  it('leaves the cassette of another bike where it is', () => {
    const { a, b } = told([on('a', null, 'b2'), on('b')]);
    expect([a!.bikeId, b!.bikeId]).toEqual(['b2', 'b1']);
  });

  it('goes on bikes of the speeds it was on, on any where it was on none', () => {
    const { a, b } = told([on('a'), off('a')]);
    const bikes = TEST_GARAGE.bikes;
    const like = { ...(bikes.b2 as Bike), speeds: b1.speeds };
    expect(bikes.b2!.speeds).not.toBe(b1.speeds);
    expect([bikes.b2!, like].map((bike) => goesOn(a!, bike, bikes))).toEqual([false, true]);
    expect(goesOn(b!, bikes.b2!, bikes)).toBe(true);
  });

  it('goes on where it was on another bike, and is told its past once', () => {
    const start = { kmBefore: 700, chainsBefore: 0 };
    const { a } = told([
      on('a', start),
      ride(0, 0.1, 200),
      on('a', start, 'b2'),
      ride(0.1, 0.2, 300),
      ride(0.1, 0.2, 50, { bikeId: 'b2' }),
    ]);
    expect(a).toMatchObject({ km: 950, bikeId: 'b2', chains: 1 });
  });

  it('of one that is gone is left alone by what comes after, whatever that is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(200)), {
          maxLength: 9,
        }),
        (rides) => {
          day = 0;
          const before = [on('a'), ride(0, 0.1, 200), off('a')];
          const later = [on('b'), ...rides.map(([wear, km]) => ride(wear, wear + 0.01, km + 1))];
          const gone = { ...parts, a: { ...parts.a, retired: true, end: 'sold' as const } };
          const [a] = partStories([...before, ...later], gone);
          expect(a).toEqual({ ...partStories(before, gone)[0] });
        },
      ),
    );
  });
});

describe('what a part is still good for', () => {
  const story = (share: number, kind: PartKind = 'cassette') =>
    ({ part: part('a', kind), share }) as PartStory;

  it('new, is a usual life, half the time within its quartiles: e to the 0.6745 × 0.27', () => {
    const { mid, half } = partLeft(story(0), 1 / 13_500);
    expect(mid).toBeCloseTo(13_500, 3);
    expect(half[0]).toBeCloseTo(13_500 * Math.exp(-0.6745 * 0.27), 0);
    expect(half[1]).toBeCloseTo(13_500 * Math.exp(0.6745 * 0.27), 0);
    // Two to four chains are eight in ten of them.
    expect(3 * Math.exp(-1.2816 * 0.27)).toBeCloseTo(2.12, 2);
    expect(3 * Math.exp(1.2816 * 0.27)).toBeCloseTo(4.24, 2);
  });

  it.each(['cassette', 'ring'] as const)(
    'of a %s holds for those that lasted so far, drawn by lot',
    (kind) => {
      const { sigma } = CHAINS_A_LIFE[kind];
      for (const share of [0.4, 0.9, 1.3]) {
        const lives = Array.from({ length: 40_000 }, (_, n) =>
          Math.exp(sigma * new Chance(7, n, 1).normal()),
        ).filter((life) => life > share);
        const { mid, half } = partLeft(story(share, kind), 1);
        const within = lives.filter((l) => l - share >= half[0] && l - share <= half[1]).length;
        expect(within / lives.length).toBeCloseTo(0.5, 1);
        expect(lives.filter((l) => l - share <= mid).length / lives.length).toBeCloseTo(0.5, 1);
      }
    },
  );

  it('goes by the rides of late on its bike, and by the average where there are few', () => {
    const steps = [ride(0, 0.3, 1000, { bikeId: 'b2' }), ride(0, 0.2, 1200)];
    const average = 0.158e-3 / 1.5;
    expect(partRate([], b1, 'cassette')).toBeCloseTo(average, 12);
    expect(partRate(steps, b1, 'cassette')).toBeCloseTo((0.2 / 1.5 + 300 * average) / 1500, 12);
    expect(
      partRate([ride(0, 0.5, 900), ...steps, ride(0.2, 0.4, 400)], b1, 'cassette'),
    ).toBeCloseTo((0.4 / 1.5 + 300 * average) / 1900, 12);
  });
});
