import { spotlessChain } from '@/test/chains';
import { rideBody, stamped } from '@/test/events';
import type { RideLogged } from '../../records/event';
import { cellOf } from '../../weather/cells';
import { endCell, slicesOf, wordOf } from '../model/sky';
import { rodeOn, stand, wetOn } from '../model/stand';
import type { ChainState } from '../model/state';
import type { Exposure } from '../model/exposure';

/** Standing, wetting and a ride's way, worked out by hand from docs/model.md. Time in hours from 0. */
const H = 3_600_000;
const WORKSHOP = { temperatureC: 20, humidity: 0.5 };
const DAMP = { temperatureC: 10, humidity: 0.9 };
const chain = spotlessChain;
const bare = (more: Partial<ChainState> = {}) =>
  chain({ lube: null, film: 0, coat: 0, lifeKm: 0, ...more });

describe('a chain that stands', () => {
  it('dries: its hours of wetness count until it is dry, then begin anew', () => {
    const wet = chain({ wetLeftH: 5, wetHours: 1 });
    expect(stand(wet, 2 * H, WORKSHOP)).toMatchObject({ at: 2 * H, wetLeftH: 3, wetHours: 3 });
    expect(stand(wet, 5 * H, WORKSHOP)).toMatchObject({ wetLeftH: 0, wetHours: 0 });
    expect(stand(wet, 50 * H, WORKSHOP)).toMatchObject({ at: 50 * H, wetLeftH: 0, wetHours: 0 });
  });

  it('moved to a moment before its own, or to its own, is as it was', () => {
    const wet = chain({ at: 10 * H, wetLeftH: 5, wetHours: 1, rustSpell: 0.2, rust: 0.3 });
    expect(stand(wet, 9 * H, DAMP)).toEqual(wet);
    expect(stand(wet, 10 * H, DAMP)).toEqual(wet);
  });

  it('rusts while wet: 40 h to plain rust bare, a tenth of that speed under a full film, three times with salt', () => {
    expect(stand(bare({ wetLeftH: 10 }), 4 * H, WORKSHOP).rust).toBeCloseTo(4 / 40, 12);
    expect(stand(chain({ wetLeftH: 10 }), 4 * H, WORKSHOP).rust).toBeCloseTo((0.1 * 4) / 40, 12);
    expect(stand(bare({ wetLeftH: 10, salted: true }), 4 * H, WORKSHOP).rust).toBeCloseTo(
      12 / 40,
      12,
    );
    expect(stand(bare({ wetLeftH: 100, salted: true }), 90 * H, WORKSHOP).rust).toBe(1);
  });

  it('keeps the worst spell of rust: what dries in time leaves its mark, and the next spell begins at none', () => {
    const dried = stand(bare({ wetLeftH: 10, rustSpell: 0.1, rust: 0.2 }), 12 * H, WORKSHOP);
    expect(dried.rust).toBeCloseTo(0.1 + 10 / 40, 12);
    expect(dried.rustSpell).toBe(0);
    const less = stand(bare({ wetLeftH: 10, rust: 0.9 }), 4 * H, WORKSHOP);
    expect([less.rustSpell, less.rust]).toEqual([4 / 40, 0.9]);
  });

  it('bare rusts in damp air though it is dry, oiled it does not', () => {
    const damp = stand(bare(), 8 * H, DAMP);
    expect(damp.rust).toBeCloseTo(8 / 40, 12);
    expect(damp.rustSpell).toBeCloseTo(8 / 40, 12);
    expect(stand(chain({ film: 0.06 }), 8 * H, DAMP).rust).toBe(0);
    expect(stand(bare(), 8 * H, { temperatureC: 10, humidity: 0.8 }).rust).toBe(0);
  });

  it('loses 2 % of wet lube a week, as film, as idle loss and for good; bare steel loses none', () => {
    const week = stand(chain(), 168 * H, WORKSHOP);
    expect(week.film).toBeCloseTo(0.98, 12);
    expect(week.idleLoss).toBeCloseTo(0.02, 12);
    expect(week.lost).toBeCloseTo(0.02, 12);
    const spent = stand(chain({ film: 0.005 }), 168 * H, WORKSHOP);
    expect(spent.film).toBe(0);
    expect(spent.idleLoss).toBeCloseTo(0.005, 12);
    expect(spent.lost).toBeCloseTo(0.02, 12);
    expect(stand(bare(), 168 * H, WORKSHOP)).toMatchObject({ film: 0, lost: 0, idleLoss: 0 });
  });
});

describe('a chain that gets wet', () => {
  it('dries in 6 h in workshop air once soaked by a mm, in a share of that by less', () => {
    const wetted = (mm: number, before = 0) => {
      const state = chain({ wetLeftH: before });
      wetOn(state, mm, WORKSHOP);
      return state.wetLeftH;
    };
    expect(wetted(1)).toBeCloseTo(6, 9);
    expect(wetted(7)).toBeCloseTo(6, 9);
    expect(wetted(0.25)).toBeCloseTo(1.5, 9);
    expect(wetted(0)).toBe(0);
    // What was wetter stays so.
    expect(wetted(0.25, 4)).toBe(4);
    expect(wetted(0, 4)).toBe(4);
  });

  it('on a ride is wet for its wet share of the hours, rusts meanwhile, and keeps salt', () => {
    const x: Exposure = {
      km: 50,
      hours: 2,
      wetShare: 0.25,
      waterMm: 0.5,
      onChainMm: 0.5,
      dirtPerKm: 1,
      wetDirtPerKm: 0,
      salted: false,
      load: 1,
    };
    const after = (more: Partial<Exposure>, before: Partial<ChainState> = {}) => {
      const state = bare({ wetHours: 1, ...before });
      rodeOn(state, { ...x, ...more }, WORKSHOP);
      return state;
    };
    expect(after({})).toMatchObject({ at: 2 * H, wetHours: 1.5, salted: false });
    expect(after({}).wetLeftH).toBeCloseTo(3, 9);
    // Of what was on it before, two hours of riding leave e⁻⁴.
    expect(after({ onChainMm: 0 }, { wetLeftH: 10 }).wetLeftH).toBeCloseTo(10 * Math.exp(-4), 9);
    expect(after({}).rust).toBeCloseTo(0.5 / 40, 12);
    expect(after({ salted: true }).salted).toBe(true);
    expect(after({ salted: true }).rust).toBeCloseTo((3 * 0.5) / 40, 12);
    expect(after({}, { salted: true }).salted).toBe(true);
  });
});

describe('a ride’s way, cut up', () => {
  const START = Date.parse('2026-05-10T10:00:00.000Z');
  const ride = (path: RideLogged['path']) =>
    stamped([rideBody('2026-05-10T10:00:00.000Z', 'b1', 50, { path })])[0] as RideLogged;
  const [north, south] = [cellOf(54.2, -2.9), cellOf(53.2, -2.9)];

  it('by its path: each leg at its middle, by its share of the time; standing still is no leg', () => {
    const slices = slicesOf(
      ride([
        [54.2, -2.9, 10],
        [54.2, -2.9, 40],
        [53.2, -2.9, 40],
        [53.2, -2.9, 70],
      ]),
      3,
      undefined,
    );
    expect(slices).toEqual([
      { cell: north, at: START + 25 * 60_000, share: 0.5 },
      { cell: south, at: START + 55 * 60_000, share: 0.5 },
    ]);
  });

  it('without one by the hour where the bike stood, at the middle of each', () => {
    expect(slicesOf(ride(null), 2.5, south)).toEqual(
      [0, 1, 2].map((n) => ({ cell: south, at: START + ((n + 0.5) * 2.5 * H) / 3, share: 1 / 3 })),
    );
    expect(slicesOf(ride([[54.2, -2.9, 0]]), 1, south)[0]?.cell).toBe(north);
    expect(slicesOf(ride(null), 0.4, south)).toHaveLength(1);
    expect(slicesOf(ride(null), 2, undefined)).toEqual([]);
  });

  it('ends in the square of its last point', () => {
    expect(
      endCell(
        ride([
          [54.2, -2.9, 0],
          [53.2, -2.9, 60],
        ]),
      ),
    ).toBe(south);
    expect(endCell(ride(null))).toBeNull();
  });
});

describe('the word for what was met', () => {
  it.each([
    [{ wetShare: 0, rainMmPerH: 2.6, dust: 0 }, true, 'downpour'],
    [{ wetShare: 0, rainMmPerH: 2.5, dust: 0 }, true, 'wet'],
    [{ wetShare: 0.7, rainMmPerH: 0, dust: 0 }, true, 'wet'],
    [{ wetShare: 0, rainMmPerH: 0.4, dust: 0 }, false, 'wet'],
    [{ wetShare: 0.69, rainMmPerH: 0.39, dust: 1 }, true, 'damp'],
    [{ wetShare: 0.15, rainMmPerH: 0, dust: 1 }, true, 'damp'],
    [{ wetShare: 0.14, rainMmPerH: 0, dust: 0.8 }, true, 'dusty'],
    [{ wetShare: 0.14, rainMmPerH: 0, dust: 0.79 }, true, 'dry'],
    [{ wetShare: 0, rainMmPerH: 0, dust: 1 }, false, 'dry'],
  ] as const)('%j on loose ground (%s) is %s', (met, loose, word) => {
    expect(wordOf(met, loose)).toBe(word);
  });
});
