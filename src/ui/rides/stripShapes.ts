import { clamp } from '@/core/units/convert';
import { isSalted, wetShareOf } from '@/core/weather/road';
import type { StripHour } from '@/core/care/replay/strip';

/** Heights of the strip in px, from the top: rain hangs down, the road lies under it, hours below. */
export const STRIP = {
  height: 88,
  rainTop: 4,
  rainBottom: 44,
  roadTop: 46,
  roadBottom: 60,
} as const;

/** Rain at which a bar is full, mm/h: heavy by the AMS is above 7.6. */
const FULL_MM = 7.6;
/** An hour is at most this wide, so that a short ride does not fill a wide screen with three bars. */
const MOST_PX = 56;

export interface StripShape {
  x: number;
  width: number;
  /** Height of the rain's bar, px. */
  rain: number;
  /** Share of the road that is wet, 0 to 1; null where nothing is known. */
  wet: number | null;
  riding: boolean;
  salted: boolean;
  /** Local hour, on every hour there is room for. */
  label: string | null;
}

const LABEL_PX = 28;

/** What the strip of a ride draws, hour by hour. */
export function stripShapes(
  strip: readonly StripHour[],
  widthPx: number,
  hourText: (at: number) => string,
): StripShape[] {
  const width = Math.min(MOST_PX, widthPx / Math.max(1, strip.length));
  const every = Math.ceil(LABEL_PX / Math.max(1, width));
  const scale = STRIP.rainBottom - STRIP.rainTop;
  return strip.map(({ at, hour, riding }, n) => ({
    x: n * width,
    width,
    rain: hour ? Math.sqrt(clamp(hour.rainMm / FULL_MM, 0, 1)) * scale : 0,
    wet: hour ? wetShareOf(hour.road) : null,
    riding,
    salted: hour !== null && isSalted(hour.road),
    label: n % every === 0 ? hourText(at) : null,
  }));
}
