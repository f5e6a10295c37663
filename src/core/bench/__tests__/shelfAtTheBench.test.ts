import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import type { Depth } from '@/core/records/kinds';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import type { Settings } from '@/core/records/settings';
import type { Product } from '@/core/records/product';
import { STORAGE_AIR } from '@/core/weather/drying';
import { TEST_GARAGE } from '@/test/arbitraries';
import { stamped } from '@/test/events';
import { productOf } from '@/test/products';
import { jobOf, benchLube } from '@/test/bench';
import { offers, startRun, type Wanted } from '../offer';
import { methodOf, workDoneOf } from '../result';
import { benchOf, type Run } from '../run';

const AT = '2026-05-01T08:00:00.000Z';
const NOW = Date.parse(AT) + 3_600_000;
const shelfOf = (...list: Product[]) => Object.fromEntries(list.map((p) => [p.id, p]));
const wet = productOf({ id: 'first', name: 'First wet' });
const other = productOf({ id: 'second', name: 'Second wet', setHours: 5, shake: true, leastC: 25 });
const citrus = productOf({
  id: 'citrus',
  name: 'Citrus',
  kind: 'degreaser',
  lubeClass: null,
  dilution: 3,
});
const solvent = productOf({ id: 'solvent', name: 'Solvent', kind: 'solvent', lubeClass: null });

const chain = reportOn(
  new Replay(
    TEST_GARAGE,
    stamped([
      {
        type: 'chainFitted',
        at: AT,
        chainId: 'c1',
        bikeId: 'b1',
        start: { lube: 'wet', kmSinceLube: 300, look: 'used', kmBefore: 0, wearPercent: null },
      },
    ]),
  ),
  'b1',
  DEFAULT_SETTINGS,
  NOW,
)!;

const WANTED: Wanted = {
  lube: 'wet',
  bottleId: null,
  clean: 'brush',
  addOns: [],
  rounds: [],
  baths: { count: 2, ml: 100 },
  wheelOut: false,
};
const offered = (
  depth: Depth,
  products: Record<string, Product>,
  wanted: Partial<Wanted> = {},
  settings: Partial<Settings> = {},
) =>
  offers(
    {
      bike: chain.bike,
      chain: chain.chain,
      state: chain.state,
      cogs: chain.cogs,
      air: STORAGE_AIR.indoors,
      next: null,
      openings: 0,
      rested: [],
      products,
      settings: { ...DEFAULT_SETTINGS, ...settings },
    },
    { ...WANTED, ...wanted },
  ).find((o) => o.depth === depth)!;

/** Does every step but those named, each at the same moment. */
function doneBut(run: Run, ...skipped: string[]): Run {
  let now = run;
  for (let step = benchOf(now).current; step; step = benchOf(now).current) {
    const mark = { step: step.id, at: NOW, swatch: null, why: '' };
    const swatch = step.check?.kind === 'rag' ? { kind: 'swatch' as const, swatch: 1 } : null;
    const kind = skipped.includes(step.id) ? 'skipped' : 'done';
    now = { ...now, marks: [...now.marks, { ...mark, kind, ...swatch }] };
  }
  return now;
}

describe('the bottle a job is done with', () => {
  it('is the one asked for, else the first of its class, else none', () => {
    const both = shelfOf(wet, other);
    expect(offered('top-up', both, { bottleId: 'second' }).bottle?.id).toBe('second');
    expect(offered('top-up', both, { bottleId: 'gone' }).bottle?.id).toBe('first');
    expect(offered('top-up', both).bottle?.id).toBe('first');
    expect(offered('top-up', {}).bottle).toBeNull();
  });

  it('gives its name, its hours to set, and what its label says of shaking and cold', () => {
    const of = (list: Record<string, Product>, bottleId: string | null = null) =>
      offered('top-up', list, { bottleId }).job.lube!;
    expect(of({})).toMatchObject({ name: 'wet lube', shake: false, tooColdFor: null });
    expect(of(shelfOf(wet))).toMatchObject({ name: 'First wet', shake: false, tooColdFor: null });
    const second = of(shelfOf(wet, other), 'second');
    expect(second).toMatchObject({ name: 'Second wet', shake: true, tooColdFor: '25 °C' });
    expect(second.setHours).toBeCloseTo(10 * of(shelfOf(wet)).setHours, 6);
  });

  it('is not opened for a wipe; a dry coat may have a light oil under it', () => {
    expect(offered('wipe-down', shelfOf(wet)).job.lube).toBeNull();
    const dry = productOf({ id: 'dry', name: 'Dry', lubeClass: 'dry' });
    const light = productOf({ id: 'light', name: 'Light', lubeClass: 'light oil' });
    const schools = { ...DEFAULT_SETTINGS.schools, products: 'two' as const };
    const two = offered('top-up', shelfOf(dry, light), { lube: 'dry' }, { schools });
    expect(two.under?.id).toBe('light');
    expect(offered('top-up', shelfOf(dry, light), { lube: 'dry' }).under).toBeNull();
    expect(startRun(two, 'c1', NOW)).toMatchObject({ bottleId: 'dry', underId: 'light' });
  });

  it('names the degreaser of a clean, and a solvent only as what is on the rag', () => {
    const clean = offered('on-bike clean', shelfOf(wet, citrus, solvent));
    expect(clean.cleaner?.id).toBe('citrus');
    expect(clean.job.degreaser).toBe('Citrus');
    const wipe = offered('wipe-down', shelfOf(wet, citrus, solvent));
    expect(wipe.cleaner?.id).toBe('solvent');
    expect(wipe.job.degreaser).toBeNull();
    expect(startRun(clean, 'c1', NOW)).toMatchObject({ cleanerId: 'citrus', marks: [] });
    expect(startRun(offered('wipe-down', {}), 'c1', NOW)).toMatchObject({
      bottleId: null,
      underId: null,
      cleanerId: null,
      acknowledged: [],
    });
  });
});

describe('what a session takes off the shelf and writes', () => {
  const products = shelfOf(wet, citrus, solvent);
  const topUp = startRun(offered('top-up', products), 'c1', NOW);
  const clean = startRun(offered('on-bike clean', products), 'c1', NOW);

  it('a coat of its bottle and a rag of solvent', () => {
    const { used, lube } = workDoneOf(doneBut(topUp), products, NOW);
    expect(lube).toEqual({ lubeClass: 'wet', coat: 1, wiped: true });
    // 114 drops of 25 in a ml.
    expect(used.find((u) => u.productId === 'first')?.amount).toBeCloseTo(114 / 25, 2);
    expect(used.some((u) => u.productId === 'solvent')).toBe(true);
    const half = workDoneOf({ ...doneBut(topUp), coat: 0.5 }, products, NOW);
    expect(half.used.find((u) => u.productId === 'first')?.amount).toBeCloseTo(57 / 25, 2);
    expect(half.lube?.coat).toBe(0.5);
  });

  it('no bottle that is gone, and no lube that was not put on', () => {
    expect(workDoneOf(doneBut(topUp), {}, NOW).used).toEqual([]);
    const dry = workDoneOf(doneBut(topUp, 'drops'), products, NOW);
    expect(dry.lube).toBeNull();
    expect(dry.used.map((u) => u.productId)).not.toContain('first');
    expect(dry.note).toMatch(/drops left out/);
    const unwiped = workDoneOf(doneBut(topUp, 'wipe off'), products, NOW);
    expect(unwiped.lube?.wiped).toBe(false);
  });

  it('degreaser of a clean, its cogs where they were cleaned, and how it was dried', () => {
    const whole = workDoneOf(doneBut(clean), products, NOW);
    expect(whole.method).toBe('brush');
    expect(whole.cogsCleaned).toBe(true);
    expect(whole.used.map((u) => u.productId)).toEqual(['first', 'citrus']);
    const without = workDoneOf(doneBut(clean, 'cassette'), products, NOW);
    expect(without.cogsCleaned).toBe(false);
    expect(workDoneOf(doneBut(clean, 'jockey wheels'), products, NOW).cogsCleaned).toBe(false);
    expect(workDoneOf(doneBut(clean, 'towel', 'air', 'hang'), products, NOW).drying).toBe(
      'left to drip',
    );
  });

  it('what was left out and why goes into the note, with the rider’s own words before it', () => {
    const run = doneBut(topUp, 'wipe off');
    const marks = run.marks.map((m) => (m.kind === 'skipped' ? { ...m, why: 'no rag' } : m));
    expect(workDoneOf({ ...run, marks, note: 'Late.' }, products, NOW).note).toBe(
      'Late.; wipe off left out: no rag',
    );
    expect(workDoneOf(doneBut(topUp), products, NOW).note).toBe('');
    expect(workDoneOf({ ...run, note: 'x'.repeat(600) }, products, NOW).note).toHaveLength(500);
  });
});

describe('the method a job comes to', () => {
  const wax = benchLube('drip wax');
  it.each([
    ['wipe-down', {}, 'solvent wipe'],
    ['wipe-down', { between: 'degreaser' }, 'degreaser wipe'],
    ['top-up', {}, 'solvent wipe'],
    ['top-up', { oldCoat: 'flush' }, 'flush and wipe'],
    ['top-up', { lube: wax, onIt: 'drip wax' }, 'dry wipe'],
    ['rescue', {}, 'dry wipe'],
    ['roadside', {}, 'dry wipe'],
    ['on-bike clean', { clean: 'scrubber' }, 'scrubber'],
    ['off-bike clean', {}, 'baths'],
    ['soak', {}, 'soak'],
    ['new-chain strip', {}, 'strip'],
    ['wax reset', { lube: wax, onIt: 'drip wax' }, 'wax reset'],
    // Wax over oil asks for a strip, whatever was asked for.
    ['off-bike clean', { lube: wax, onIt: 'wet' }, 'baths'],
  ] as const)('%s %j: %s', (depth, more, method) => {
    expect(methodOf(jobOf({ depth, ...more }))).toBe(method);
  });
});
