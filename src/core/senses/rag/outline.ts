/** A point of a picture, as shares of its width and height. */
export type Point = readonly [x: number, y: number];
/** A closed line: its corners in order. */
export type Outline = readonly Point[];

const cross = (o: Point, a: Point, b: Point): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/** Returns the tightest line without a dent around points. Source: Andrew 1979, Inf. Process. Lett. 9:216. */
export function hullOf(points: readonly Point[]): Outline {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (of: readonly Point[]): Point[] => {
    const line: Point[] = [];
    for (const p of of) {
      while (line.length > 1 && cross(line.at(-2) as Point, line.at(-1) as Point, p) <= 0)
        line.pop();
      line.push(p);
    }
    return line.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

/** Area of an outline, as a share of the picture. */
export function areaOf(outline: Outline): number {
  let twice = 0;
  outline.forEach(([x, y], n) => {
    const [u, v] = outline[(n + 1) % outline.length] as Point;
    twice += x * v - u * y;
  });
  return Math.abs(twice) / 2;
}

/** Returns an outline with at most so many corners: those that enclose least go first. */
export function simpler(outline: Outline, corners: number): Outline {
  const left = [...outline];
  while (left.length > corners) {
    let [least, at] = [Infinity, 0];
    left.forEach((p, n) => {
      const lost = Math.abs(
        cross(left.at(n - 1) as Point, p, left[(n + 1) % left.length] as Point),
      );
      if (lost < least) [least, at] = [lost, n];
    });
    left.splice(at, 1);
  }
  return left;
}

/** The middle of an outline's corners. */
export function middleOf(outline: Outline): Point {
  const sum = outline.reduce<Point>(([u, v], [x, y]) => [u + x, v + y], [0, 0]);
  return [sum[0] / outline.length, sum[1] / outline.length];
}

/** An outline so many times as wide, about its middle. */
export function scaled(outline: Outline, times: number): Outline {
  const [u, v] = middleOf(outline);
  return outline.map(([x, y]) => [u + (x - u) * times, v + (y - v) * times] as const);
}

/** Returns which cells of a grid have their middle inside an outline: 1 inside, 0 outside. By the even-odd rule. */
export function inside(outline: Outline, across: number, down: number): Uint8Array {
  const mask = new Uint8Array(across * down);
  for (let row = 0; row < down; row++) {
    const y = (row + 0.5) / down;
    const cuts: number[] = [];
    outline.forEach(([ax, ay], n) => {
      const [bx, by] = outline[(n + 1) % outline.length] as Point;
      if (ay > y !== by > y) cuts.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
    });
    cuts.sort((a, b) => a - b);
    for (let k = 0; k + 1 < cuts.length; k += 2) {
      const from = Math.max(0, Math.ceil((cuts[k] as number) * across - 0.5));
      const to = Math.min(across - 1, Math.ceil((cuts[k + 1] as number) * across - 0.5) - 1);
      for (let x = from; x <= to; x++) mask[row * across + x] = 1;
    }
  }
  return mask;
}

/** The outline round cells of a grid: without a dent, of at most so many corners. */
export function around(
  cells: readonly number[],
  { across, down }: { across: number; down: number },
  corners: number,
): Outline {
  const ends = new Map<number, [first: number, last: number]>();
  for (const cell of cells) {
    const [row, column] = [Math.floor(cell / across), cell % across];
    const end = ends.get(row);
    if (!end) ends.set(row, [column, column]);
    else if (column < end[0]) end[0] = column;
    else if (column > end[1]) end[1] = column;
  }
  const points = [...ends].flatMap(([row, [first, last]]): Point[] =>
    [row, row + 1].flatMap((y): Point[] => [
      [first / across, y / down],
      [(last + 1) / across, y / down],
    ]),
  );
  return simpler(hullOf(points), corners);
}

const within = (share: number): number => Math.min(1, Math.max(0, share));

/** An outline with one corner elsewhere, within the picture. */
export const withCorner = (outline: Outline, corner: number, [x, y]: Point): Outline =>
  outline.map((p, n) => (n === corner ? ([within(x), within(y)] as const) : p));

/** The sides of an outline that can be pulled, and its middle. */
export const HOLDS = ['left', 'right', 'top', 'bottom', 'middle'] as const;
export type Hold = (typeof HOLDS)[number];

/** A pulled outline stays at least so wide and high. */
const THINNEST = 0.02;

/** Where an outline can be held: the middle of each side of the box around it, and its middle. */
export function holdsOf(outline: Outline): Record<Hold, Point> {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const [u, v] = [(left + right) / 2, (top + bottom) / 2];
  return { left: [left, v], right: [right, v], top: [u, top], bottom: [u, bottom], middle: [u, v] };
}

/** An outline pulled by a side, the opposite one staying; by its middle, all of it moves. Within the picture. */
export function pulled(outline: Outline, hold: Hold, [x, y]: Point): Outline {
  const { left, right, top, bottom, middle } = holdsOf(outline);
  const [x0, x1, y0, y1] = [left[0], right[0], top[1], bottom[1]];
  if (hold === 'middle') {
    const by = (to: number, low: number, high: number, at: number) =>
      Math.min(1 - high, Math.max(-low, to - at));
    const [dx, dy] = [by(x, x0, x1, middle[0]), by(y, y0, y1, middle[1])];
    return outline.map(([u, v]) => [u + dx, v + dy] as const);
  }
  const stretch = (value: number, from: number, to: number, [a, b]: readonly [number, number]) =>
    a + ((value - from) / (to - from || 1)) * (b - a);
  const xs =
    hold === 'left'
      ? ([Math.min(within(x), x1 - THINNEST), x1] as const)
      : ([x0, hold === 'right' ? Math.max(within(x), x0 + THINNEST) : x1] as const);
  const ys =
    hold === 'top'
      ? ([Math.min(within(y), y1 - THINNEST), y1] as const)
      : ([y0, hold === 'bottom' ? Math.max(within(y), y0 + THINNEST) : y1] as const);
  return outline.map(([u, v]) => [stretch(u, x0, x1, xs), stretch(v, y0, y1, ys)] as const);
}

/** An outline without the corners that lie closer to the next than a finger tells apart, as shares of the picture; at least three stay. */
export function apart(outline: Outline, least: number): Outline {
  const left = [...outline];
  for (let n = left.length - 1; n >= 0 && left.length > 3; n--) {
    const [x, y] = left[n] as Point;
    const [u, v] = left[(n + 1) % left.length] as Point;
    if (Math.hypot(x - u, y - v) < least) left.splice(n, 1);
  }
  return left;
}

/** A new mark to be dragged into place: six corners about the middle of the rag. */
export function newMark(rag: Outline): Outline {
  const [u, v] = middleOf(rag);
  const reach = Math.sqrt(areaOf(rag)) / 6;
  return Array.from({ length: 6 }, (_, n) => {
    const way = (n * Math.PI) / 3;
    return [within(u + reach * Math.cos(way)), within(v + reach * Math.sin(way))] as const;
  });
}
