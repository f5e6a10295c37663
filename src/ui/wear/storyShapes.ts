import { MS_PER_DAY } from '@/core/units/convert';
import { LANES, type Lane, type Span, type Zoom } from '@/core/wear/lanes';

/** Px a day at each zoom: a year, a month, a week and a day and a half on a phone. */
export const DAY_PX: Record<Zoom, number> = { years: 1, months: 11, weeks: 50, days: 240 };
/** How much of a span its bar fills, px. */
const BAR_PX: Record<Zoom, number> = { years: 5, months: 8, weeks: 30, days: 40 };

export const LANE_PX = 22;
export const RIDES_PX = 70;
/** What was spent has a lane of its own, below the others. */
export const SPENT_GROUND = (LANES.length + 1) * LANE_PX;
const AXIS_PX = 24;
export const GROUND = SPENT_GROUND + RIDES_PX;
export const STORY_HEIGHT = GROUND + AXIS_PX;

/** A life laid out at a zoom: where days lie, px from its start. */
export interface StoryScale {
  zoom: Zoom;
  from: number;
  width: number;
  /** Km of a bar that fills its room. */
  mostKm: number;
  /** What a bar of the most spent stands for. */
  mostCost: number;
}

/** Room before the first day, px, and beyond the last. */
export const BEFORE_PX = 8;
const AFTER_PX = 24;

/** The scale of a life from its first span on to a moment. */
export function storyScale(spans: readonly Span[], zoom: Zoom, now: number): StoryScale {
  const from = spans[0]?.at ?? now;
  const days = Math.max(0, (now - from) / MS_PER_DAY);
  const mostKm = Math.max(1, ...spans.map((s) => s.dryKm + s.wetKm));
  const mostCost = Math.max(0.01, ...spans.map((s) => s.cost));
  return {
    zoom,
    from,
    width: BEFORE_PX + days * DAY_PX[zoom] + AFTER_PX + BAR_PX[zoom],
    mostKm,
    mostCost,
  };
}

export const xOf = ({ from, zoom }: StoryScale, at: number): number =>
  BEFORE_PX + ((at - from) / MS_PER_DAY) * DAY_PX[zoom];
export const timeAt = ({ from, zoom }: StoryScale, x: number): number =>
  from + ((x - BEFORE_PX) / DAY_PX[zoom]) * MS_PER_DAY;

/** A span as it is drawn. */
export interface SpanShape {
  span: Span;
  x: number;
  width: number;
  /** The bar of its kilometres: dry below, wet above it. */
  dry: { y: number; height: number };
  wet: { y: number; height: number };
  spent: { y: number; height: number };
  dots: { lane: Lane; y: number }[];
}

/** The spans that lie between two places (px), ready to draw: only these, so that twenty years cost no more than one. */
export function shapesBetween(
  spans: readonly Span[],
  scale: StoryScale,
  left: number,
  right: number,
): SpanShape[] {
  const width = BAR_PX[scale.zoom];
  const first = firstAfter(spans, timeAt(scale, left - width));
  const shapes: SpanShape[] = [];
  for (let n = first; n < spans.length; n++) {
    const span = spans[n]!;
    const x = xOf(scale, span.at);
    if (x > right) break;
    const px = (km: number) => ((RIDES_PX - 8) * km) / scale.mostKm;
    const dry = px(span.dryKm);
    const wet = px(span.wetKm);
    const spent = ((LANE_PX - 4) * span.cost) / scale.mostCost;
    shapes.push({
      span,
      x,
      width,
      dry: { y: GROUND - dry, height: dry },
      wet: { y: GROUND - dry - wet, height: wet },
      spent: { y: SPENT_GROUND - spent, height: spent },
      dots: LANES.flatMap((lane, row) =>
        span.lanes.has(lane) ? [{ lane, y: (row + 0.5) * LANE_PX }] : [],
      ),
    });
  }
  return shapes;
}

/** The first span that begins at or after a moment; spans are in order of time. */
function firstAfter(spans: readonly Span[], at: number): number {
  let [low, high] = [0, spans.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (spans[middle]!.at < at) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** A finger hits a span so near, px. */
const FINGER_PX = 20;

/** The span under a place, or the nearest within a finger's width; null: none. */
export function spanAt(spans: readonly Span[], scale: StoryScale, x: number): Span | null {
  const near = shapesBetween(spans, scale, x - FINGER_PX, x + FINGER_PX);
  const away = (s: SpanShape) => Math.max(s.x - x, x - s.x - s.width, 0);
  const best = near.reduce<SpanShape | null>((a, b) => (a && away(a) <= away(b) ? a : b), null);
  return best && away(best) <= FINGER_PX ? best.span : null;
}
