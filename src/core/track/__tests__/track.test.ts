import fc from 'fast-check';
import geodesic from 'geographiclib-geodesic';
import { distanceKm } from '../distance';
import { summariseTrack, type TrackPoint } from '../summary';
import { cases } from '@/test/cases';

const reference = (a: TrackPoint, b: TrackPoint) =>
  geodesic.Geodesic.WGS84.Inverse(a.lat, a.lon, b.lat, b.lon).s12 / 1000;

/** A ride along a line: points a second apart, metres between them. */
function line(count: number, metres: number, from = { lat: 54, lon: -3 }): TrackPoint[] {
  return Array.from({ length: count }, (_, i) => ({
    lat: from.lat + (i * metres) / 111_320,
    lon: from.lon,
    at: 1_770_000_000_000 + i * 1000,
    elevationM: null,
  }));
}

describe('distance', () => {
  it('is the WGS84 geodesic (npm geographiclib-geodesic, Karney 2013) within 0.1 % up to 50 km', () => {
    const place = {
      lat: fc.double({ min: -70, max: 70, noNaN: true }),
      lon: fc.double({ min: -180, max: 180, noNaN: true }),
    };
    const step = fc.double({ min: -0.3, max: 0.3, noNaN: true });
    fc.assert(
      fc.property(fc.record(place), step, step, (from, north, east) => {
        const a = { ...from, at: null, elevationM: null };
        const b = { ...a, lat: from.lat + north, lon: from.lon + east };
        const exact = reference(a, b);
        fc.pre(exact > 0.001);
        expect(Math.abs(distanceKm(a, b) / exact - 1)).toBeLessThan(0.001);
      }),
      { numRuns: cases(500) },
    );
  });

  it('goes the short way across the date line', () => {
    expect(distanceKm({ lat: 0, lon: 179.99 }, { lat: 0, lon: -179.99 })).toBeCloseTo(2.226, 2);
  });
});

describe('a track', () => {
  const of = (...segments: TrackPoint[][]) => summariseTrack(segments);

  it('adds up to the geodesic within 0.3 %, and its moving time to the time in motion', () => {
    const points = line(3600, 7);
    const exact = points.slice(1).reduce((km, p, i) => km + reference(points[i]!, p), 0);
    const summary = of(points);
    if (!summary.ok) throw new Error(summary.problem.code);
    expect(Math.abs(summary.value.distanceKm / exact - 1)).toBeLessThan(0.003);
    expect(summary.value.movingH).toBeCloseTo(1, 2);
    expect(summary.value.startedAt).toBe(points[0]?.at);
  });

  it('does not count a stop, nor the way between two segments', () => {
    const out = line(600, 7);
    const end = out.at(-1)!;
    const stop = Array.from({ length: 600 }, (_, i) => ({ ...end, at: end.at! + 1000 * (i + 1) }));
    const stopped = of([...out, ...stop]);
    expect(stopped.ok && stopped.value.movingH).toBeCloseTo(600 / 3600, 2);
    const home = line(600, 7, { lat: 55, lon: -3 }).map((p) => ({ ...p, at: p.at! + 3_600_000 }));
    const both = of(out, home);
    expect(both.ok && both.value.distanceKm).toBeCloseTo(2 * 599 * 0.007, 1);
  });

  it('leaves out jumps, lost positions and points out of order', () => {
    const clean = line(600, 7);
    const spoilt = clean.flatMap((p, i) => {
      if (i === 200) return [p, { ...p, lat: 0, lon: 0, at: p.at! + 100 }];
      if (i === 300) return [p, { ...p, lat: 58.5, at: p.at! + 200 }];
      if (i === 400) return [p, { ...p, at: p.at! - 50_000 }];
      return [p];
    });
    const [a, b] = [of(clean), of(spoilt)];
    expect(a.ok && b.ok && Math.abs(b.value.distanceKm / a.value.distanceKm - 1)).toBeLessThan(
      0.001,
    );
  });

  it('goes on where the recorder does after a jump of 500 km, and does not count the way there', () => {
    const out = line(600, 7);
    const far = line(20_000, 7, { lat: 58.5, lon: -3 }).map((p) => ({ ...p, at: p.at! + 601_000 }));
    const both = of([...out, ...far]);
    expect(both.ok && both.value.distanceKm).toBeGreaterThan(140);
    expect(both.ok && both.value.distanceKm).toBeLessThan(145);
  });

  it('keeps a point every five kilometres and both ends, to a hundredth of a degree', () => {
    const summary = of(line(3600, 7));
    if (!summary.ok) throw new Error(summary.problem.code);
    const { path } = summary.value;
    expect(path).toHaveLength(7);
    expect(path[0]).toEqual([54, -3, 0]);
    expect(path.at(-1)).toEqual([54.23, -3, 60]);
  });

  it('adds up climbs and lets a wavering sensor waver', () => {
    const heights = (of: (i: number) => number) =>
      line(1000, 7).map((p, i) => ({ ...p, elevationM: of(i) }));
    const hill = summariseTrack([heights((i) => (i < 500 ? i / 5 : 200 - i / 5))]);
    expect(hill.ok && hill.value.climbM).toBeGreaterThan(95);
    expect(hill.ok && hill.value.climbM).toBeLessThanOrEqual(100);
    const flat = summariseTrack([heights((i) => 50 + (i % 3))]);
    expect(flat.ok && flat.value.climbM).toBe(0);
    const unknown = of(line(1000, 7));
    expect(unknown.ok && unknown.value.climbM).toBeNull();
  });

  it.each([
    ['no points', [], 'track/empty'],
    ['no times', line(50, 7).map((p) => ({ ...p, at: null })), 'track/no-times'],
    ['no positions', line(50, 7).map((p) => ({ ...p, lat: 0, lon: 0 })), 'track/no-distance'],
    ['standing still', line(50, 0), 'track/no-distance'],
    ['nonsense positions', line(50, 7).map((p) => ({ ...p, lat: NaN })), 'track/no-distance'],
  ])('with %s says so', (_, points, code) => {
    expect(of(points)).toMatchObject({ ok: false, problem: { code } });
  });
});
