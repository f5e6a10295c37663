import type { LubeClass } from '@/core/lube/classes';
import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { WORKSHOP_AIR } from '@/core/weather/drying';
import { CLEAR_SKY, dryRoad } from '@/test/dryRoad';
import { exposureOf, waterMmPerH, type Exposure } from '../model/exposure';
import {
  factorsOn,
  futuresOf,
  gritSigmaOf,
  HANDBOOK,
  lifeShown,
  NOT_LEARNT,
  wearSigmaOf,
} from '../model/personal';
import { ride, wearTimes } from '../model/ride';
import { startState, type ChainState } from '../model/state';
import { stand, wetOn } from '../model/stand';
import { work } from '../model/work';

/** What is known of a chain and how surely, worked out by hand from docs/model.md: no constant is read from the model. */
const HOUR = 3_600_000;
const START = { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 } as const;
const state = (more: Partial<ChainState> = {}): ChainState => ({
  ...startState(START, 0),
  lifeKm: 400,
  outside: 0,
  inside: 0,
  ...more,
});
const ROAD = dryRoad(100, { dirtPerKm: 0 });
const ridden = (from: ChainState, x: Partial<Exposure> = {}, factors = HANDBOOK) =>
  ride(from, 0, { ...ROAD, ...x }, factors).state;

describe('a chain as it comes into the log', () => {
  it('is as worn as an average one where nobody measured it, unsure by a third and a bit of that', () => {
    const { wear, wearSd, wearTied } = startState(
      { ...START, kmBefore: 2000, wearPercent: null },
      0,
    );
    expect(wear).toBeCloseTo(2000 * 0.158e-3, 9);
    expect(wearSd).toBeCloseTo(wear * 0.35, 9);
    // All of that hangs on how fast this chain wears.
    expect(wearTied).toBeCloseTo(wear * 0.35 ** 2, 9);
  });

  it('is as worn as it was read, by as much as a checker is sure, whatever its factor', () => {
    const read = startState({ ...START, kmBefore: 2000, wearPercent: 0.2 }, 0);
    expect([read.wear, read.wearSd, read.wearTied]).toEqual([0.2, 0.05, 0]);
  });

  it('has nothing open, and was cleaned when it was lubed, or just now if it looks so', () => {
    const since = (look: 'clean' | 'used') =>
      startState({ ...START, look, kmSinceLube: 120 }, 0).kmSinceClean;
    expect([since('clean'), since('used')]).toEqual([0, 120]);
    expect(state().leftOpen).toEqual([]);
  });
});

describe('after a ride', () => {
  it('wear is known as surely as level and factor together allow', () => {
    const from = state({
      wear: 0.2,
      wearSd: 0.05,
      wearTied: 0.01,
      wearFactor: 2,
      wearFactorSd: 0.3,
    });
    const after = ridden(from, {}, { ...HANDBOOK, wear: 2 });
    const once = ridden(from).wear - 0.2;
    // Twice as fast as the handbook has it.
    expect(after.wear - 0.2).toBeCloseTo(2 * once, 12);
    expect(after.wearSd ** 2).toBeCloseTo(0.0025 + 2 * once * 0.01 + (once * 0.3) ** 2, 12);
    expect(after.wearTied).toBeCloseTo(0.01 + once * 0.09, 12);
  });

  it('dirt that came is counted by the handbook’s factor, and none where none came', () => {
    const dirty = ridden(state(), { dirtPerKm: 2 }, { ...HANDBOOK, grit: 2 });
    expect(dirty.gathered).toBeCloseTo(-Math.log(1 - dirty.outside) / 2, 9);
    expect(ridden(state({ gathered: 0.3 }), {}, HANDBOOK).gathered).toBe(0.3);
    expect(
      ridden(state({ gathered: 0.3 }), { dirtPerKm: 2 }, { ...HANDBOOK, grit: 0 }).gathered,
    ).toBe(0.3);
  });

  it('what was thrown off a coat that had not set is lost, half of it straight after lubing', () => {
    const fresh = state({ lubedAt: 0, setAt: 2 * HOUR, fresh: 1 });
    expect(ridden(fresh).lost).toBeCloseTo(0.5, 9);
    expect(ridden({ ...fresh, at: HOUR }).lost).toBeCloseTo(0.25, 9);
    expect(ridden({ ...fresh, at: 2 * HOUR }).lost).toBe(0);
    expect(ridden(state({ lost: 0.2 })).lost).toBeCloseTo(0.2, 9);
    // Water takes its part too.
    expect(ridden(state(), { waterMm: 5 }).lost).toBeGreaterThan(0);
  });

  it('a coat is worn by its distance, and bare steel by none', () => {
    expect(ridden(state()).worn).toBeCloseTo(100 / 400, 9);
    expect(ridden(state({ lube: null, film: 0, lifeKm: 0 })).worn).toBe(0);
  });
});

describe('what wears a chain faster', () => {
  const times = (chain: { rust?: number; salted?: boolean }, x: Partial<Exposure> = {}) =>
    wearTimes({ rust: 0, salted: false, ...chain }, { ...ROAD, ...x });
  it('is load, a wet road by 0.9, salt by 1.3 once, rust from 0.5 to 1 by up to twice', () => {
    expect(times({})).toBe(1);
    expect(times({}, { load: 1.5 })).toBe(1.5);
    expect(times({}, { wetShare: 0.5 })).toBeCloseTo(1.45, 9);
    expect([
      times({ salted: true }),
      times({}, { salted: true }),
      times({ salted: true }, { salted: true }),
    ]) //
      .toEqual([1.3, 1.3, 1.3]);
    expect([times({ rust: 0.4 }), times({ rust: 0.5 }), times({ rust: 0.75 }), times({ rust: 1 })]) //
      .toEqual([1, 1, 1.5, 2]);
    expect(times({ rust: 1, salted: true }, { load: 2, wetShare: 1 })).toBeCloseTo(
      2 * 1.9 * 1.3 * 2,
      9,
    );
  });
});

describe('what is learnt of a chain', () => {
  const learnt = { ...NOT_LEARNT, factors: { life: 0.8, grit: 1.2, wear: 1 } };

  it('is used on it: of its own coat what was noted, of its wear what was read', () => {
    expect(factorsOn(state(), learnt)).toEqual({ life: 0.8, grit: 1.2, wear: 1 });
    expect(factorsOn(state({ wearFactor: 1.3 }), learnt)).toEqual({
      life: 0.8,
      grit: 1.2,
      wear: 1.3,
    });
    expect(factorsOn(state({ ownLife: 0.6 }), learnt)).toEqual({ life: 0.6, grit: 1.2, wear: 1 });
    expect(factorsOn(state({ ownLife: 0.6, wearFactor: 1.3 }), learnt)).toEqual({
      life: 0.6,
      grit: 1.2,
      wear: 1.3,
    });
  });

  it('is as unsure of its wear as a log-normal with that mean and spread', () => {
    expect(wearSigmaOf(state({ wearFactor: 2, wearFactorSd: 0.5 }))).toBeCloseTo(
      Math.sqrt(Math.log(1.0625)),
      12,
    );
    expect(wearSigmaOf(state({ wearFactor: 1, wearFactorSd: 0 }))).toBe(0);
  });

  it('has quartiles 0.6745 sigma to each side: in the low future grit and wear come fast, the coat ends early', () => {
    const sigma = gritSigmaOf(NOT_LEARNT);
    const { low, mid, high } = futuresOf(NOT_LEARNT);
    expect(low.grit).toBeCloseTo(Math.exp(0.6745 * sigma), 3);
    expect(high.grit).toBeCloseTo(Math.exp(-0.6745 * sigma), 3);
    expect(low.wear).toBeCloseTo(Math.exp(0.6745 * 0.35), 3);
    expect(high.wear).toBeCloseTo(Math.exp(-0.6745 * 0.35), 3);
    expect(mid).toEqual(NOT_LEARNT.factors);
    expect(low.life).toBeLessThan(1);
    expect(high.life).toBeGreaterThan(1);
    // A chain whose wear was read, with a coat that was heard.
    const own = state({ wearFactor: 1.4, wearFactorSd: 0.28, ownLife: 1.1 });
    const futures = futuresOf(NOT_LEARNT, own);
    expect(futures.mid).toEqual({ ...NOT_LEARNT.factors, life: 1.1, wear: 1.4 });
    expect(futures.low.wear).toBeCloseTo(1.4 * Math.exp(0.6745 * Math.sqrt(Math.log(1.04))), 3);
    expect(futures.high.wear).toBeCloseTo(1.4 * Math.exp(-0.6745 * Math.sqrt(Math.log(1.04))), 3);
  });

  it('of a coat is shown by its distance over what water and standing left for it, where that tells', () => {
    expect(lifeShown(state({ coat: 1, lost: 0.2, worn: 0.6 }))).toBeCloseTo(0.75, 12);
    expect(lifeShown(state({ coat: 1.25, lost: 1, worn: 0.1 }))).toBeCloseTo(0.4, 9);
    expect(lifeShown(state({ coat: 1, lost: 0.81, worn: 0.1 }))).toBeNull();
    expect(lifeShown(state({ coat: 1, lost: 0.2, worn: 0 }))).toBeNull();
    expect(lifeShown(state({ lube: null, coat: 1, lost: 0.2, worn: 0.6 }))).toBeNull();
  });
});

describe('work', () => {
  const done = (
    from: ChainState,
    method: 'solvent wipe' | 'brush' | 'none',
    lube: LubeClass | null,
    coat = 1,
  ) =>
    work(
      from,
      0,
      {
        method,
        cogsCleaned: false,
        baths: { count: 3, ml: 150 },
        drying: 'towel',
        lube: lube && { lubeClass: lube, coat, wiped: true },
      },
      { air: WORKSHOP_AIR },
    ).state;

  it('takes film off, which is lost to the coat', () => {
    const after = done(state({ film: 0.8, lost: 0.1 }), 'brush', null);
    expect(after.film).toBeLessThan(0.8);
    expect(after.lost).toBeCloseTo(0.1 + 0.8 - after.film, 12);
  });

  it('wax holds half over oil, and whole on bare steel and on wax', () => {
    const on = (lube: LubeClass | null) => done(state({ lube, film: 0 }), 'none', 'drip wax').film;
    expect([on('wet'), on(null), on('hot wax')]).toEqual([0.5, 1, 1]);
  });

  it('a thin coat over much film lives as long as their shares say, a whole one over little as long as itself', () => {
    // 0.6 of a coat of 300 km, and 0.4 fresh of the class's 400 km.
    const thin = done(state({ film: 0.6, lifeKm: 300 }), 'none', 'wet');
    expect(thin.lifeKm).toBeCloseTo(0.6 * 300 + 0.4 * 400, 6);
    expect(done(state({ film: 0.4, lifeKm: 300 }), 'none', 'wet').lifeKm).toBeCloseTo(400, 6);
    expect(done(state({ film: 0, lifeKm: 300 }), 'none', 'wet').lifeKm).toBeCloseTo(400, 6);
    // Another class mixes, however little of it is left.
    const mixed = done(state({ lube: 'dry', film: 0.1, lifeKm: 100 }), 'none', 'wet');
    expect(mixed.lifeKm).toBeCloseTo(0.1 * 100 + 0.9 * 400, 6);
  });
});

describe('what a ride meets', () => {
  const bike = (more: Partial<Bike> = {}) =>
    ({ ...PRESETS.road.specs, mudguards: false, ebike: false, ...more }) as Bike;
  const dirt = (surface: 'paved' | 'gravel' | 'trail', mud: boolean, more = {}, on = bike()) =>
    exposureOf({ distanceKm: 40, surface, mud }, 2, { ...CLEAR_SKY, ...more }, { bike: on })
      .dirtPerKm;

  it('is dustier on loose dry ground by 0.6 at the most, on tarmac only where it is dusty everywhere', () => {
    expect(dirt('gravel', false, { dust: 1 }) / dirt('gravel', false)).toBeCloseTo(1.6, 9);
    expect(dirt('trail', false, { dust: 0.5 }) / dirt('trail', false)).toBeCloseTo(1.3, 9);
    expect(dirt('gravel', true, { dust: 1 })).toBe(dirt('gravel', true));
    expect(dirt('paved', false, { dust: 1 })).toBe(dirt('paved', false));
    expect(
      dirt('paved', false, { dust: 1, dustEverywhere: true }) / dirt('paved', false),
    ).toBeCloseTo(1.6, 9);
  });

  it('passes a chain case by a fifth', () => {
    expect(dirt('paved', false, {}, bike({ chainCase: true })) / dirt('paved', false)).toBeCloseTo(
      0.2,
      9,
    );
  });

  it('of water by the hour is none in no time', () => {
    expect(waterMmPerH({ waterMm: 6, hours: 2 })).toBe(3);
    expect(waterMmPerH({ waterMm: 6, hours: 0 })).toBe(0);
  });
});

describe('standing', () => {
  it('changes nothing in no time, nor without water', () => {
    const wet = state({ at: 5 * HOUR, wetLeftH: 3, wetHours: 2 });
    expect(stand(wet, 5 * HOUR, WORKSHOP_AIR)).toEqual(wet);
    expect(stand(wet, 4 * HOUR, WORKSHOP_AIR)).toEqual(wet);
    const dry = state({ wetLeftH: 0.5 });
    wetOn(dry, 0, WORKSHOP_AIR);
    expect(dry.wetLeftH).toBe(0.5);
  });

  it('lets a coat be ridden only once it has set: on a chain lubed as it comes in nothing is thrown off', () => {
    const early = state({ at: 1, lubedAt: 5, setAt: 5, fresh: 1 });
    expect(ridden(early).lost).toBe(0);
  });
});
