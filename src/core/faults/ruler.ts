import type { Beat, Heard } from './rhythm';

/** The ruler of events a turn, in px of a drawing so wide. */
export interface BeatShapes {
  /** `end`: its name stands left of it, for there is no room on the right. */
  marks: { beat: Beat; x: number; fits: boolean; end: boolean }[];
  band: { x: number; width: number };
  ticks: { x: number; label: string }[];
}

const EDGE = 10;
/** A band thinner than this is not seen, px. */
const THINNEST = 4;
/** Names stand right of their marks up to here. */
const NAMES_TURN = 0.6;
/** Room beyond the last mark. */
const BEYOND = 1.05;

/** Returns where the marks of all that turns and the band of a count fall: twice its error either way. */
export function beatShapes({ rate, sd, beats }: Heard, width: number): BeatShapes {
  const most = Math.max(rate + 2 * sd, ...beats.map((b) => b.rate)) * BEYOND;
  const x = (n: number) => EDGE + (Math.max(0, n) / most) * Math.max(0, width - 2 * EDGE);
  const from = x(rate - 2 * sd);
  const every = Math.max(1, Math.round(most / 6));
  return {
    marks: beats.map((b) => ({
      beat: b.beat,
      x: x(b.rate),
      fits: b.fits,
      end: x(b.rate) > NAMES_TURN * width,
    })),
    band: { x: from, width: Math.max(THINNEST, x(rate + 2 * sd) - from) },
    ticks: Array.from({ length: Math.floor(most / every) + 1 }, (_, n) => ({
      x: x(n * every),
      label: String(n * every),
    })),
  };
}
