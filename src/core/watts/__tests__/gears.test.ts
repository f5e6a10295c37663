import { PRESETS } from '../../garage/presets';
import type { Bike } from '../../records/garage';
import { ridesOf } from '@/test/events';
import { crossingAngle, crossingWatts, gearMap, gearTime, usualCrossing } from '../gears';
import { WATTS } from '../constants';

const [plain] = ridesOf([40]);
const ride = (more: object) => ({ ...plain!, ...more });

const bike = (more: Partial<Bike> = {}): Bike => ({
  ...PRESETS.road.specs,
  id: 'b',
  name: 'Road',
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
  ...more,
});

describe('the angle of a crossed chain', () => {
  // By hand for a chainstay of 410 mm: tan 1° = 0.017455, tan 2° = 0.034921, tan 3° = 0.052408.
  it.each([
    [0, 0],
    [7.157, 1],
    [14.318, 2],
    [21.487, 3],
    [-21.487, -3],
  ])('%f mm aside on a 410 mm stay is %f degrees', (offset, angle) => {
    expect(crossingAngle(offset, 410)).toBeCloseTo(angle, 3);
  });

  it('loses 2 to 3 W above some 3 degrees, at 250 W (common practice)', () => {
    for (const angle of [3.05, 3.3, 3.6]) {
      expect(crossingWatts(angle)).toBeGreaterThanOrEqual(2);
      expect(crossingWatts(angle)).toBeLessThanOrEqual(3);
      expect(crossingWatts(-angle)).toBe(crossingWatts(angle));
    }
    expect(crossingWatts(1)).toBeLessThan(0.3);
  });
});

describe('a gear map', () => {
  const measured = bike({
    rings: [34, 50],
    speeds: 11,
    cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32],
    chainstayMm: 410,
    chainlineMm: 44.5,
  });

  it('has every ring with every cog, as worked out by hand', () => {
    const map = gearMap(measured)!;
    expect(map.rings).toEqual([50, 34]);
    expect(map.assumed).toEqual([]);
    expect(map.gears).toHaveLength(2);
    expect(map.gears.every((row) => row.length === 11)).toBe(true);
    // Large ring 44.5 + 3.75 = 48.25 mm; largest cog 44.5 - 5 x 3.8 = 25.5 mm: 22.75 mm aside, 3.176 degrees.
    const crossed = map.gears[0]![10]!;
    expect(crossed).toMatchObject({ ring: 50, cog: 32, crossed: true });
    expect(crossed.angle).toBeCloseTo(-3.176, 3);
    // Small ring 40.75 mm, smallest cog 63.5 mm: as far to the other side.
    expect(map.gears[1]![0]!.angle).toBeCloseTo(3.176, 3);
    // Large ring with the fifth cog, 44.5 + 3.8 = 48.3 mm: 0.05 mm aside.
    expect(Math.abs(map.gears[0]![4]!.angle)).toBeLessThan(0.01);
  });

  it('says what of a bike is assumed, and spaces unknown cogs evenly', () => {
    const map = gearMap(bike({ smallestCog: 11, largestCog: 34, speeds: 11 }))!;
    expect(map.assumed).toEqual(['cogs', 'chainstay', 'chainline']);
    expect(map.cogs[0]).toBe(11);
    expect(map.cogs.at(-1)).toBe(34);
    expect([...map.cogs].sort((a, b) => a - b)).toEqual(map.cogs);
  });

  it('is none where the chain always runs in one line', () => {
    expect(gearMap(bike({ gear: 'hub' }))).toBeNull();
    expect(gearMap(bike({ gear: 'single' }))).toBeNull();
  });

  it('weighs the gears that rides recorded, and leaves out rides without', () => {
    const map = gearMap(measured)!;
    expect(gearTime(map, [ride({ id: 'a' })])).toBeNull();
    const time = gearTime(map, [
      ride({ id: 'a', gears: [[50, 32, 30]] }),
      ride({ id: 'b', gears: [[50, 15, 90]] }),
    ])!;
    expect(time.minutes).toBe(120);
    expect(time.crossed).toBe(30);
    expect(time.byGear.get('50/15')).toBe(90);
    const byHand = (crossingWatts(map.gears[0]![10]!.angle) * 30) / 120;
    expect(time.watts).toBeCloseTo(byHand, 2);
    // All but what the straight gear takes can be left alone.
    expect(time.avoidable).toBeCloseTo(byHand, 9);
  });

  it('takes the middle of the cogs as usual', () => {
    const map = gearMap(measured)!;
    expect(usualCrossing(map)).toBeGreaterThan(0);
    expect(usualCrossing(map)).toBeLessThan(WATTS.crossingW.value / 2);
  });

  it('stays a map for one speed and for ten thousand odd bikes', () => {
    for (let speeds = 1; speeds <= 14; speeds++)
      for (const rings of [[30], [50, 34], [50, 40, 30]]) {
        const map = gearMap(bike({ speeds, rings, smallestCog: 9, largestCog: 9 + speeds }))!;
        expect(map.cogs).toHaveLength(speeds);
        for (const gear of map.gears.flat()) expect(Number.isFinite(gear.watts)).toBe(true);
      }
  });
});
