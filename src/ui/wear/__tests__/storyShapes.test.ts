import type { Span } from '@/core/wear/lanes';
import { DAY_PX, RIDES_PX, shapesBetween, spanAt, storyScale, timeAt, xOf } from '../storyShapes';
import { storyTicks } from '../storyTicks';

const DAY = 86_400_000;
const FROM = new Date(2026, 0, 5).getTime();
const span = (day: number, dryKm: number, wetKm = 0, cost = 0): Span => ({
  cost,
  at: FROM + day * DAY,
  dryKm,
  wetKm,
  lanes: new Set(['lubed']),
  rows: [],
});
const SPANS = [span(0, 40), span(1, 10, 30), span(30, 80), span(90, 0)];
const NOW = FROM + 100 * DAY;

describe('the tape of a life', () => {
  it('is as long as its days, and its highest bar has the most kilometres', () => {
    const scale = storyScale(SPANS, 'months', NOW);
    expect(scale.width).toBeGreaterThan(100 * DAY_PX.months);
    expect(scale.mostKm).toBe(80);
    expect(timeAt(scale, xOf(scale, NOW))).toBe(NOW);
    expect(storyScale([], 'years', NOW)).toMatchObject({ from: NOW, mostKm: 1 });
  });

  it('draws what is in view and no more: dry below, wet above it', () => {
    const scale = storyScale(SPANS, 'months', NOW);
    const all = shapesBetween(SPANS, scale, 0, scale.width);
    expect(all.map((s) => s.x)).toEqual([8, 19, 338, 998]);
    const mixed = all[1]!;
    expect(mixed.wet.height).toBeCloseTo(3 * mixed.dry.height, 9);
    expect(mixed.wet.y + mixed.wet.height).toBeCloseTo(mixed.dry.y, 9);
    expect(all[2]!.dry.height).toBe(RIDES_PX - 8);
    expect(shapesBetween(SPANS, scale, 300, 400).map((s) => s.x)).toEqual([338]);
    // A bar that begins before the view and reaches into it is drawn.
    expect(shapesBetween(SPANS, scale, 343, 400).map((s) => s.x)).toEqual([338]);
    expect(shapesBetween(SPANS, scale, 400, 900)).toEqual([]);
  });

  it('shows what was spent beside the most that was', () => {
    const spans = [span(0, 0, 0, 2), span(1, 0, 0, 1), span(2, 5)];
    const scale = storyScale(spans, 'months', NOW);
    const [most, half, none] = shapesBetween(spans, scale, 0, 100).map((s) => s.spent);
    expect(most!.height).toBe(2 * half!.height);
    expect(most!.y + most!.height).toBe(half!.y + half!.height);
    expect(none!.height).toBe(0);
  });

  it('finds the span under a finger, or the nearest within its width', () => {
    const scale = storyScale(SPANS, 'months', NOW);
    expect(spanAt(SPANS, scale, 20)).toBe(SPANS[1]);
    expect(spanAt(SPANS, scale, 353)).toBe(SPANS[2]);
    expect(spanAt(SPANS, scale, 330)).toBe(SPANS[2]);
    expect(spanAt(SPANS, scale, 500)).toBeNull();
  });

  it.each([
    ['years', 0, 400, ['2026', 'Apr', 'Jul', 'Oct', '2027']],
    ['months', 0, 200, ['5 Jan', '12 Jan', '19 Jan']],
    ['weeks', 0, 138, ['5 Jan', '6', '7']],
    ['days', 0, 258, ['Mon 5 Jan', 'Tue 6 Jan']],
  ] as const)('by %s has its marks at first moments', (zoom, left, right, labels) => {
    const scale = storyScale(SPANS, zoom, NOW);
    expect(storyTicks(scale, left, right).map((t) => t.label.replace(',', ''))).toEqual(labels);
  });

  it('draws twenty years no slower than one: the same few shapes', () => {
    const years = Array.from({ length: 5000 }, (_, n) => span(n * 1.4, 30));
    const scale = storyScale(years, 'months', years.at(-1)!.at);
    const middle = scale.width / 2;
    expect(shapesBetween(years, scale, middle, middle + 1000).length).toBeLessThan(80);
  });
});
