import { clamp } from '@/core/units/convert';
import type { TapeShapes, TapeView } from './tapeGeometry';

/** Where to put the left edge so that a position in km is in view; stays within what there is. */
export function panTo(
  leftKm: number,
  view: Pick<TapeView, 'spanKm'>,
  riddenKm: number,
  aheadKm: number,
): number {
  return clamp(
    leftKm,
    Math.min(-riddenKm, -view.spanKm * 0.7),
    Math.max(aheadKm, view.spanKm * 0.4) - view.spanKm,
  );
}

/** The stitch under a place on the drawing, or the nearest within a finger's width. */
export function stitchAt(shapes: TapeShapes, px: number): string | null {
  const FINGER = 14;
  let best: string | null = null;
  let nearest = FINGER;
  for (const stitch of shapes.stitches) {
    const away = Math.max(stitch.from - px, px - stitch.to, 0);
    if (away < nearest) [best, nearest] = [stitch.id, away];
  }
  return best;
}
