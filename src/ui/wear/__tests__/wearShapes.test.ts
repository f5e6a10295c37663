import type { WearOutlook } from '@/core/wear/outlook';
import { wearShapes, type Axis, type ChainDrawn } from '../wearShapes';

const DAY = 86_400_000;
const NOW = Date.parse('2026-07-01T12:00:00.000Z');
const FRAME = { width: 500, height: 240, left: 40, right: 10, top: 10, bottom: 30 };

/** A chain of 1,000 km and 0.2 % in 100 days, ridden 100 km a week or lying in the drawer. */
const chain = (id: string, more: Partial<WearOutlook> = {}, wear = 0.2): ChainDrawn => ({
  id,
  name: id,
  outlook: {
    state: { km: 1000, wear, wearSd: 0.05, wearFactor: 1, wearFactorSd: 0.1, wearTied: 0.001 },
    limit: 0.5,
    rate: { perKm: 0.2e-3, sigma: 0.2 },
    story: {
      fittedAt: NOW - 100 * DAY,
      line: [
        { at: NOW - 100 * DAY, km: 0, wear: 0 },
        { at: NOW - 50 * DAY, km: 500, wear: wear / 2 },
        { at: NOW - 20 * DAY, km: 1000, wear },
      ],
      readings: [
        { id: 'r', at: NOW - 50 * DAY, km: 500, percent: 0.1, sd: 0.05, between: null },
        { id: 'd', at: NOW - 20 * DAY, km: 1000, percent: 0.25, sd: 0.05, between: [0, 0.5] },
      ],
    },
    foresight: { mid: 1500, half: [1300, 1700], most: [1100, 2000], measureIn: 1100 },
    better: 2000,
    worse: 1000,
    past: 0,
    kmPerWeek: 100,
    coming: [],
    ...more,
  } as WearOutlook,
});
const drawn = (chains: ChainDrawn[], axis: Axis = 'distance') =>
  wearShapes(chains, axis, NOW, FRAME);
/** The points of a path. */
const points = (path: string) =>
  path.slice(1).replace('Z', '').split('L').map((p) => p.split(' ').map(Number)); // prettier-ignore

describe('a chart of wear', () => {
  it('goes from new to the end of what is foreseen, the wear so far and the middle to come as one line', () => {
    const { chains, ticks, percentTicks, limits } = drawn([chain('a')]);
    const line = points(chains[0]!.line);
    const middle = points(chains[0]!.middle);
    expect(line[0]).toEqual([40, 210]);
    // 1,000 km of 3,000 drawn: four fifths of futures reach the limit within 2,000 km.
    expect(line[2]![0]).toBeCloseTo(40 + 450 / 3, 0);
    expect(middle[0]![0]).toBeCloseTo(line[2]![0]!, 0);
    expect(middle[0]![1]).toBeCloseTo(line[2]![1]!, 0);
    expect(middle.at(-1)![0]).toBe(490);
    // 0.5 % of 0.575 % that are drawn.
    expect(limits[0]).toBeCloseTo(210 - (200 * 0.5) / 0.575, 6);
    expect(ticks.map((t) => t.value)).toEqual([0, 1000, 2000, 3000]);
    expect(percentTicks.map((t) => t.percent)[1]).toBeCloseTo(0.2, 9);
    const band = points(chains[0]!.band);
    expect(band).toHaveLength(50);
    // Its upper edge first: it lies higher than the lower one all the way.
    for (let n = 0; n < 25; n++) expect(band[n]![1]!).toBeLessThan(band[49 - n]![1]!);
  });

  it('puts readings where they were taken, with one standard deviation to each side, or what is left open', () => {
    const [ruler, checker] = drawn([chain('a')]).chains[0]!.readings;
    const y = (percent: number) => 210 - (200 * percent) / 0.575;
    expect(ruler!.x).toBeCloseTo(40 + 450 / 6, 6);
    expect(ruler!.top).toBeCloseTo(y(0.15), 6);
    expect(ruler!.bottom).toBeCloseTo(y(0.05), 6);
    expect([checker!.top, checker!.bottom]).toEqual([y(0.5), y(0)]);
  });

  it('by date puts each ride on its day, and goes on by the kilometres of a week', () => {
    const { chains, ticks } = drawn([chain('a')], 'date');
    const line = points(chains[0]!.line);
    // 100 days back, and 2,000 km or 20 weeks ahead: 240 days.
    expect(line.map(([x]) => x)).toEqual([40, 133.8, 190, 227.5]);
    expect(line[3]![1]).toBe(line[2]![1]);
    expect(points(chains[0]!.middle).at(-1)![0]).toBe(490);
    const starts = ticks.map((t) => new Date(t.value));
    expect(starts.every((d) => d.getDate() === 1 && d.getHours() === 0)).toBe(true);
    expect(starts.map((d) => d.getMonth() + 1)).toEqual([5, 7, 9, 11]);
  });

  it('of a chain in the drawer foresees nothing, and beside others leaves names readable', () => {
    const both = [chain('a'), chain('b', { kmPerWeek: 0 }, 0.21)];
    for (const axis of ['distance', 'date'] as const) {
      const [a, b] = drawn(both, axis).chains;
      expect(b!.band + b!.middle).toBe('');
      expect(a!.band).not.toBe('');
      expect(Math.abs(a!.label.y - b!.label.y)).toBeGreaterThanOrEqual(15);
    }
    // Alone, by distance, it tells what riding on would do.
    expect(drawn([both[1]!]).chains[0]!.band).not.toBe('');
    expect(drawn([both[1]!], 'date').chains[0]!.band).toBe('');
  });

  it('lies by date where the rides planned reach it, and by the usual week beyond', () => {
    const x = (coming: WearOutlook['coming']) =>
      points(drawn([chain('a', { coming })], 'date').chains[0]!.middle).map((p) => p[0]!);
    const usual = x([]);
    // 500 km tomorrow: a quarter of the 2,000 km drawn stands on one day, the rest comes five weeks sooner.
    const tour = x([{ at: NOW + DAY, km: 500 }]);
    expect(new Set(tour.slice(1, 7)).size).toBe(1);
    const [days, sooner] = [20 * 7, 15 * 7 + 1];
    const share = (ahead: number) => 40 + (450 * 100) / (100 + ahead);
    expect(usual[0]).toBeCloseTo(share(days), 0);
    expect(tour[0]).toBeCloseTo(share(sooner), 0);
  });

  it('has marks a reader can use, from a month to twenty years', () => {
    for (const days of [30, 90, 200, 400, 900, 2000, 4000, 7300]) {
      const old = chain('a', { kmPerWeek: 0 });
      old.outlook.story = { ...old.outlook.story, fittedAt: NOW - days * DAY };
      const { ticks } = drawn([old], 'date');
      expect([days, ticks.length >= 1 && ticks.length <= 7]).toEqual([days, true]);
      if (days > 60) expect(ticks.length).toBeGreaterThanOrEqual(2);
    }
  });
});
