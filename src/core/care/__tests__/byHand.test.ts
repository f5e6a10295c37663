import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import type { CleanMethod, Surface } from '@/core/records/kinds';
import type { RideLogged } from '@/core/records/event';
import type { LubeClass } from '@/core/lube/classes';
import { WORKSHOP_AIR } from '@/core/weather/drying';
import { CLEAR_SKY, dryRoad } from '@/test/dryRoad';
import { rideBody } from '@/test/events';
import { coatLifeKm, dryness, extraWatts, startState, type ChainState } from '../model/state';
import { exposureOf, type Exposure } from '../model/exposure';
import { HANDBOOK, NOT_LEARNT } from '../model/personal';
import { ragReadOf, ragSeen, soundSeen, wearSeen } from '../model/observe';
import { ride } from '../model/ride';
import { stand, wetOn } from '../model/stand';
import { work, type WorkSpec } from '../model/work';

/**
 * A check for each line of docs/model.md, worked out by hand: the figures are those of the page, and where a
 * line is a differential equation, its solution on paper. No constant of the model is read here.
 */
const state = (more: Partial<ChainState> = {}): ChainState => ({
  ...startState({ lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 }, 0),
  lifeKm: 400,
  outside: 0,
  outsideFrom: 0,
  inside: 0,
  ...more,
});
const CLEAN_ROAD = dryRoad(100, { dirtPerKm: 0 });
const ridden = (from: ChainState, x: Partial<Exposure>, cogs = 0) =>
  ride(from, cogs, { ...CLEAN_ROAD, ...x }, HANDBOOK);
const bike = (more: Partial<Bike> = {}): Bike =>
  ({ ...PRESETS.road.specs, mudguards: false, ebike: false, ...more }) as Bike;
const loop = (surface: Surface, mud = false) =>
  ({ ...rideBody('2026-05-01T08:00:00.000Z', 'b1', 50), surface, mud }) as unknown as RideLogged;

describe('a ride: water and dirt that reach the chain', () => {
  it.each([
    ['dry', { wetShare: 0 }, false, 2, 0],
    ['wet road for half of two hours', { wetShare: 0.5 }, false, 2, 0.5],
    ['rain of 0.8 mm/h on a wet road', { wetShare: 1, rainMmPerH: 0.8 }, false, 2, 2.6],
    ['the same behind mudguards', { wetShare: 1, rainMmPerH: 0.8 }, true, 2, 1.56],
  ])('water, %s', (_, part, mudguards, hours, mm) => {
    const x = exposureOf(
      loop('paved'),
      hours,
      { ...CLEAR_SKY, ...part },
      { bike: bike({ mudguards }) },
    );
    expect(x.waterMm).toBeCloseTo(mm, 10);
  });

  it('sprays by the square of speed: at 12.5 km/h a quarter of what it does at 25', () => {
    const slow = exposureOf(loop('paved'), 4, { ...CLEAR_SKY, wetShare: 1 }, { bike: bike() });
    expect(slow.waterMm).toBeCloseTo(4 * 0.125, 10);
    const fast = exposureOf(loop('paved'), 0.5, { ...CLEAR_SKY, wetShare: 1 }, { bike: bike() });
    expect(fast.waterMm).toBeCloseTo(0.5 * 4 * 0.5, 10);
  });

  it('leaves on the chain what running has not shed: of steady water half an hour’s worth at most', () => {
    const late = { wetShare: 1, rainMmPerH: 0.3 };
    const left = (hours: number, mudguards = false) =>
      exposureOf(
        { ...loop('paved'), distanceKm: 25 * hours },
        hours,
        { ...CLEAR_SKY, wetShare: 1, late },
        { bike: bike({ mudguards }) },
      ).onChainMm;
    expect(left(0.5)).toBeCloseTo(0.8 * 0.5 * (1 - Math.exp(-1)), 10);
    expect(left(5)).toBeCloseTo(0.4, 4);
    expect(left(5, true)).toBeCloseTo(0.24, 4);
    // A guess alarms nobody.
    expect(
      exposureOf(loop('paved'), 2, { ...CLEAR_SKY, wetShare: 1 }, { bike: bike() }).onChainMm,
    ).toBe(0);
  });

  it.each([
    ['paved', false, 0, 0, 1],
    ['paved', false, 1, 0, 2],
    ['paved', false, 0.25, 0, 1.25],
    ['gravel', false, 0, 0, 1.8],
    ['gravel', false, 1, 0, 3.5],
    ['trail', false, 0, 0, 2],
    ['trail', false, 1, 0, 4],
    ['gravel', true, 0.3, 0, 8],
    // After three days without rain loose ground has 1.6 times its dry dirt; tarmac has not.
    ['gravel', false, 0, 1, 2.88],
    ['gravel', false, 0, 0.5, 2.34],
    ['gravel', false, 0.5, 1, 3.19],
    ['paved', false, 0, 1, 1],
    ['trail', true, 0, 1, 8],
    // There is no mud in a room.
    ['indoor', false, 0, 0, 0.1],
    ['indoor', true, 0, 0, 0.1],
  ] as const)('dirt on %s (mud %s), wet share %f, dust %f: %f', (surface, mud, wet, dust, dirt) => {
    const x = exposureOf(
      loop(surface, mud),
      2,
      { ...CLEAR_SKY, wetShare: wet, dust },
      { bike: bike() },
    );
    expect(x.dirtPerKm).toBeCloseTo(dirt, 10);
  });

  it('is dust everywhere where the rider said so, and a motor loads 1.4 times', () => {
    const dusty = { ...CLEAR_SKY, dust: 1, dustEverywhere: true };
    expect(exposureOf(loop('paved'), 2, dusty, { bike: bike() }).dirtPerKm).toBeCloseTo(1.6, 10);
    expect(exposureOf(loop('paved'), 2, CLEAR_SKY, { bike: bike({ ebike: true }) }).load).toBe(1.4);
    expect(exposureOf(loop('paved'), 2, CLEAR_SKY, { bike: bike() }).load).toBe(1);
  });
});

describe('a ride: the film', () => {
  it.each([
    ['100 of 400 km', {}, {}, 0.75],
    ['the same with a motor', {}, { load: 1.4 }, 0.65],
    ['2 mm of water on wet lube, 0.03 a mm', {}, { waterMm: 2 }, 0.69],
    ['no more than there is', { film: 0.2 }, {}, 0],
  ])('%s', (_, from, x, film) => {
    expect(ridden(state(from), x).state.film).toBeCloseTo(film, 10);
  });

  it('starts lower on a coat that has not set: half of it at once, three quarters half way', () => {
    const fresh = state({ lifeKm: 1e9, lubedAt: 0, setAt: 1000, fresh: 1 });
    expect(ridden({ ...fresh, at: 0 }, {}).state.film).toBeCloseTo(0.5, 6);
    expect(ridden({ ...fresh, at: 500 }, {}).state.film).toBeCloseTo(0.75, 6);
    expect(ridden({ ...fresh, at: 1000 }, {}).state.film).toBeCloseTo(1, 6);
    // Of a top-up over 0.6 only the new 0.4 can be thrown off.
    expect(ridden({ ...fresh, at: 0, fresh: 0.4 }, {}).state.film).toBeCloseTo(0.8, 6);
  });

  it('lasts less over dirt: L = 400 (1 − 0.5 i)', () => {
    expect(coatLifeKm('wet', 0)).toBe(400);
    expect(coatLifeKm('wet', 0.4)).toBeCloseTo(320, 10);
    expect(coatLifeKm('wet', 0.4, 500)).toBeCloseTo(400, 10);
  });

  it('leaves metal dry below 0.15: D = (0.15 − F) / 0.15', () => {
    expect([1, 0.15, 0.12, 0.075, 0].map(dryness)).toEqual([
      0,
      0,
      expect.closeTo(0.2, 10),
      expect.closeTo(0.5, 10),
      1,
    ]);
  });

  it('counts kilometres, those below the reserve apart', () => {
    // From 0.2, 400 km to a coat: 20 km to 0.15, and 60 more to nothing; 20 after that.
    const { state: after, effect } = ridden(state({ film: 0.2 }), {});
    expect(after.km).toBe(100);
    expect(effect.dryKm).toBeCloseTo(80, 10);
    expect(effect.filmByDistance).toBeCloseTo(0.2, 10);
  });
});

describe('a ride: grit', () => {
  // s = 1.5 (wet lube), 100 km, 1 dirt unit: o = 1 − exp(−1.5 · 100 / 536) = 0.2441.
  it.each([
    ['wet lube on clean tarmac', 'wet', 1, {}, 0.2441],
    ['twice the dirt', 'wet', 2, {}, 0.4286],
    ['bare steel, stickiness 0.6', null, 1, {}, 0.1059],
    ['due a wipe and not wiped: 1.6 times', 'wet', 1, { wipeMissed: true }, 0.3609],
    ['already half dirty', 'wet', 1, { outside: 0.5 }, 0.6221],
  ] as const)('gathers outside: %s', (_, lube, dirtPerKm, more, outside) => {
    const from = state({ lube: lube as LubeClass | null, ...more });
    expect(ridden(from, { dirtPerKm }).state.outside).toBeCloseTo(outside, 4);
  });

  it('gathers on the cogs at half that rate: 1 − exp(−0.75 · 100 / 536) = 0.1306', () => {
    expect(ridden(state({ outside: 0.9 }), { dirtPerKm: 1 }).cogs).toBeCloseTo(0.1306, 4);
  });

  it('comes back from dirtier cogs: 0.5 (1 − exp(−0.0042 · 100)) = 0.1715, and not the other way', () => {
    const { state: after, cogs, effect } = ridden(state(), {}, 0.5);
    expect(after.outside).toBeCloseTo(0.1715, 4);
    expect(effect.outsideByCogs).toBeCloseTo(0.1715, 4);
    expect(effect.outsideByRoad).toBeCloseTo(0, 10);
    expect(cogs).toBe(0.5);
    expect(ridden(state({ outside: 0.6 }), {}, 0.1).state.outside).toBeCloseTo(0.6, 10);
  });

  it('works in: at a steady o = 0.4 for 100 km, i = 1 − exp(−0.4 · 100 / 580) = 0.0666', () => {
    const { state: after, effect } = ridden(state({ outside: 0.4 }), {});
    expect(after.inside).toBeCloseTo(0.0666, 4);
    expect(effect.inside).toBeCloseTo(0.0666, 4);
    // From i = 0.3 only the clean part shrinks: 1 − 0.7 exp(−0.06897) = 0.3466.
    expect(ridden(state({ outside: 0.4, inside: 0.3 }), {}).state.inside).toBeCloseTo(0.3466, 4);
  });

  it('is washed out by 3 % a mm, and carried in by the water that is on the chain', () => {
    const rained = (more: Partial<ChainState>, waterMm: number) =>
      ridden(state({ lube: 'hot wax', lifeKm: 1e9, ...more }), { waterMm }).state.inside;
    expect(rained({ inside: 0.3 }, 10)).toBeCloseTo(0.3 * Math.exp(-0.3), 4);
    // 5 mm in four hours keep 0.625 mm on the chain: in by 0.18 · 0.4 · 100 / 580 · 1.625 = 0.02017, out by 0.15;
    // i tends to 0.02017 / 0.17017 = 0.1185, and a share of exp(−0.17017) of the way there is left.
    expect(rained({ outside: 0.4 }, 5)).toBeCloseTo(0.1185 * (1 - Math.exp(-0.17017)), 4);
  });

  it('leaves the same chain by one ride or by two of half', () => {
    const x = { dirtPerKm: 1.3, km: 40, hours: 2 };
    const once = ridden(state(), { ...x, km: 80 }, 0.2);
    const first = ridden(state(), x, 0.2);
    const twice = ridden(first.state, x, first.cogs);
    for (const key of ['film', 'outside', 'inside', 'wear'] as const)
      expect(twice.state[key]).toBeCloseTo(once.state[key], 10);
  });
});

describe('a ride: wear and watts', () => {
  it.each([
    ['clean and lubed', {}, 0.0028],
    ['grit inside 0.3: times 3.7', { inside: 0.3 }, 0.01036],
    ['dry: times 3.45', { film: 0, lube: null }, 0.00966],
    ['both', { inside: 0.3, film: 0, lube: null }, 0.035742],
  ])('of 100 km, %s', (_, more, wear) => {
    const { state: after, effect } = ridden(state({ lifeKm: 1e9, wearSd: 0, ...more }), {});
    expect(after.wear).toBeCloseTo(wear, 8);
    expect(effect.wear).toBeCloseTo(wear, 8);
    expect(after.wearSd).toBeCloseTo(wear * 0.35, 8);
  });

  it('on a wet road: times 1 + 0.9 of its share', () => {
    const wet = (wetShare: number) => ridden(state({ lifeKm: 1e9 }), { wetShare }).state.wear;
    expect(wet(1)).toBeCloseTo(0.0028 * 1.9, 8);
    expect(wet(0.5)).toBeCloseTo(0.0028 * 1.45, 8);
  });

  it('power at 250 W: 10 o + 4 i + 5 D + 3 per % of wear', () => {
    expect(extraWatts({ outside: 0.3, inside: 0.5, film: 0.075, wear: 0.4 })).toBeCloseTo(8.7, 10);
    expect(extraWatts({ outside: 0, inside: 0, film: 1, wear: 0 })).toBe(0);
  });
});

const HOUR = 3_600_000;

describe('standing', () => {
  it.each([
    ['wet', 7, 0.98],
    ['dry', 7, 0.75],
    ['dry', 3.5, 0.875],
    ['dry', 70, 0],
    ['hot wax', 70, 1],
  ] as const)('%s lube for %f days leaves %f', (lube, days, film) => {
    const after = stand(state({ lube }), days * 24 * HOUR, WORKSHOP_AIR);
    expect(after.film).toBeCloseTo(film, 10);
    expect(after.idleLoss).toBeCloseTo(1 - film, 10);
  });

  it.each([
    // (1 − 0.9 F) / 40 h for each wet hour: the film of wet lube hardly falls meanwhile.
    ['bare, 10 wet hours', { film: 0, lube: null, wetLeftH: 10 }, 24, 0.25],
    ['full film', { wetLeftH: 10, lube: 'hot wax' as const }, 24, 0.025],
    ['bare in salt', { film: 0, lube: null, wetLeftH: 10, salted: true }, 24, 0.75],
    ['bare, still wet after 4 h', { film: 0, lube: null, wetLeftH: 10 }, 4, 0.1],
    ['dry', { film: 0, lube: null }, 24, 0],
  ])('rust: %s', (_, more, hours, rust) => {
    expect(stand(state(more), hours * HOUR, WORKSHOP_AIR).rust).toBeCloseTo(rust, 8);
  });

  it('air above 80 % humidity rusts unoiled steel, and only that (ISO 9223:2012)', () => {
    const damp = { temperatureC: 15, humidity: 0.81 };
    expect(stand(state({ film: 0, lube: null }), 20 * HOUR, damp).rust).toBeCloseTo(0.5, 8);
    expect(stand(state({ film: 0.06, lube: 'hot wax' }), 20 * HOUR, damp).rust).toBe(0);
    const fair = { temperatureC: 15, humidity: 0.79 };
    expect(stand(state({ film: 0, lube: null }), 20 * HOUR, fair).rust).toBe(0);
  });

  it('rust counts within one wet spell: it keeps the worst', () => {
    const bare = { film: 0, lube: null, wetLeftH: 8 };
    const dried = stand(state(bare), 24 * HOUR, WORKSHOP_AIR);
    expect(dried).toMatchObject({ rust: 0.2, rustSpell: 0, wetLeftH: 0, wetHours: 0 });
    const again = stand({ ...dried, wetLeftH: 4 }, 48 * HOUR, WORKSHOP_AIR);
    expect(again.rust).toBeCloseTo(0.2, 10);
  });

  it('a soaked chain drips dry in 6 h of workshop air, one with half a millimetre in 3', () => {
    const wetted = (mm: number, left = 0) => {
      const it = state({ wetLeftH: left });
      wetOn(it, mm, WORKSHOP_AIR);
      return it.wetLeftH;
    };
    expect(wetted(1)).toBeCloseTo(6, 10);
    expect(wetted(5)).toBeCloseTo(6, 10);
    expect(wetted(0.5)).toBeCloseTo(3, 10);
    expect(wetted(0.5, 4)).toBe(4);
    expect(wetted(0)).toBe(0);
  });
});

const spec = (method: CleanMethod, more: Partial<WorkSpec> = {}): WorkSpec => ({
  method,
  cogsCleaned: false,
  baths: { count: 3, ml: 150 },
  drying: 'towel',
  lube: null,
  ...more,
});

describe('work', () => {
  // Shares left of outside, inside, cogs and film; baths: 0.3³ bound, and what 3 ml in 153 carry on.
  it.each([
    ['none', 1, 1, 1, 1],
    ['dry wipe', 0.5, 1, 1, 0.98],
    ['solvent wipe', 0.25, 0.99, 0.8, 0.9],
    ['degreaser wipe', 0.18, 0.985, 0.7, 0.4],
    ['flush and wipe', 0.35, 0.85, 0.9, 1],
    ['brush', 0.12, 0.6, 0.4, 0],
    ['scrubber', 0.08, 0.4, 0.8, 0],
    ['baths', 0.02, 0.0283, 1, 0],
    ['soak', 0.05, 0.15, 1, 0],
    ['wax reset', 0.02, 0.05, 1, 0],
    ['strip', 0.02, 0.03, 1, 0],
  ] as const)('%s leaves %f outside, %f inside, %f on the cogs, %f of the film', (...row) => {
    const [method, outside, inside, cogs, film] = row;
    const from = state({ outside: 1, inside: 1, film: 0.8 });
    const after = work(from, 1, spec(method), { air: WORKSHOP_AIR });
    expect(after.state.outside).toBeCloseTo(outside, 3);
    expect(after.state.outsideFrom).toBe(method === 'none' ? 0 : after.state.outside);
    expect(after.state.inside).toBeCloseTo(inside, 3);
    expect(after.cogs).toBeCloseTo(cogs, 10);
    expect(after.state.film).toBeCloseTo(film * 0.8, 10);
    expect(after.state.lube).toBe(film === 0 ? null : 'wet');
  });

  it('with the cogs cleaned leaves a tenth on them, and the scrubber then does better', () => {
    const from = state({ outside: 1, inside: 1 });
    const after = work(from, 1, spec('scrubber', { cogsCleaned: true }), { air: WORKSHOP_AIR });
    expect(after.cogs).toBeCloseTo(0.1, 10);
    expect(after.state).toMatchObject({ outside: 0.05, inside: 0.35 });
  });

  it.each([
    ['left to drip', 6],
    ['towel', 1.5],
    ['towel and air', 0.3],
  ] as const)('rinsed and %s, it is dry after %f h of workshop air', (drying, hours) => {
    const after = work(state(), 0, spec('brush', { drying }), { air: WORKSHOP_AIR }).state;
    expect(after.wetLeftH).toBeCloseTo(hours, 10);
  });

  it('clears rust and salt as deep as it goes', () => {
    const from = state({ rust: 0.4, rustSpell: 0.4, salted: true, wetLeftH: 3, wetHours: 2 });
    const wiped = work(from, 0, spec('dry wipe'), { air: WORKSHOP_AIR }).state;
    expect(wiped).toMatchObject({
      rust: 0.4,
      rustSpell: 0,
      salted: true,
      wetLeftH: 1.5,
      wetHours: 2,
    });
    const brushed = work(from, 0, spec('brush'), { air: WORKSHOP_AIR }).state;
    expect(brushed).toMatchObject({ rust: 0, salted: false, kmSinceClean: 0 });
    const dry = work(state({ wetHours: 2 }), 0, spec('dry wipe'), { air: WORKSHOP_AIR }).state;
    expect(dry.wetHours).toBe(0);
  });

  it('sets a coat: wet lube half an hour, its life by the grit under it', () => {
    const lube = { lubeClass: 'wet' as const, coat: 1, wiped: true };
    const from = state({ at: 5 * HOUR, inside: 0.4, film: 0.2, worn: 1, kmSinceLube: 300 });
    const after = work(from, 0, spec('none', { lube }), { air: WORKSHOP_AIR }).state;
    expect(after).toMatchObject({
      lube: 'wet',
      lifeKm: 320,
      film: 1,
      coat: 1,
      worn: 0,
      lost: 0,
      lubedAt: 5 * HOUR,
      setAt: 5.5 * HOUR,
      wipeMissed: false,
      kmSinceLube: 0,
    });
    const thin = work(from, 0, spec('none', { lube: { ...lube, coat: 0.5, wiped: false } }), {
      air: WORKSHOP_AIR,
      coat: { bottle: 'p1', lifeKm: 600, setHours: 12 },
    }).state;
    expect(thin).toMatchObject({
      film: 0.5,
      bottle: 'p1',
      lifeKm: 480,
      setAt: 17 * HOUR,
      wipeMissed: true,
    });
  });
});

describe('notes and readings', () => {
  it('a swatch: normal posterior, noise 0.08 against a third of the reading', () => {
    // Outside 0.4, sd 0.4 · 0.35 = 0.14; gain 0.14² / (0.14² + 0.08²) = 0.7538; swatch 4 shows 0.62.
    expect(ragSeen(state({ outside: 0.4 }), NOT_LEARNT, ragReadOf(4)).state.outside).toBeCloseTo(
      0.5658,
      4,
    );
    // Nearly clean: sd is at least 0.05, gain 0.2809; swatch 1 shows 0.05.
    expect(ragSeen(state({ outside: 0.02 }), NOT_LEARNT, ragReadOf(1)).state.outside).toBeCloseTo(
      0.0284,
      4,
    );
  });

  it.each([
    // Before 0.3 with sd 0.1: gain 0.8 with a checker, 0.2809 with a ruler.
    ['checker', 0.5, 0.46, 0.0447],
    ['ruler', 0.5, 0.3562, 0.0848],
  ] as const)('a reading by %s of %f: %f, sure to %f', (tool, percent, wear, sd) => {
    const seen = wearSeen(state({ wear: 0.3, wearSd: 0.1 }), { percent, tool });
    expect(seen.wear).toBeCloseTo(wear, 4);
    expect(seen.wearSd).toBeCloseTo(sd, 4);
  });

  it('a squeak leaves the reserve at most; with less than 0.15 used it is odd and changes nothing', () => {
    const heard = (film: number) => soundSeen(state({ film }), NOT_LEARNT, 'squeak', 'b1').state;
    expect(heard(0.5).film).toBe(0.15);
    expect(heard(0.04).film).toBe(0.04);
    expect(heard(0.9)).toMatchObject({ film: 0.9, heard: { odd: true } });
    expect(heard(0.86)).toMatchObject({ film: 0.86, heard: { odd: true } });
    expect(heard(0.84).heard?.odd).toBe(false);
  });
});
