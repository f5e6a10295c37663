import { dryRoad, ridingOn } from '@/test/dryRoad';
import { spotlessChain } from '@/test/chains';
import { TEST_GARAGE } from '@/test/arbitraries';
import { stamped, type Body, workBody } from '@/test/events';
import { DEFAULT_SETTINGS } from '../../settings/defaults';
import { HANDBOOK } from '../model/personal';
import { lastLube, reportOn } from '../verdict/report';
import { lookAhead } from '../verdict/lookAhead';
import { openingsOf } from '../replay/usage';
import { Replay } from '../replay/replay';
import type { ChainState } from '../model/state';
import type { Exposure } from '../model/exposure';
import type { TypicalRiding } from '../verdict/typical';

/** What lies ahead, worked out by hand from docs/model.md. */
const road = (more: Partial<Exposure> = {}, kmPerWeek = 1e9): TypicalRiding =>
  ridingOn(dryRoad(1, { dirtPerKm: 0, ...more }), { kmPerWeek });
const chain = spotlessChain;
const limits = { standard: 'tidy', wearPercent: 0.75 } as const;
const ahead = (state: ChainState, typical: TypicalRiding, life = 1) =>
  lookAhead({ state, cogs: 0 }, typical, limits, { factors: { ...HANDBOOK, life }, mid: HANDBOOK });

describe('what lies ahead, by hand', () => {
  it('the film of a 400 km coat reaches its reserve of 0.15 after 340 km, between two steps too', () => {
    expect(ahead(chain(), road()).firesAtKm.film).toBeCloseTo(340, 4);
    expect(ahead(chain({ film: 0.5, worn: 0.5 }), road()).firesAtKm.film).toBeCloseTo(140, 4);
    expect(ahead(chain({ film: 0.157, worn: 0.843 }), road()).firesAtKm.film).toBeCloseTo(2.8, 4);
    expect(ahead(chain({ film: 0.15 }), road()).firesAtKm.film).toBe(0);
  });

  it('a coat that lasts longer has more left of what was ridden already', () => {
    // Half used at a life of 400: at 800 a quarter is used, and 0.6 of 800 km are left to the reserve.
    expect(ahead(chain({ film: 0.5, worn: 0.5 }), road(), 2).firesAtKm.film).toBeCloseTo(480, 4);
    expect(ahead(chain({ film: 0.5, worn: 0.5 }), road(), 0.5).firesAtKm.film).toBe(0);
  });

  it('standing takes 2 % a week: at 100 km a week 340 km become some 314', () => {
    const { firesAtKm } = ahead(chain(), road({}, 100));
    // Each 100 km take a quarter and 2 % of a coat: 0.85 / 0.0027 per km.
    const km = 0.85 / (1 / 400 + 0.0002);
    expect(firesAtKm.standing ?? firesAtKm.film).toBeCloseTo(km, 6);
    // Nothing but standing takes it below: the verdict names that.
    expect(
      ahead(chain({ film: 0.16, coat: 0.16 }), road({ load: 1e-9 }, 10)).firesAtKm.standing,
    ).toBeGreaterThan(0);
  });

  it('the outside of wet lube on dry tarmac passes 0.35 where 1 − exp(−1.5 km / 536) does', () => {
    const { firesAtKm, points } = ahead(chain(), road({ dirtPerKm: 1 }));
    const km = (-Math.log(0.65) * 536) / 1.5;
    expect(Math.abs((firesAtKm.outside ?? 0) - km)).toBeLessThan(0.1);
    expect(points[0]).toEqual({ km: 0, film: 1, outside: 0, inside: 0 });
    expect(points[10]?.outside).toBeCloseTo(1 - Math.exp((-1.5 * 50) / 536), 9);
    // Grit inside at 0.3: km − (536 / 1.5) (1 − exp(−1.5 km / 536)) = 580 · −ln 0.7 = 206.9, at 467.7 km; then all
    // that can come first has fired.
    expect(Math.abs((firesAtKm.inside ?? 0) - 467.7)).toBeLessThan(0.5);
    const last = Math.max(firesAtKm.inside ?? 0, firesAtKm.film ?? firesAtKm.standing ?? 0);
    expect(points.at(-1)?.km).toBe(Math.ceil(last / 5) * 5);
  });

  it('the chain at the first clock is handed on for the work to do', () => {
    const { atFirst } = ahead(chain({ film: 0.5, worn: 0.5 }), road());
    expect(atFirst?.film).toBeCloseTo(0.15, 6);
    expect(atFirst?.km).toBe(140);
  });

  it('wear fires where it passes the limit, at 1 + 9 · inside times the clean rate', () => {
    const state = chain({ wear: 0.74, inside: 0.2, outside: 0, film: 1, lifeKm: 1e9 });
    const km = 0.01 / (0.028e-3 * (1 + 9 * 0.2));
    expect(ahead(state, road()).firesAtKm.wear).toBeCloseTo(km, 3);
  });
});

describe('the report of a chain', () => {
  const at = (day: number) => new Date(Date.UTC(2026, 4, 1 + day)).toISOString();
  const fit = (day: number, chainId: string, lube: 'dry' | null, bikeId = 'b1'): Body => ({
    type: 'chainFitted',
    at: at(day),
    chainId,
    bikeId,
    start: { lube, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
  });
  const work = (
    day: number,
    chainId: string,
    method: 'brush' | 'baths' | 'soak' | 'strip',
    wet: boolean,
  ): Body =>
    workBody(at(day), chainId, {
      method,
      drying: 'towel',
      lube: wet ? { lubeClass: 'wet', coat: 1, wiped: true } : null,
    });
  const played = (...bodies: Body[]) => new Replay(TEST_GARAGE, stamped(bodies));

  it('is there for a bike in use with a chain on it, and for no other', () => {
    const replay = played(fit(0, 'c1', 'dry'));
    const on = (r: Replay, bikeId = 'b1') =>
      reportOn(r, bikeId, DEFAULT_SETTINGS, Date.parse(at(1)));
    expect(on(replay)).toMatchObject({ bike: { id: 'b1' }, chain: { id: 'c1' }, cogs: 0.03 });
    expect(on(replay, 'b2')).toBeNull();
    expect(on(replay, 'nobody’s')).toBeNull();
    const bike = TEST_GARAGE.bikes.b1!;
    const put = (garage: Partial<typeof TEST_GARAGE>) =>
      new Replay({ ...TEST_GARAGE, ...garage }, stamped([fit(0, 'c1', 'dry')]));
    expect(on(put({ bikes: { b1: { ...bike, retired: true } } }))).toBeNull();
    expect(on(put({ chains: {} }))).toBeNull();
  });

  it('counts how often the link was opened: taken off, or cleaned off the bike', () => {
    const { steps } = played(
      fit(0, 'c1', 'dry'),
      fit(0.1, 'c2', 'dry', 'b2'),
      work(1, 'c1', 'brush', true),
      work(2, 'c1', 'baths', true),
      work(3, 'c1', 'soak', true),
      work(4, 'c2', 'strip', true),
      { type: 'chainRemoved', at: at(5), chainId: 'c1' },
      // Off already: its link is open.
      work(6, 'c1', 'baths', true),
    );
    expect(openingsOf(steps, 'c1')).toBe(3);
    const renewed = played(
      fit(0, 'c1', 'dry'),
      work(1, 'c1', 'baths', true),
      { type: 'settled', at: at(2), chainId: 'c1', what: 'worn link' },
      work(3, 'c1', 'soak', true),
    );
    expect(openingsOf(renewed.steps, 'c1')).toBe(1);
    expect(openingsOf(steps, 'c2')).toBe(1);
    expect(openingsOf(steps, 'c3')).toBe(0);
    // Allowed three: that is its last. Allowed two: the third opening ended it, and a new link went in.
    expect([4, 3, 2, 1].map((allowed) => openingsOf(steps, 'c1', allowed))).toEqual([3, 3, 0, 1]);
  });

  it('keeps what a check left open with what it concerns: brakes with the bike, a link with its chain', () => {
    const left: Body = {
      ...work(1, 'c1', 'baths', true),
      leftOpen: ['brakes', 'worn link'],
    } as Body;
    const off: Body = { type: 'chainRemoved', at: at(2), chainId: 'c1' };
    const openOn = (bikeId: string, ...more: Body[]) =>
      reportOn(
        played(fit(0, 'c1', 'dry'), left, off, ...more),
        bikeId,
        DEFAULT_SETTINGS,
        Date.parse(at(9)),
      )!.state.leftOpen;
    expect(openOn('b1', fit(3, 'c2', 'dry'))).toEqual(['brakes']);
    expect(openOn('b2', fit(3, 'c1', null, 'b2'))).toEqual(['worn link']);
    expect(openOn('b1', fit(3, 'c1', null))).toEqual(['worn link', 'brakes']);
    const right: Body = { type: 'settled', at: at(4), chainId: 'c2', what: 'brakes' };
    expect(openOn('b1', fit(3, 'c2', 'dry'), right, fit(5, 'c1', null))).toEqual(['worn link']);
  });

  it('knows the lube put on last: the newest work of that chain, else what it came with', () => {
    const { steps } = played(
      fit(0, 'c1', 'dry'),
      fit(0.1, 'c2', null, 'b2'),
      work(1, 'c1', 'brush', true),
      work(2, 'c1', 'brush', false),
    );
    expect(lastLube(steps, 'c1')).toBe('wet');
    expect(lastLube(steps.slice(0, 2), 'c1')).toBe('dry');
    expect(lastLube(steps, 'c2')).toBeNull();
    expect(lastLube([], 'c1')).toBeNull();
  });
});
