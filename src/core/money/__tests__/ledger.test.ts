import fc from 'fast-check';
import { cases } from '@/test/cases';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody } from '@/test/events';
import { productOf } from '@/test/products';
import { NEW_CHAIN } from '../../care/model/state';
import { Replay } from '../../care/replay/replay';
import type { Garage, Part } from '../../records/garage';
import { stockOf, unitPrice } from '../../shelf/stock';
import { MONEY_ITEMS } from '../../years/outcome';
import { keepLedger, type Keeping } from '../ledger';
import { per1000Km, perYear, spendingOf, type Spending } from '../sums';

const PRICES = { hourPrice: 12, chainPrice: 30, cassettePrice: 20 };
const part = (id: string, kind: Part['kind'], price: number | null): Part => ({
  id,
  kind,
  name: id,
  price,
  end: null,
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
});
const garageOf = (more: Partial<Garage> = {}): Garage => ({
  ...TEST_GARAGE,
  products: {
    p1: productOf({ price: 9.5, size: 100, leftAt: '2026-01-01T00:00:00.000Z', left: 50_000 }),
    p2: productOf({
      id: 'p2',
      kind: 'degreaser',
      lubeClass: null,
      price: 7,
      size: 30,
      leftAt: '2026-01-01T00:00:00.000Z',
      left: 50_000,
    }),
  },
  parts: { p1: part('p1', 'cassette', 60), p2: part('p2', 'ring', 40) },
  ...more,
});
const keeping = (garage: Garage, perUnit = 100): Keeping => ({ garage, prices: PRICES, perUnit });
const sum = (spending: Spending) =>
  MONEY_ITEMS.reduce((all, item) => all + spending.byItem[item], 0);
const EVER = [0, 1e15] as const;

describe('money of any logbook', () => {
  it('adds up to the cent: by item, by bike, by entry and by any cut through time', () => {
    fc.assert(
      fc.property(
        logbookEvents,
        fc.constantFrom(1, 100, 1000),
        fc.nat(90),
        (events, perUnit, day) => {
          const garage = garageOf();
          const { steps } = new Replay(garage, events);
          const { entries } = keepLedger(steps, keeping(garage, perUnit));
          const { all, byBike } = spendingOf(entries, steps, EVER);
          expect(entries.every(({ minor }) => Number.isInteger(minor))).toBe(true);
          expect(sum(all)).toBe(all.total);
          expect(entries.reduce((s, e) => s + e.minor, 0)).toBe(all.total);
          const bikes = [...byBike.values()];
          expect(bikes.reduce((s, b) => s + b.total, 0)).toBe(all.total);
          for (const item of MONEY_ITEMS)
            expect(bikes.reduce((s, b) => s + b.byItem[item], 0)).toBe(all.byItem[item]);
          const cut = Date.parse('2026-03-01T06:00:00.000Z') + day * 86_400_000;
          const [before, after] = [
            spendingOf(entries, steps, [0, cut]).all,
            spendingOf(entries, steps, [cut, 1e15]).all,
          ];
          expect(before.total + after.total).toBe(all.total);
          expect(before.km + after.km).toBeCloseTo(all.km, 6);
        },
      ),
      { numRuns: cases(300), seed: 11 },
    );
  });

  it('counted per job agrees with the movement of the stock, to a cent for each bike and bottle', () => {
    fc.assert(
      fc.property(logbookEvents, (events) => {
        const garage = garageOf();
        const { steps } = new Replay(garage, events);
        const { entries } = keepLedger(steps, keeping(garage));
        const { all } = spendingOf(entries, steps, EVER);
        // Jobs on chains that were on no bike belong to none and are no bike's cost.
        const onBikes = steps.filter((s) => s.bikeId !== null).map((s) => s.event);
        const moved = Object.values(garage.products).reduce((money, product) => {
          const { left } = stockOf(product, onBikes);
          return money + (product.left - left) * unitPrice(product)! * 100;
        }, 0);
        expect(Math.abs(all.byItem.lube + all.byItem.cleaning - moved)).toBeLessThanOrEqual(2);
      }),
      { numRuns: cases(300), seed: 12 },
    );
  });
});

/** A chain on bike b1, three rides, a clean between them. */
const log = (used: { productId: string; amount: number }[], minutes: number | null = 20) =>
  stamped([
    {
      type: 'chainFitted',
      at: '2026-05-01T08:00:00.000Z',
      chainId: 'c1',
      bikeId: 'b1',
      start: { lube: 'wet', look: 'clean', kmSinceLube: 0, kmBefore: 0, wearPercent: 0 },
    },
    rideBody('2026-05-02T08:00:00.000Z', 'b1', 60),
    workBody('2026-05-03T08:00:00.000Z', 'c1', { used, minutes }),
    rideBody('2026-05-04T08:00:00.000Z', 'b1', 60),
    rideBody('2026-05-05T08:00:00.000Z', 'b1', 60),
  ]);

function spent(garage: Garage, events: ReturnType<typeof log>) {
  const { steps } = new Replay(garage, events);
  const ledger = keepLedger(steps, keeping(garage));
  return { ...ledger, ...spendingOf(ledger.entries, steps, EVER), steps };
}

describe('money by hand', () => {
  it('of a clean: 6 ml of 9.50 for 100 ml, 30 ml of 7 for 30 ml, 20 minutes at 12 an hour', () => {
    const { all } = spent(
      garageOf(),
      log([
        { productId: 'p1', amount: 6 },
        { productId: 'p2', amount: 30 },
      ]),
    );
    expect(all.byItem).toMatchObject({ lube: 57, cleaning: 700, time: 400 });
    expect(all.km).toBe(180);
  });

  it('of a job without minutes: the usual ones, which is said', () => {
    const timed = spent(garageOf(), log([], 20));
    expect(timed.untimed).toBe(0);
    const { all, untimed } = spent(garageOf(), log([], null));
    expect(untimed).toBe(1);
    // A dry wipe takes 2 to 5 minutes: 3.5 at 12 an hour.
    expect(all.byItem.time).toBe(70);
  });

  it('of ten bikes is that of each, and of one that nobody rode nothing', () => {
    const ids = Array.from({ length: 10 }, (_, n) => `bike${n}`);
    const garage = garageOf({
      bikes: Object.fromEntries(ids.map((id) => [id, { ...TEST_GARAGE.bikes.b1!, id }])),
      chains: Object.fromEntries(ids.map((id) => [id, { ...TEST_GARAGE.chains.c1!, id }])),
    });
    const bodies = ids.flatMap((id, n) => [
      {
        type: 'chainFitted' as const,
        at: '2026-05-01T08:00:00.000Z',
        chainId: id,
        bikeId: id,
        start: { ...NEW_CHAIN, wearPercent: 0 },
      },
      ...(n === 9 ? [] : [rideBody('2026-05-02T08:00:00.000Z', id, 40 + n)]),
    ]);
    const { all, byBike } = spent(garage, stamped(bodies));
    expect(byBike.size).toBe(9);
    expect(byBike.get('bike9')).toBeUndefined();
    expect([...byBike.values()].reduce((sum, b) => sum + b.total, 0)).toBe(all.total);
    expect(all.km).toBe(9 * 40 + 36);
  });

  it('of a chain: its price by the share of its wear limit that was ridden off', () => {
    const garage = garageOf({
      chains: { ...TEST_GARAGE.chains, c1: { ...TEST_GARAGE.chains.c1!, price: 1000 } },
    });
    const { all, steps } = spent(garage, log([]));
    const worn = steps.at(-1)!.after!.wear;
    // Eleven speeds: 0.5 % is the limit.
    expect(all.byItem.chain).toBe(Math.round((worn / 0.5) * 1000 * 100));
  });

  it('of many short rides is that of the way they make, not of each rounded', () => {
    const chains = { ...TEST_GARAGE.chains, c1: { ...TEST_GARAGE.chains.c1!, price: 30 } };
    const [fit] = log([]);
    const rides = Array.from({ length: 80 }, (_, n) =>
      rideBody(new Date(Date.parse('2026-05-02T08:00:00Z') + n * 36e5).toISOString(), 'b1', 3),
    );
    const { all, steps } = spent(garageOf({ chains }), [
      fit!,
      ...stamped(rides).map((r) => ({ ...r, id: `r${r.id}` })),
    ]);
    const worn = steps.at(-1)!.after!.wear;
    expect(all.byItem.chain).toBe(Math.round((worn / 0.5) * 3000));
  });

  it('of a cassette goes on the one that is on: a new one takes the old one’s place', () => {
    const fitted = (partId: string, at: string) =>
      ({ type: 'partFitted', at, partId, bikeId: 'b1', start: null }) as const;
    const parts = { p1: part('p1', 'cassette', 60), p2: part('p2', 'cassette', 600) };
    const [fit, ...rest] = log([]);
    const withParts = (...bodies: ReturnType<typeof fitted>[]) =>
      spent(garageOf({ parts }), [
        fit!,
        ...stamped(bodies).map((e, n) => ({ ...e, id: `p${n}` })),
        ...rest,
      ]);
    const one = withParts(fitted('p2', '2026-05-01T09:00:00.000Z'));
    const both = withParts(
      fitted('p1', '2026-05-01T08:30:00.000Z'),
      fitted('p2', '2026-05-01T09:00:00.000Z'),
    );
    expect(both.all.byItem.cassette).toBe(one.all.byItem.cassette);
    expect(one.unpriced.some((u) => u.what === 'cassette')).toBe(false);
    const first = withParts(fitted('p1', '2026-05-01T08:30:00.000Z'));
    expect(first.all.byItem.cassette).toBeLessThan(one.all.byItem.cassette / 5);
  });

  it('of a cassette: where none is noted, the share the plan’s settings say', () => {
    const { all, steps, unpriced } = spent(garageOf({ parts: {} }), log([]));
    const worn = steps.at(-1)!.after!.wear;
    expect(unpriced).toContainEqual({ what: 'cassette', name: 'One’s cassette', as: 'usual' });
    // Below 0.5 % a cassette wears with the chain: 20 for one changed in time, and less than that early on.
    expect(all.byItem.cassette).toBeGreaterThan(0);
    expect(all.byItem.cassette).toBeLessThanOrEqual(Math.round((worn / 0.5) * 20 * 100));
  });

  it('knows free from unknown: a price of 0 is known, none is said', () => {
    const used = [{ productId: 'p1', amount: 6 }];
    const free = garageOf({ products: { p1: productOf({ price: 0 }) } });
    const unknown = garageOf({ products: { p1: productOf({ price: null }) } });
    expect(spent(free, log(used)).unpriced.filter((u) => u.what === 'product')).toEqual([]);
    expect(spent(free, log(used)).all.byItem.lube).toBe(0);
    expect(spent(unknown, log(used)).unpriced).toContainEqual({
      what: 'product',
      name: 'House wet lube',
      as: 'missing',
    });
    expect(spent(unknown, log(used)).all.byItem.lube).toBe(0);
  });

  it('says which chains have no price of their own', () => {
    expect(spent(garageOf(), log([])).unpriced).toContainEqual({
      what: 'chain',
      name: 'c1',
      as: 'usual',
    });
  });

  it('of nothing is nothing, and tells nothing of a kilometre or a year', () => {
    const { all, byBike } = spent(garageOf(), []);
    expect(all.total).toBe(0);
    expect(byBike.size).toBe(0);
    expect(per1000Km(all.total, all.km)).toBeNull();
    expect(per1000Km(500, 99)).toBeNull();
    expect(per1000Km(500, 250)).toBe(2000);
    expect(perYear(1000, 20)).toBeNull();
    expect(perYear(1000, 73)).toBe(5000);
  });
});
