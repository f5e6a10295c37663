import { TestChain } from '@/test/chains';
import { LUBE_CLASSES, type LubeClass } from '@/core/lube/classes';
import { STORAGE_AIR } from '@/core/weather/drying';
import { MS_PER_HOUR } from '@/core/units/convert';
import { CARE } from '../model/constants';
import { extraWatts, type ChainState } from '../model/state';
import { bathShareLeft } from '../model/work';
import { stand } from '../model/stand';

/**
 * What riders and mechanics know of chains, held against the model run end to end through rides and
 * work. Each is a fact of the trade: common practice, no published source.
 */
describe('the care model gives the facts of the trade (common practice)', () => {
  const watts = (chain: TestChain) => extraWatts(chain.state);

  it.each([
    ['dry', 150],
    ['wet', 400],
  ] as [LubeClass, number][])('%s lube is gone at about %d km in the dry', (lube, km) => {
    const before = new TestChain(lube).ride(km * 0.9);
    const after = new TestChain(lube).ride(km * 1.02);
    expect(before.state.film).toBeGreaterThan(0.05);
    expect(after.state.film).toBe(0);
  });

  it('an hour of steady 2.5 mm/h rain finishes dry lube', () => {
    const water = 2.5 + CARE.sprayMmPerH.value;
    const chain = new TestChain('dry').ride(22, {
      hours: 1,
      wetShare: 1,
      waterMm: water,
      dirtPerKm: 2,
    });
    expect(chain.state.film).toBeLessThan(0.15);
    const wet = new TestChain('wet').ride(22, {
      hours: 1,
      wetShare: 1,
      waterMm: water,
      dirtPerKm: 2,
    });
    expect(wet.state.film).toBeGreaterThan(0.8);
  });

  it('clean to dirty within two rides costs about 3 W', () => {
    const chain = new TestChain('all-weather');
    const clean = watts(chain);
    chain.ride(70).ride(70);
    expect(watts(chain) - clean).toBeGreaterThanOrEqual(2);
    expect(watts(chain) - clean).toBeLessThanOrEqual(4);
  });

  it.each([
    ['solvent wipe', 0.6],
    ['dry wipe', 0.4],
  ] as const)('a %s wins most of that back', (method, share) => {
    const chain = new TestChain('all-weather');
    const clean = watts(chain);
    chain.ride(70).ride(70);
    const dirty = watts(chain);
    chain.work(method, null);
    expect((dirty - watts(chain)) / (dirty - clean)).toBeGreaterThanOrEqual(share);
  });

  it('a deep clean is worth 1 to 2 W more than a wipe', () => {
    const wiped = new TestChain('wet').grit(0.4, 0.35, 0.4).work('solvent wipe', 'wet');
    const bathed = new TestChain('wet').grit(0.4, 0.35, 0.4).work('baths', 'wet');
    const gain = watts(wiped) - watts(bathed);
    expect(gain).toBeGreaterThanOrEqual(1);
    expect(gain).toBeLessThanOrEqual(2.5);
  });

  it('a really dirty chain costs 12 to 15 W, before dryness', () => {
    const cost = watts(new TestChain('wet').grit(1, 1, 1));
    expect(cost).toBeGreaterThanOrEqual(13);
    expect(cost).toBeLessThanOrEqual(15);
  });

  it.each(['wet', 'all-weather'] as const)(
    'one muddy ride on %s lube calls for a clean',
    (lube) => {
      const chain = new TestChain(lube).ride(30, { dirtPerKm: 8, hours: 2.5 });
      expect(chain.state.outside).toBeGreaterThan(0.35);
    },
  );

  it('a clean chain on dirty cogs is soon dirty again', () => {
    const onClean = new TestChain('all-weather').grit(0, 0, 0).ride(40);
    const onDirty = new TestChain('all-weather').grit(0, 0, 0.6).ride(40);
    expect(onDirty.state.outside).toBeGreaterThan(2 * onClean.state.outside);
  });

  it.each([
    [0.22, 3],
    [0.44, 5],
    [1, 10],
  ])('at inside grit %d a chain wears about %d times faster', (inside, times) => {
    const clean = new TestChain('wet').grit(0, 0, 0).ride(1);
    const dirty = new TestChain('wet').grit(0, inside, 0).ride(1);
    const ratio = dirty.state.wear / clean.state.wear;
    expect(Math.abs(ratio / times - 1)).toBeLessThan(0.02);
  });

  it('immaculate care: past 16,000 km', () => {
    const chain = new TestChain('dry');
    while (chain.state.wear < 0.75 && chain.state.km < 30_000)
      chain.ride(100).work('scrubber', 'dry', { cogsCleaned: true });
    expect(chain.state.km).toBeGreaterThan(16_000);
  });

  it('total neglect, dry and dirty: finished in about 500 km', () => {
    const chain = new TestChain(null).grit(1, 1, 1);
    while (chain.state.wear < 0.5) chain.ride(5);
    expect(chain.state.km).toBeGreaterThanOrEqual(480);
    expect(chain.state.km).toBeLessThanOrEqual(550);
  });

  it('a waxed chain at 10,000 km shows nothing on a 0.5 % checker', () => {
    const chain = new TestChain('hot wax');
    while (chain.state.km < 10_000)
      chain
        .ride(Math.min(850, 10_000 - chain.state.km))
        .work('wax reset', 'hot wax', { cogsCleaned: true });
    expect(chain.state.wear).toBeLessThan(0.5);
  });

  it('a quick-drying lube a week after the clean wants a thin coat', () => {
    const idle = (lube: LubeClass): ChainState =>
      stand(new TestChain(lube).state, 7 * 24 * MS_PER_HOUR, STORAGE_AIR.indoors);
    expect(idle('dry').film).toBeLessThan(0.8);
    expect(idle('wet').film).toBeGreaterThan(0.95);
    expect(idle('drip wax').film).toBe(1);
  });

  it('two or three baths are enough', () => {
    expect(bathShareLeft(1, 150)).toBeCloseTo(0.31, 2);
    expect(bathShareLeft(2, 150)).toBeLessThan(0.1);
    expect(bathShareLeft(3, 150)).toBeLessThan(0.05);
  });

  it('a chain left wet two nights on bare metal shows rust; an oiled one far less', () => {
    const wet = (lube: LubeClass | null) =>
      stand({ ...new TestChain(lube).state, wetLeftH: 48 }, 48 * MS_PER_HOUR, STORAGE_AIR.indoors);
    expect(wet(null).rust).toBeGreaterThan(0.5);
    expect(wet('wet').rust).toBeLessThan(wet(null).rust * 0.6);
  });

  it('lives lie within the 200 to 800 km of common practice, the quick sorts below', () => {
    for (const lube of ['wet', 'heavy wet', 'all-weather', 'drip wax', 'plant-based'] as const) {
      expect(LUBE_CLASSES[lube].lifeKm).toBeGreaterThanOrEqual(200);
      expect(LUBE_CLASSES[lube].lifeKm).toBeLessThanOrEqual(800);
    }
    // Into the pot again after 800 to 900 km, which is before it is gone.
    const toPot = LUBE_CLASSES['hot wax'].lifeKm * (1 - CARE.reserve.value);
    expect(toPot).toBeGreaterThanOrEqual(800);
    expect(toPot).toBeLessThanOrEqual(900);
  });
});
