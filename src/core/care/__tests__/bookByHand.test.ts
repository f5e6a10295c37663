import type { Garage } from '@/core/records/garage';
import type { ChainStart } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { productOf } from '@/test/products';
import { weatherSeen } from '@/test/weather';
import { cellOf } from '@/core/weather/cells';
import { bikeOf, keyOf, learntFor } from '../replay/bookState';
import { NOT_LEARNT } from '../model/personal';
import { Replay } from '../replay/replay';
import { bikesWith, lessonsOn } from '../replay/lessons';

const CELL = cellOf(54.2, -2.9);
const day = (n: number, hour = 8) => new Date(Date.UTC(2026, 3, 1 + n, hour)).toISOString();
const START: ChainStart = {
  lube: 'wet',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 0,
  wearPercent: null,
};
const fit = (n: number, start: Partial<ChainStart> | null = {}, bikeId = 'b1'): Body => ({
  type: 'chainFitted',
  at: day(n, 6),
  chainId: 'c1',
  bikeId,
  start: start && { ...START, ...start },
});
const lubed = (n: number, more = {}): Body =>
  workBody(day(n, 20), 'c1', { lube: { lubeClass: 'wet', coat: 1, wiped: true }, ...more });
const ride = (n: number, km = 40, more = {}) => rideBody(day(n), 'b1', km, more);
const played = (bodies: readonly Body[], garage: Garage = TEST_GARAGE) =>
  new Replay(garage, stamped(bodies));
const chainOf = (...bodies: Body[]) => played(bodies).book.chains.get('c1')!;

describe('a chain noted before it was fitted', () => {
  const told = { look: 'dirty', kmBefore: 2000, kmSinceLube: 100 } as const;

  it('is what the fitting tells of it', () => {
    const chain = chainOf(
      { type: 'soundHeard', at: day(0), chainId: 'c1', sound: 'rattle' },
      fit(1, told),
    );
    expect(chain).toMatchObject({ km: 2000, outside: 0.6, inside: 0.35 });
    expect(chain.wear).toBeCloseTo(2000 * 0.158e-3, 9);
  });

  it('keeps what was done to it at the bench, with the kilometres told', () => {
    const lubedBefore = chainOf(
      lubed(0, { method: 'strip', lube: { lubeClass: 'dry', coat: 1, wiped: true } }),
      fit(1, told),
    );
    expect(lubedBefore).toMatchObject({ km: 2000, lube: 'dry' });
    const wipedBefore = chainOf(workBody(day(0, 20), 'c1'), fit(1, told));
    expect(wipedBefore.outside).toBeLessThan(0.1);
  });

  it('keeps a reading of its wear, but for what the fitting tells of it', () => {
    const read: Body = {
      type: 'wearRead',
      at: day(0),
      chainId: 'c1',
      percent: 0.4,
      tool: 'checker',
    };
    expect(chainOf(read, fit(1, told)).wear).not.toBeCloseTo(0.316, 3);
    expect(chainOf(read, fit(1, { ...told, wearPercent: 0.25 })).wear).toBeCloseTo(0.25, 9);
  });
});

describe('where a bike stands', () => {
  const path: [number, number, number][] = [[54.2, -2.9, 0]];
  const days = (hour: (h: number) => object) =>
    ['2026-04-01', '2026-04-02', '2026-04-03', '2026-04-04', '2026-04-05'].map((d) =>
      weatherSeen(CELL, d, hour),
    );
  const stood = (bikeId: string, hour: (h: number) => object, more: Body[] = []) => {
    const bodies = [
      fit(0, {}, bikeId),
      rideBody(day(1), bikeId, 20, { weather: 'dry', path, durationH: 1 }),
      ...more,
    ];
    return new Replay(TEST_GARAGE, [...stamped(bodies), ...days(hour)]);
  };

  it('is where its last ride ended; a bike never ridden stands nowhere', () => {
    expect(stood('b1', () => ({})).book.cells).toEqual(new Map([['b1', CELL]]));
    expect(played([fit(0), ride(1)]).book.cells.size).toBe(0);
  });

  it('decides the air: damp and cold outdoors a soaked chain stays wet longer than in a house', () => {
    const soaked = (bikeId: string): Body[] => [
      rideBody(day(2), bikeId, 20, { weather: 'downpour', path, durationH: 1 }),
    ];
    const damp = () => ({ temperatureC: 6, humidity: 0.93 });
    const left = (bikeId: string) =>
      stood(bikeId, damp, soaked(bikeId)).book.chains.get('c1')!.wetLeftH;
    expect(left('b2')).toBeGreaterThan(3 * left('b1'));
    // The air is that after the ride: dry until then, damp from its end on.
    const after = (h: number) => (h >= 9 ? damp() : { temperatureC: 25, humidity: 0.3 });
    const late = stood('b2', after, soaked('b2')).book.chains.get('c1')!.wetLeftH;
    expect(late).toBeGreaterThan(2 * left('b1'));
  });

  it('goes with the chain to another bike, and not with one that is off', () => {
    const moved = played([fit(0), ride(1), fit(3, null, 'b2'), ride(4)]);
    expect(moved.book.fitted).toEqual(new Map([['b2', 'c1']]));
    expect(bikeOf(moved.book, 'c1')).toBe('b2');
    expect(bikeOf(moved.book, 'c9')).toBeNull();
    expect(moved.steps.at(-1)).toMatchObject({ chainId: null, from: null, after: null });
  });
});

describe('what an event does beside', () => {
  it('a wash takes the salt off, rain on a parked bike does not', () => {
    const salted = ride(1, 20, { weather: 'wet', salted: true });
    const wet = (how: 'washed' | 'stood in rain'): Body => ({
      type: 'gotWet',
      at: day(2),
      bikeId: 'b1',
      how,
    });
    expect(chainOf(fit(0), salted, wet('washed')).salted).toBe(false);
    expect(chainOf(fit(0), salted, wet('stood in rain')).salted).toBe(true);
    // Behind mudguards less of it comes through.
    const guarded = { ...TEST_GARAGE.bikes.b1!, mudguards: true };
    const behind = played([fit(0), wet('stood in rain')], {
      ...TEST_GARAGE,
      bikes: { b1: { ...guarded, chainCase: true } },
    }).book.chains.get('c1')!;
    expect(behind.wetLeftH).toBeLessThan(chainOf(fit(0), wet('stood in rain')).wetLeftH);
  });

  it('the last swatch read at the bench tells what the work left', () => {
    const read = (swatches: number[]) =>
      chainOf(fit(0), ride(1, 80), workBody(day(1, 20), 'c1', { swatches })).outside;
    expect(read([1, 5])).toBeGreaterThan(read([]));
    expect(read([5, 1])).toBeLessThan(read([]));
  });

  it('a chain taken off leaves its bike', () => {
    const { book } = played([fit(0), { type: 'chainRemoved', at: day(1), chainId: 'c1' }]);
    expect(book.fitted.size).toBe(0);
  });

  it('the shorter chain bends more often', () => {
    const links = (n: number) =>
      played([fit(0), ride(1)], {
        ...TEST_GARAGE,
        chains: { c1: { ...TEST_GARAGE.chains.c1!, links: n } },
      }).steps[1]!.exposure!.load;
    expect(links(57)).toBeCloseTo(2, 9);
    expect(links(114)).toBe(1);
  });
});

describe('what is learnt of a lube', () => {
  const squeak = (n: number, sound: 'squeak' | 'still quiet' | 'rattle' = 'squeak'): Body => ({
    type: 'soundHeard',
    at: day(n, 12),
    chainId: 'c1',
    sound,
  });
  const rag: Body = { type: 'ragChecked', at: day(6), chainId: 'c1', swatch: 4 };
  const bottle = productOf({ id: 'p1' });
  const garage = { ...TEST_GARAGE, products: { p1: bottle } };
  const bodies = [
    fit(0),
    lubed(0, { used: [{ productId: 'p1', amount: 5 }] }),
    ...[1, 2, 3, 4, 5].map((n) => ride(n, 60)),
    squeak(3, 'still quiet'),
    squeak(5),
    rag,
    squeak(6, 'rattle'),
    squeak(8),
  ];

  it('is kept under its bottle, on its bike, and nothing under its class or on another', () => {
    const { book } = played(bodies, garage);
    expect(learntFor(book, 'b1', 'p1')).not.toBe(NOT_LEARNT);
    expect(learntFor(book, 'b1', 'wet')).toBe(NOT_LEARNT);
    expect(learntFor(book, 'b2', 'p1')).toBe(NOT_LEARNT);
    const chain = book.chains.get('c1')!;
    expect(keyOf(chain, 'b1')).toBe(keyOf({ ...chain, lube: 'dry' }, 'b1'));
    expect(keyOf({ ...chain, bottle: null }, 'b1')).not.toBe(keyOf(chain, 'b1'));
    expect(keyOf(chain, null)).toBeNull();
    expect(keyOf({ ...chain, lube: null }, 'b1')).toBeNull();
  });

  it('is listed note by note: what counts, what is a further squeak of one coat, what tells nothing', () => {
    const { steps } = played(bodies, garage);
    const lessons = lessonsOn(steps, 'p1');
    expect(lessons.map(({ kind, uncounted }) => [kind, uncounted])).toEqual([
      ['quiet', null],
      ['spent', null],
      ['grit', null],
      ['spent', 'same coat'],
    ]);
    // 300 of 400 km: of the coat on next to no grit three quarters by the handbook, less what standing took.
    expect(lessons[1]!.shown).toBeGreaterThan(0.74);
    expect(lessons[1]!.shown).toBeLessThan(0.8);
    expect(lessons[2]).toMatchObject({ shown: 0.62, bikeId: 'b1' });
    expect(lessons[2]!.expected).toBeGreaterThan(0.3);
    expect(lessonsOn(steps, 'wet')).toEqual([]);
    expect(bikesWith(steps, 'p1')).toEqual(['b1']);
    expect(bikesWith(steps, 'wet')).toEqual(['b1']);
    expect(bikesWith(steps, 'dry')).toEqual([]);
  });

  it('counts nothing of a coat ridden on two bikes, and asks about a squeak at once', () => {
    const onTwo = played(
      [fit(0), lubed(0), ride(1, 60), fit(2, null, 'b2'), rideBody(day(3), 'b2', 60), squeak(4)],
      garage,
    );
    expect(lessonsOn(onTwo.steps, 'wet').map((l) => l.uncounted)).toEqual(['two bikes']);
    const atOnce = played([fit(0), lubed(0), ride(1, 10), squeak(1)], garage);
    expect(lessonsOn(atOnce.steps, 'wet').map((l) => l.uncounted)).toEqual(['odd']);
    expect(bikesWith(onTwo.steps, 'wet')).toEqual(['b1', 'b2']);
  });
});
