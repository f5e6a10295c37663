import { LUBE_CLASSES, LUBE_CLASS_NAMES } from '../../lube/classes';
import { dryRoad, ridingOn } from '@/test/dryRoad';
import { spotlessChain } from '@/test/chains';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { CARE } from '../model/constants';
import { calendarHours, stretch, typicalRiding, type TypicalRiding } from '../verdict/typical';
import { HORIZON_KM } from '../verdict/lookAhead';
import { judge } from '../verdict/verdict';
import { NOT_LEARNT, lifeQuantile } from '../model/personal';
import { proposeWork, usualWork } from '../verdict/proposal';
import { readClocks } from '../verdict/clocks';
import { Replay } from '../replay/replay';
import type { ChainState } from '../model/state';

import { spreadAbout } from '../verdict/outlook';
import { rideFutures } from '../verdict/spread';

/** Verdicts worked out by hand from docs/model.md: what fires first, how far, till when, and what to do. */
const H = 3_600_000;
const AIR = { temperatureC: 20, humidity: 0.5 };
const limits = { standard: 'tidy', wearPercent: 0.75 } as const;
const chain = (more: Partial<ChainState> = {}): ChainState =>
  spotlessChain({ at: 100 * H, ...more });
const riding = (more: Partial<TypicalRiding> = {}, dirtPerKm = 0): TypicalRiding =>
  ridingOn(dryRoad(1, { dirtPerKm }), { kmPerWeek: 168, ...more });
const judged = (state: ChainState, typical = riding()) =>
  judge({
    state,
    cogs: 0,
    chain: TEST_GARAGE.chains.c1,
    air: AIR,
    limits,
    typical,
    learnt: NOT_LEARNT,
    usualLube: 'dry',
    between: 'solvent',
  });

describe('what a verdict says', () => {
  it('of a good chain: the first clock, how far, and when that will have been ridden', () => {
    const state = chain({ film: 0.5, worn: 0.5 });
    const verdict = judged(state);
    // 2 % a week of standing beside a quarter of a coat each 100 km: 0.35 at 168 km a week, a km an hour.
    const km = 0.35 / (1 / 400 + 0.02 / 168);
    expect(verdict).toMatchObject({
      kind: 'good for',
      also: [],
      beyondHorizon: false,
      setsUntil: null,
    });
    expect(['film', 'standing']).toContain(verdict.clock);
    expect(verdict.distanceKm?.mid).toBeCloseTo(km, 4);
    expect(verdict.lube).toEqual({ ...verdict.lube, km: verdict.distanceKm, beyondHorizon: false });
    // The quartiles of life, 0.79 and 1.27: half of 400 km is used, so less than half or more is left, and rain may come.
    expect(verdict.distanceKm?.low).toBeLessThan(0.6 * km);
    expect(verdict.distanceKm?.high).toBeGreaterThan(1.3 * km);
  });

  it('spreads by the quantiles of a coat’s life, to the kilometre, where no weather comes', () => {
    const indoors = riding({ indoors: 1, kmPerWeek: 1e9 });
    const [km = []] = rideFutures({ state: chain(), cogs: 0 }, indoors, limits, {
      questions: [['film']],
      learnt: NOT_LEARNT,
      mid: { life: 1, grit: 1, wear: 1 },
    });
    expect(km).toHaveLength(48);
    // 0.85 of a coat of 400 km, times the life of each future.
    km.forEach((at, k) =>
      expect(at).toBeCloseTo(0.85 * 400 * lifeQuantile(NOT_LEARNT, null, (k + 0.5) / 48), 1),
    );
  });

  it('holds the middle one within its spread, whatever the futures drew', () => {
    expect(spreadAbout(10, [20, 30, 40, 50])).toEqual({ low: 10, mid: 10, high: 45 });
    expect(spreadAbout(60, [20, 30, 40, 50])).toEqual({ low: 25, mid: 60, high: 60 });
  });

  it('of a rider who hardly rides reckons with a day within ten years', () => {
    expect(calendarHours(riding({ kmPerWeek: 0 }), 10)).toBe(10 * 168);
    expect(calendarHours(riding({ kmPerWeek: 50 }), 25)).toBe(84);
  });

  it('answers lube and dirt apart: a fresh coat on a dirty chain lasts, and is wiped soon', () => {
    const { kind, distanceKm, lube, dirt } = judged(chain({ outside: 0.3 }), riding({}, 1));
    expect(kind).toBe('good for');
    // The dirt gathers by 1 − e^(−km/140) on 1 unit of dirt and the wet class's stickiness, from 0.3 to 0.35.
    const { stickiness } = LUBE_CLASSES.wet;
    const gathered = Math.log(0.7 / 0.65);
    expect(dirt).toMatchObject({ clock: 'outside', beyondHorizon: false });
    expect(dirt.km?.mid).toBeCloseTo((gathered * CARE.outsideScaleKm.value) / stickiness, 0);
    expect(distanceKm?.mid).toBe(dirt.km?.mid);
    // The lube goes on as on a clean road: 0.85 of a coat less what standing takes.
    expect(lube.km?.mid).toBeCloseTo(0.85 / (1 / 400 + 0.02 / 168), 0);
    expect(lube.km!.low).toBeGreaterThan(dirt.km!.high);
  });

  it.each<[Partial<ChainState>, string, string]>([
    [{ film: 0.1 }, 'film', 'outside'],
    [{ film: 0.1, idleLoss: 0.5 }, 'standing', 'outside'],
    [{ lube: null, film: 0 }, 'bare', 'outside'],
    [{ inside: 0.31, outside: 0.36 }, 'film', 'inside'],
    [{ outside: 0.36 }, 'film', 'outside'],
  ])('of %j lube by its clock, dirt by its own', (more, lubeClock, dirtClock) => {
    const { lube, dirt } = judged(chain(more));
    const spent = more.film !== undefined;
    expect([lube.km === null, dirt.km === null]).toEqual([spent, !spent]);
    if (spent) expect(lube.clock).toBe(lubeClock);
    else expect(dirt.clock).toBe(dirtClock);
  });

  it('beyond the horizon when nothing fires before it', () => {
    const far = judged(chain({ lifeKm: 1e7 }), riding({ kmPerWeek: 1e9 }));
    expect(far).toMatchObject({ beyondHorizon: true, clock: 'film' });
    expect(far.distanceKm).toMatchObject({ mid: HORIZON_KM, high: HORIZON_KM });
    // A rainy year may yet end it a little sooner.
    expect(far.distanceKm?.low).toBeGreaterThan(1400);
  });

  it('of clocks that have fired the most pressing, the others beside it, and no distance', () => {
    const spent = judged(chain({ film: 0.1, outside: 0.5, wetLeftH: 3 }));
    expect(spent).toMatchObject({
      kind: 'rescue',
      clock: 'wet',
      also: ['film', 'outside'],
      distanceKm: null,
    });
    expect(judged(chain({ film: 0.1 }))).toMatchObject({ kind: 're-lube', also: [] });
    expect(judged(chain({ film: 0.1, idleLoss: 0.5 }))).toMatchObject({ kind: 'touch up' });
    expect(judged(chain({ inside: 0.31 }))).toMatchObject({ kind: 'deep clean' });
    expect(judged(chain({ outside: 0.36 }))).toMatchObject({ kind: 'wipe' });
    expect(judged(chain({ rust: 0.5 }))).toMatchObject({ kind: 'inspect' });
    expect(judged(chain({ wear: 0.75 }))).toMatchObject({ kind: 'replace' });
    expect(judged(chain({ lube: null, film: 0 }))).toMatchObject({ kind: 'bare' });
  });

  it('the nearest of several to come: dirt before lube, wear before both', () => {
    expect(judged(chain(), riding({}, 1)).clock).toBe('outside');
    expect(judged(chain({ wear: 0.7499 }), riding({}, 1)).clock).toBe('wear');
  });

  it('sets until then, while a coat sets that is there', () => {
    expect(judged(chain({ setAt: 102 * H })).setsUntil).toBe(102 * H);
    expect(judged(chain({ setAt: 100 * H })).setsUntil).toBeNull();
    expect(judged(chain({ setAt: 102 * H, film: 0 })).setsUntil).toBeNull();
  });

  it('proposes for the chain as it will be then, or as it is where a clock has fired', () => {
    // Nothing is wrong now; when the lube is used up the outside is clean: a top-up.
    expect(judged(chain()).proposal.depth).toBe('top-up');
    // Dirty at once: a wipe-down.
    expect(judged(chain({ outside: 0.4 })).proposal).toMatchObject({ depth: 'wipe-down' });
  });
});

describe('clocks at their very limit', () => {
  const fired = (more: Partial<ChainState>) =>
    readClocks(chain(more), limits)
      .filter((c) => c.fired)
      .map((c) => c.name);
  it.each<[Partial<ChainState>, string[]]>([
    [{ film: 0.15 }, ['film']],
    [{ film: 0.1501 }, []],
    // Of the 0.9 that are gone standing took less than half, or more.
    [{ film: 0.1, idleLoss: 0.449 }, ['film']],
    [{ film: 0.1, idleLoss: 0.451 }, ['standing']],
    // A thin coat that began near the reserve: without standing it would be above it, or not.
    [{ film: 0.1, coat: 0.18, idleLoss: 0.0499 }, ['film']],
    [{ film: 0.1, coat: 0.18, idleLoss: 0.0501 }, ['standing']],
    [{ wear: 0.75 }, ['wear']],
    [{ wear: 0.7499 }, []],
    [{ rust: 0.5 }, ['rust']],
    // Under a full film a wet hour rusts a tenth: 20 h of it are 0.05, half an hour 0.00125.
    [{ wetLeftH: 20.01 }, ['wet']],
    [{ wetLeftH: 19.99 }, []],
    [{ wetLeftH: 6.7, salted: true }, ['wet']],
    [{ wetLeftH: 6.6, salted: true }, []],
    // Without lube two hours are enough.
    [{ wetLeftH: 2, film: 0.15 }, ['wet', 'film']],
    [{ wetLeftH: 1.99, film: 0.15 }, ['film']],
    [{ inside: 0.3 }, []],
    [{ outside: 0.35 }, []],
    [{ lube: null, film: 0 }, ['bare']],
  ])('%j fires %j', (more, names) => {
    expect(fired(more)).toEqual(names);
  });
});

describe('the usual work', () => {
  const reusable = TEST_GARAGE.chains.c1!;
  const depths = (...args: Parameters<typeof usualWork>) => usualWork(...args).map((p) => p.depth);

  it('of oil ends with baths where the link opens again, of wax with a reset', () => {
    const open = { ...reusable, closure: 'reusable link' as const };
    const rag = ['wipe-down', 'wipe-down', 'top-up', 'rescue'];
    const cleans = ['on-bike clean', 'on-bike clean'];
    expect(depths('wet', open, 'solvent')).toEqual([...rag, ...cleans, 'off-bike clean']);
    expect(depths('wet', { ...open, closure: 'connecting pin' }, 'solvent')).toEqual([
      ...rag,
      ...cleans,
    ]);
    expect(depths('wet', undefined, 'solvent')).toEqual([...rag, ...cleans]);
    expect(depths('drip wax', open, 'solvent')).toEqual([...rag, 'wax reset']);
  });

  it('puts the lube on everywhere but on a wipe-down, by the rag of the rider’s school', () => {
    for (const lube of LUBE_CLASS_NAMES)
      for (const { depth, spec } of usualWork(lube, reusable, 'degreaser')) {
        expect(spec.lube).toEqual(
          depth === 'wipe-down' ? null : { lubeClass: lube, coat: 1, wiped: true },
        );
        expect(spec.cogsCleaned).toBe(/clean|reset/.test(depth));
      }
    const topUp = (lube: 'wet' | 'drip wax', between: 'solvent' | 'degreaser') =>
      usualWork(lube, reusable, between).find((p) => p.depth === 'top-up')?.spec;
    expect(topUp('wet', 'solvent')).toMatchObject({ method: 'solvent wipe', drying: 'towel' });
    expect(topUp('wet', 'degreaser')).toMatchObject({
      method: 'degreaser wipe',
      drying: 'towel and air',
    });
    expect(topUp('drip wax', 'degreaser')).toMatchObject({ method: 'dry wipe', drying: 'towel' });
  });

  it('is proposed with room to spare: a quarter below the limit it was done for', () => {
    const proposed = (more: Partial<ChainState>) =>
      proposeWork(
        { state: chain(more), cogs: 0, air: AIR },
        usualWork('wet', reusable, 'solvent'),
        limits,
      );
    // A dry wipe halves the outside: 0.52 to 0.26, within 0.2625; 0.53 to 0.265 is too near, solvent quarters it.
    expect(proposed({ outside: 0.52 }).spec.method).toBe('dry wipe');
    expect(proposed({ outside: 0.53 }).spec.method).toBe('solvent wipe');
    // A solvent wipe leaves 0.95 inside, a brush 0.6: 0.375 to 0.225 is just within.
    expect(proposed({ inside: 0.374 }).spec.method).toBe('brush');
    expect(proposed({ inside: 0.38 }).spec.method).toBe('scrubber');
    expect(proposed({ inside: 1 }).spec.method).toBe('baths');
    expect(proposed({ film: 0.1 }).depth).toBe('top-up');
    // Wear is not mended by work: what else is wrong decides. Rust is settled by a deep clean.
    expect(proposed({ wear: 2, outside: 0.4 }).depth).toBe('wipe-down');
    expect(proposed({ wear: 2, rust: 0.9, outside: 0.4 }).spec.method).toBe('brush');
    expect(proposed({ lube: null, film: 0, lifeKm: 0 }).depth).toBe('top-up');
  });
});

describe('typical riding', () => {
  const DAY = 86_400_000;
  const NOW = Date.parse('2026-06-01T00:00:00Z');
  const bike = TEST_GARAGE.bikes.b1!;
  const rideOn = (daysAgo: number, km: number, more = {}) =>
    rideBody(new Date(NOW - daysAgo * DAY).toISOString(), 'b1', km, {
      durationH: km / 20,
      ...more,
    });
  const of = (...bodies: ReturnType<typeof rideOn>[]) => {
    const fitted = {
      type: 'chainFitted' as const,
      at: new Date(NOW - 400 * DAY).toISOString(),
      chainId: 'c1',
      bikeId: 'b1',
      start: null,
    };
    return typicalRiding(new Replay(TEST_GARAGE, stamped([fitted, ...bodies])).steps, bike, NOW);
  };

  it('takes conditions by the kilometre from the last 300, and the week from the last eight', () => {
    const typical = of(
      rideOn(200, 400),
      rideOn(28, 100),
      rideOn(14, 100, { weather: 'wet' }),
      rideOn(7, 100),
    );
    // There were rides before the eight weeks: all of those count, 300 km in 56 days.
    expect(typical).toMatchObject({ rides: 3, kmPerWeek: 37.5 });
    expect(typical.perKm).toMatchObject({
      km: 1,
      hours: expect.closeTo(1 / 20, 9) as number,
      salted: false,
    });
    // One of three rides of the same length was wet: 5 h at half a mm of spray and the rain of the word.
    expect(typical.perKm.waterMm).toBeGreaterThan((0.5 * 5) / 300);
    expect(typical.perKm.dirtPerKm).toBeCloseTo(4 / 3, 9);
  });

  it('looks further back only as far as it must', () => {
    expect(of(rideOn(200, 100), rideOn(100, 250), rideOn(10, 100)).rides).toBe(2);
    expect(of(rideOn(100, 50), rideOn(90, 50)).kmPerWeek).toBe(0);
    expect(of().rides).toBe(0);
  });

  it('stretches to any length', () => {
    const x = stretch(of(rideOn(7, 100, { weather: 'wet' })).perKm, 30);
    const one = of(rideOn(7, 100, { weather: 'wet' })).perKm;
    expect(x).toMatchObject({ km: 30, wetShare: one.wetShare, dirtPerKm: one.dirtPerKm });
    expect(x.hours).toBeCloseTo(30 * one.hours, 12);
    expect(x.waterMm).toBeCloseTo(30 * one.waterMm, 12);
  });
});
