import fc from 'fast-check';
import { readProduct, type ProductDraft } from '@/core/entry/product';
import { NOT_LEARNT } from '@/core/care/model/personal';
import { DEFAULT_SCHOOLS } from '@/core/lube/schools';
import type { PlainEvent, WorkDone } from '@/core/records/event';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { stamped, type Body } from '@/test/events';
import { productOf } from '@/test/products';
import { METRIC } from '@/core/units/convert';
import { bathUseMl, costOf, SETTLE_LOSS, stockOf, unitPrice } from '../stock';
import { bottlesOf, cleanersFor, undercoatOf, usedOn } from '../use';
import type { Product } from '../../records/product';
import { candidatesOf } from '../../choice/candidates';
import { shelfRows } from '../rows';
import { costPer1000Km } from '../spent';

const degreaser = productOf({
  id: 'd1',
  name: 'Citrus',
  kind: 'degreaser',
  lubeClass: null,
  dilution: 1,
  size: 500,
  left: 500,
});
const BATHS = { count: 3, ml: 150 };

const work = (at: string, used: WorkDone['used']): Body => ({
  type: 'workDone',
  at: `2026-05-${at}T08:00:00.000Z`,
  chainId: 'c1',
  method: 'solvent wipe',
  cogsCleaned: false,
  baths: BATHS,
  drying: 'towel',
  lube: null,
  used,
  minutes: null,
  depth: null,
  swatches: [],
  note: '',
});
const log = (...bodies: Body[]): PlainEvent[] => stamped(bodies);

describe('the stock', () => {
  it('falls as work is recorded, from the last count on', () => {
    const events = log(
      work('01', [{ productId: 'p1', amount: 4.5 }]),
      work('03', [
        { productId: 'p1', amount: 4.5 },
        { productId: 'd1', amount: 30 },
      ]),
    );
    expect(stockOf(productOf(), events)).toEqual({ left: 91, used: 9, jobs: 2 });
    const counted = productOf({ left: 50, leftAt: '2026-05-02T00:00:00.000Z' });
    expect(stockOf(counted, events)).toEqual({ left: 45.5, used: 4.5, jobs: 1 });
  });

  it('below nothing is told, not hidden', () => {
    const events = log(work('03', [{ productId: 'p1', amount: 120 }]));
    expect(stockOf(productOf(), events).left).toBe(-20);
    const [row] = shelfRows(
      { p1: productOf() },
      [],
      DEFAULT_SETTINGS,
      events.map((event) => ({ event })),
    );
    expect(row).toMatchObject({ coats: 0, low: true });
  });

  it('is a number of coats, and low when there are few', () => {
    const rows = (left: number) =>
      shelfRows({ p1: productOf({ left }) }, [], { ...DEFAULT_SETTINGS, dropsPerMl: 20 }, []);
    // 114 drops at 20 a ml are 5.7 ml: 17 coats in 100 ml.
    expect(rows(100)[0]).toMatchObject({ coats: 17, low: false });
    expect(rows(20)[0]).toMatchObject({ coats: 3, low: true });
  });

  it('of what was taken off the shelf is not shown; the work it was used for stays', () => {
    expect(shelfRows({ p1: productOf({ retired: true }) }, [], DEFAULT_SETTINGS, [])).toEqual([]);
  });
});

describe('what things cost', () => {
  it('is price by size; unknown where either is, never zero or NaN', () => {
    expect(unitPrice(productOf())).toBe(0.1);
    expect(costOf(productOf(), 4.5)).toBeCloseTo(0.45, 12);
    expect(costOf(productOf({ price: null }), 4.5)).toBeNull();
    expect(costOf(productOf({ size: null }), 4.5)).toBeNull();
  });

  it('of a dearer bottle is never less', () => {
    const money = fc.double({ min: 0.01, max: 500, noNaN: true });
    fc.assert(
      fc.property(money, money, money, (price, more, ml) => {
        const dear = costOf(productOf({ price: price + more }), ml) ?? NaN;
        expect(dear).toBeGreaterThanOrEqual(costOf(productOf({ price }), ml) ?? NaN);
      }),
      { seed: 71 },
    );
  });
});

describe('what a job takes off the shelf', () => {
  it('a coat of the bottle, and degreaser by baths and dilution', () => {
    const coat = [{ bottle: productOf(), ml: 4.5 }];
    const use = { method: 'baths', baths: BATHS, coat } as const;
    expect(usedOn({ ...use, cleaner: degreaser, settled: false })).toEqual([
      { productId: 'p1', amount: 4.5 },
      { productId: 'd1', amount: 225 },
    ]);
    // Settled and used again: only the loss is gone.
    expect(usedOn({ ...use, cleaner: degreaser, settled: true })[1]?.amount).toBe(45);
    expect(bathUseMl(3, 150, 1, true) / bathUseMl(3, 150, 1, false)).toBeCloseTo(SETTLE_LOSS, 12);
    expect(usedOn({ ...use, coat: [], cleaner: null, settled: false })).toEqual([]);
  });

  it('offers what fits: bottles of the class, cleaners whose label allows chains', () => {
    const shelf = {
      p1: productOf(),
      p2: productOf({ id: 'p2', lubeClass: 'dry' }),
      p3: productOf({ id: 'p3', retired: true }),
      d1: degreaser,
      d2: { ...degreaser, id: 'd2', forChains: false },
      s1: productOf({ id: 's1', kind: 'solvent', lubeClass: null }),
    };
    expect(bottlesOf(shelf, 'wet').map((p) => p.id)).toEqual(['p1']);
    expect(bottlesOf(shelf, null)).toEqual([]);
    expect(cleanersFor(shelf, 'baths', 'label').map((p) => p.id)).toEqual(['d1']);
    expect(cleanersFor(shelf, 'solvent wipe', 'label').map((p) => p.id)).toEqual(['s1']);
    expect(cleanersFor(shelf, 'dry wipe', 'label')).toEqual([]);
  });
});

describe('the lubes to choose from', () => {
  it('are the bottles with what a coat costs, and the classes of which there is none', () => {
    const coat = { links: 114, ebike: false, dropsPerMl: 20, schools: DEFAULT_SCHOOLS };
    const list = candidatesOf(
      { p1: productOf({ lifeKm: 500 }), d1: degreaser },
      coat,
      () => NOT_LEARNT,
    );
    expect(list[0]).toMatchObject({ id: 'p1', owned: true, lifeKm: 500 });
    expect(list[0]?.costPerCoat).toBeCloseTo(0.57, 12);
    expect(list.filter((c) => c.lubeClass === 'wet')).toHaveLength(1);
    expect(list).toHaveLength(8);
    const both = candidatesOf({ p1: productOf() }, { ...coat, ebike: true }, () => NOT_LEARNT);
    expect(both[0]?.costPerCoat).toBeCloseTo(1.14, 12);
  });
});

describe('schools of the shelf', () => {
  const soap = productOf({ id: 's', name: 'Dish soap', kind: 'cleaner', lubeClass: null });
  const harsh = { ...degreaser, id: 'h', forChains: false };
  const shelf = { s: soap, d1: degreaser, h: harsh };

  it('the degreaser is what the label allows, soap before it, or any', () => {
    const of = (school: 'label' | 'soap' | 'any') =>
      cleanersFor(shelf, 'brush', school).map((p) => p.id);
    expect(of('label')).toEqual(['d1']);
    expect(of('soap')).toEqual(['s', 'd1']);
    expect(of('any')).toEqual(['d1', 'h']);
    // Soap is no solvent for the rag.
    expect(cleanersFor(shelf, 'solvent wipe', 'soap')).toEqual([]);
  });

  it('an oil under a dry top coat lasts longer and costs both bottles', () => {
    const dry = productOf({ id: 'dry', lubeClass: 'dry', price: 5 });
    const oil = productOf({ id: 'oil', lubeClass: 'light oil', price: 2 });
    const bottles = { dry, oil };
    const coat = (products: 'one' | 'two') => ({
      links: 100,
      ebike: false,
      dropsPerMl: 20,
      schools: { ...DEFAULT_SCHOOLS, products },
    });
    const of = (products: 'one' | 'two', list: Record<string, Product> = bottles) =>
      candidatesOf(list, coat(products), () => NOT_LEARNT).find((c) => c.id === 'dry');
    expect(of('one')).toMatchObject({ lifeKm: null, costPerCoat: 0.25 });
    expect(of('two')?.lifeKm).toBe(150 + 60);
    expect(of('two')?.costPerCoat).toBeCloseTo(0.35, 12);
    expect(of('two', { dry, oil: { ...oil, price: null } })?.costPerCoat).toBeNull();
    expect(undercoatOf(bottles, 'wet', 'two')).toBeNull();
    expect(undercoatOf(bottles, 'dry', 'one')).toBeNull();
  });
});

describe('cost on the road', () => {
  it('is what was used over what was ridden on it; too little ridden or no price: unknown', () => {
    expect(costPer1000Km({ km: 500, cost: 2 })).toBe(4);
    expect(costPer1000Km({ km: 60, cost: 2 })).toBeNull();
    expect(costPer1000Km({ km: 500, cost: null })).toBeNull();
  });
});

describe('the form of a product', () => {
  const draft: ProductDraft = {
    name: ' House wet lube ',
    kind: 'lube',
    lubeClass: 'wet',
    openedOn: null,
    size: '100',
    price: '9,50',
    left: '',
    lifeKm: '',
    setHours: '',
    leastC: '',
    shake: false,
    dilution: 'x',
    forChains: false,
    sparesWax: false,
  };

  it('reads what is known; what is empty is not known, and nothing left out is zero', () => {
    expect(readProduct(draft, METRIC)).toMatchObject({
      ok: true,
      value: { name: 'House wet lube', size: 100, price: 9.5, left: 100, lifeKm: null },
    });
    const bare = readProduct({ ...draft, size: '', price: '' }, METRIC);
    expect(bare).toMatchObject({ ok: true, value: { size: null, price: null, left: 0 } });
    expect(readProduct({ ...draft, price: '0' }, METRIC)).toMatchObject({ value: { price: 0 } });
  });

  it.each([
    ['name', { name: ' ' }, 'name/missing'],
    ['size', { size: '0' }, 'amount/impossible'],
    ['price', { price: '-1' }, 'amount/impossible'],
    ['price', { price: 'dear' }, 'number/not-a-number'],
    ['left', { left: '-1' }, 'amount/impossible'],
    ['lifeKm', { lifeKm: '3' }, 'amount/impossible'],
    ['dilution', { kind: 'degreaser', dilution: '-1' }, 'amount/impossible'],
  ] as const)('says beside %s what is wrong', (field, part, code) => {
    const read = readProduct({ ...draft, ...(part as Partial<ProductDraft>) }, METRIC);
    expect(read.ok ? null : read.problems[field]?.code).toBe(code);
  });
});
