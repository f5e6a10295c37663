import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, type Body, workBody } from '@/test/events';
import { productOf } from '@/test/products';
import { Replay } from '../../care/replay/replay';
import { DEFAULT_SETTINGS } from '../../settings/defaults';
import { labelNote } from '../label';
import { shelfRows } from '../rows';
import { costPer1000Km, spentOn } from '../spent';

const at = (day: number) => new Date(Date.UTC(2026, 4, 1 + day, 8)).toISOString();

describe('a label', () => {
  const air = (temperatureC: number) => ({ temperatureC, humidity: 0.5 });
  it('warns below its least temperature, not at it, nor where air or label is not known', () => {
    const bottle = productOf({ leastC: 5, shake: true });
    expect(labelNote(bottle, air(4.9))).toEqual({ shake: true, tooColdFor: 5 });
    expect(labelNote(bottle, air(5))).toEqual({ shake: true, tooColdFor: null });
    expect(labelNote(bottle, air(20)).tooColdFor).toBeNull();
    expect(labelNote(bottle, null).tooColdFor).toBeNull();
    expect(labelNote(productOf(), air(-20))).toEqual({ shake: false, tooColdFor: null });
  });
});

describe('what a product came to on the road', () => {
  const fitted: Body = {
    type: 'chainFitted',
    at: at(0),
    chainId: 'c1',
    bikeId: 'b1',
    start: { lube: null, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
  };
  const work = (day: number, lube: boolean, used: { productId: string; amount: number }[]): Body =>
    workBody(at(day), 'c1', {
      method: lube ? 'solvent wipe' : 'brush',
      drying: 'towel',
      lube: lube ? { lubeClass: 'wet', coat: 1, wiped: true } : null,
      used,
    });
  const bottle = productOf({ leftAt: at(0) });
  const citrus = productOf({ id: 'd1', kind: 'degreaser', lubeClass: null, size: 500, price: 10 });
  const { steps } = new Replay(
    { ...TEST_GARAGE, products: { p1: bottle, d1: citrus } },
    stamped([
      fitted,
      rideBody(at(1), 'b1', 500),
      work(2, true, [{ productId: 'p1', amount: 5 }]),
      rideBody(at(3), 'b1', 80),
      work(4, false, [{ productId: 'd1', amount: 40 }]),
      rideBody(at(5), 'b1', 60),
      work(6, true, [{ productId: 'p1', amount: 4 }]),
      rideBody(at(7), 'b1', 120),
    ]),
  );

  it('of a lube is the kilometres on its own coats; of a degreaser all since its first use', () => {
    // 9 ml of a bottle of 100 ml for 10; 40 ml of 500 for 10.
    expect(spentOn(bottle, steps)).toEqual({ km: 200, cost: expect.closeTo(0.9, 9) as number });
    expect(spentOn(citrus, steps)).toEqual({ km: 180, cost: expect.closeTo(0.8, 9) as number });
    expect(spentOn(productOf({ id: 'other' }), steps)).toEqual({ km: 0, cost: 0 });
    expect(costPer1000Km(spentOn(bottle, steps))).toBeCloseTo(4.5, 9);
    expect(costPer1000Km({ km: 100, cost: 1 })).toBe(10);
    expect(costPer1000Km({ km: 99, cost: 1 })).toBeNull();
    expect(costPer1000Km({ km: 500, cost: null })).toBeNull();
  });
});

describe('the rows of the shelf', () => {
  const chain = TEST_GARAGE.chains.c1!;
  const rows = (products: ReturnType<typeof productOf>[], chains = [chain]) =>
    shelfRows(Object.fromEntries(products.map((p) => [p.id, p])), chains, DEFAULT_SETTINGS, []);

  it('come by name, without what was taken off, coats for lubes only', () => {
    const list = rows([
      productOf({ id: 'b', name: 'Beta' }),
      productOf({ id: 'x', name: 'Gone', retired: true }),
      productOf({ id: 'a', name: 'Alpha', kind: 'rags', lubeClass: null, size: 20, left: 20 }),
    ]);
    expect(list.map((r) => [r.product.name, r.coats === null])).toEqual([
      ['Alpha', true],
      ['Beta', false],
    ]);
  });

  it('are low below a tenth of what it held; of a lube below a few coats; of unknown size never', () => {
    const rags = (left: number, size: number | null = 20) =>
      rows([productOf({ kind: 'rags', lubeClass: null, size, left })])[0]?.low;
    expect([rags(1.9), rags(2), rags(20), rags(0, null)]).toEqual([true, false, false, false]);
    const lube = (left: number) => rows([productOf({ left })])[0];
    expect(lube(100)?.low).toBe(false);
    expect(lube(1)).toMatchObject({ coats: 0, low: true });
    expect(lube(-5)?.coats).toBe(0);
  });

  it('count coats by the first chain in use, or a usual one', () => {
    const long = { ...chain, id: 'long', links: 228 };
    const coats = (chains: (typeof chain)[]) => rows([productOf({ left: 91.2 })], chains)[0]?.coats;
    // A drop a link at 25 drops a ml, as set: 114 links take 4.56 ml, 228 twice that.
    const perCoat = (links: number) => links / (DEFAULT_SETTINGS.dropsPerMl ?? 25);
    expect(coats([{ ...chain, links: 114 }])).toBe(Math.floor(91.2 / perCoat(114) + 1e-9));
    expect(coats([long])).toBe(Math.floor(91.2 / perCoat(228) + 1e-9));
    expect(
      coats([
        { ...long, retired: true },
        { ...chain, links: 114 },
      ]),
    ).toBe(coats([{ ...chain, links: 114 }]));
    expect(coats([])).toBe(coats([{ ...chain, links: 114 }]));
  });
});
