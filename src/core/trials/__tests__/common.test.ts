import type { CoatRun } from '../coats';
import { commonOf, evenedKm, evenedLevel, livesIn, offsetOf, type Common } from '../common';

const ridden = { loadKm: 150, waterMm: 2, hours: 168, dirt: 200, wetDirt: 0 };
const common = (more: Partial<Common> = {}): Common => ({ km: 150, ...ridden, ...more });

describe('what riding takes of a lube by the handbook', () => {
  it('is distance, water and a week of standing, by hand: dry lube 1 + 2 × 0.35 + 0.25', () => {
    expect(livesIn(ridden, 'dry')).toBeCloseTo(1.95, 9);
    expect(livesIn(ridden, 'wet')).toBeCloseTo(150 / 400 + 2 * 0.03 + 0.02, 9);
  });

  it('sets two lubes apart in the weather that both were ridden in, by squeak and by rag', () => {
    const wet = 150 / 400 + 0.06 + 0.02;
    expect(offsetOf('squeak', common(), 'wet', 'dry')).toBeCloseTo(Math.log(1.95 / wet), 9);
    expect(offsetOf('squeak', common(), 'dry', 'wet')).toBeCloseTo(Math.log(wet / 1.95), 9);
    expect(offsetOf('squeak', common(), 'wet', 'wet')).toBe(0);
    expect(offsetOf('squeak', common({ km: 0 }), 'wet', 'dry')).toBe(0);
    // On a dry road by how they stick, 1.5 and 0.6; on a wet one what sticks less is held by the water.
    expect(offsetOf('rag', common(), 'wet', 'dry')).toBeCloseTo(Math.log(1.5 / 0.6), 9);
    expect(offsetOf('rag', common({ wetDirt: 200 }), 'wet', 'dry')).toBeCloseTo(Math.log(1.5), 9);
  });

  it('evens a coat out: so many lives in the weather of all', () => {
    expect(evenedKm(1, common(), 'dry')).toBeCloseTo(150 / 1.95, 9);
    expect(evenedKm(2, common(), 'wet')).toBeCloseTo(300 / (150 / 400 + 0.08), 9);
    expect(evenedKm(1, common({ km: 0 }), 'wet')).toBe(0);
  });

  it('evens a rag out: as dirty as after its distance in the weather of all, from a clean chain', () => {
    const rag = (level: number, gathered: number, km: number): CoatRun['rags'][number] => ({
      kind: 'rag',
      level,
      sd: 0.04,
      leftOutside: 0.1,
      gathered,
      km,
    });
    // One gathered 0.2 in 100 km, the other 0.4; both twice as much as by the handbook.
    const twice = (g: number) => 1 - 0.9 * Math.exp(-2 * g);
    const rags = [rag(twice(0.2), 0.2, 100), rag(twice(0.4), 0.4, 100)];
    const even = 1 - Math.exp(-2 * (0.6 / 200) * 80);
    for (const one of rags) expect(evenedLevel(one, rags, 80)).toBeCloseTo(even, 9);
    expect(evenedLevel(rag(0.05, 0.2, 100), rags, 80)).toBe(0);
  });

  it('is added up over coats', () => {
    const run = { km: 40, ridden } as CoatRun;
    expect(commonOf([run, run])).toEqual({
      km: 80,
      loadKm: 300,
      waterMm: 4,
      hours: 336,
      dirt: 400,
      wetDirt: 0,
    });
  });
});
