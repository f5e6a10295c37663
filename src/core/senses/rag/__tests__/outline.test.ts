import fc from 'fast-check';
import {
  apart,
  areaOf,
  holdsOf,
  pulled,
  hullOf,
  inside,
  newMark,
  scaled,
  simpler,
  withCorner,
  type Point,
} from '../outline';
import { regionsOf, spread } from '../regions';

const point = fc.tuple(
  fc.integer({ min: 0, max: 100 }).map((x) => x / 100),
  fc.integer({ min: 0, max: 100 }).map((y) => y / 100),
);
const SQUARE: Point[] = [
  [0.2, 0.2],
  [0.8, 0.2],
  [0.8, 0.8],
  [0.2, 0.8],
];

describe('outlines', () => {
  it('of random points hold every one of them, and have no dent', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 40 }), (points) => {
        const hull = hullOf(points);
        fc.pre(hull.length >= 3);
        hull.forEach((a, n) => {
          const b = hull[(n + 1) % hull.length]!;
          // Every point lies on one side of every edge.
          for (const [x, y] of points)
            expect((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])).toBeGreaterThanOrEqual(
              -1e-9,
            );
        });
      }),
      { seed: 7, numRuns: 200 },
    );
  });

  it('cover the cells whose middle is inside, counted one by one', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 12 }), (points) => {
        const hull = hullOf(points);
        fc.pre(hull.length >= 3 && areaOf(hull) > 0.01);
        const mask = inside(hull, 31, 17);
        for (let cell = 0; cell < mask.length; cell++) {
          const [x, y] = [((cell % 31) + 0.5) / 31, (Math.floor(cell / 31) + 0.5) / 17];
          const sides = hull.map((a, n) => {
            const b = hull[(n + 1) % hull.length]!;
            return (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
          });
          if (sides.some((s) => Math.abs(s) < 1e-6)) continue;
          expect(mask[cell]).toBe(sides.every((s) => s > 0) ? 1 : 0);
        }
      }),
      { seed: 8, numRuns: 40 },
    );
  });

  it('have an area, lose least by fewer corners, and grow about their middle', () => {
    expect(areaOf(SQUARE)).toBeCloseTo(0.36);
    expect(areaOf(scaled(SQUARE, 1.5))).toBeCloseTo(0.36 * 2.25);
    const bevelled: Point[] = [...SQUARE.slice(0, 3), [0.21, 0.8], [0.2, 0.79]];
    expect(simpler(bevelled, 4)).toHaveLength(4);
    expect(areaOf(simpler(bevelled, 4))).toBeGreaterThan(0.35);
  });

  it('are pulled by a side, the other staying, and moved by their middle, within the picture', () => {
    expect(holdsOf(SQUARE)).toEqual({
      left: [0.2, 0.5],
      right: [0.8, 0.5],
      top: [0.5, 0.2],
      bottom: [0.5, 0.8],
      middle: [0.5, 0.5],
    });
    expect(holdsOf(pulled(SQUARE, 'left', [0.5, 0])).left[0]).toBeCloseTo(0.5);
    expect(holdsOf(pulled(SQUARE, 'left', [0.5, 0])).right[0]).toBeCloseTo(0.8);
    expect(holdsOf(pulled(SQUARE, 'bottom', [0, 1.7])).bottom[1]).toBe(1);
    expect(areaOf(pulled(SQUARE, 'right', [1, 0]))).toBeCloseTo(0.8 * 0.6);
    expect(areaOf(pulled(SQUARE, 'top', [0, 0.5]))).toBeCloseTo(0.6 * 0.3);
    // No side is pulled past the other.
    for (const hold of ['left', 'right', 'top', 'bottom'] as const) {
      const far: Point = hold === 'left' || hold === 'top' ? [1, 1] : [0, 0];
      expect(areaOf(pulled(SQUARE, hold, far))).toBeCloseTo(0.6 * 0.02);
    }
    expect(holdsOf(pulled(SQUARE, 'middle', [0.6, 0.55])).middle[0]).toBeCloseTo(0.6);
    const corner = holdsOf(pulled(SQUARE, 'middle', [1.5, -0.5]));
    expect(corner.right[0]).toBeCloseTo(1);
    expect(corner.top[1]).toBeCloseTo(0);
    expect(areaOf(pulled(SQUARE, 'middle', [1.5, -0.5]))).toBeCloseTo(0.36);
  });

  it('lose corners that a finger cannot tell apart', () => {
    const bevelled: Point[] = [...SQUARE.slice(0, 3), [0.23, 0.8], [0.2, 0.77]];
    expect(apart(bevelled, 0.1)).toHaveLength(4);
    expect(apart(SQUARE, 0.1)).toEqual(SQUARE);
    expect(apart(SQUARE, 9)).toHaveLength(3);
  });

  it('are moved by a corner, within the picture', () => {
    expect(withCorner(SQUARE, 1, [1.4, -0.2])[1]).toEqual([1, 0]);
    expect(withCorner(SQUARE, 1, [1.4, -0.2])[0]).toEqual(SQUARE[0]);
    const mark = newMark(SQUARE);
    expect(mark).toHaveLength(6);
    expect(areaOf(mark)).toBeLessThan(areaOf(SQUARE) / 4);
  });
});

describe('regions', () => {
  it('are the cells that hang together by their sides', () => {
    // Two squares that touch by a corner only.
    const mask = Uint8Array.from([1, 1, 0, 0, 1, 1, 0, 0, 0, 0, 1, 1]);
    expect(regionsOf(mask, 4).map((r) => r.sort((a, b) => a - b))).toEqual([
      [0, 1, 4, 5],
      [10, 11],
    ]);
    expect(regionsOf(mask, 4, () => false)).toHaveLength(6);
  });

  it('grow and shrink by their edge', () => {
    const dot = new Uint8Array(25);
    dot[12] = 1;
    const cross = spread(dot, 5, 1);
    expect([...cross].flatMap((is, n) => (is ? [n] : []))).toEqual([7, 11, 12, 13, 17]);
    expect(spread(cross, 5, -1)).toEqual(dot);
  });
});
