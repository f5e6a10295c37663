import { BANDS, type Levels } from './bands';
import type { Recording } from './listen';
import type { Turn } from './turn';

/** The strength of what begins, over time, in px of a drawing. */
export interface OnsetShapes {
  /** A line of points, as SVG writes it. */
  line: string;
  /** Where each turn of the cranks begins. */
  turns: number[];
}

/** Returns the onsets of a recording in a drawing so wide and high. */
export function onsetShapes(
  { onsets, seconds }: Recording,
  turn: Turn,
  { width, height }: { width: number; height: number },
): OnsetShapes {
  const most = Math.max(1e-9, ...onsets);
  const step = width / Math.max(1, onsets.length - 1);
  const line = onsets
    .map((v, n) => `${(n * step).toFixed(1)},${(height * (1 - v / most)).toFixed(1)}`)
    .join(' ');
  const count = Math.floor(seconds / turn.seconds);
  const turns = Array.from({ length: count + 1 }, (_, n) => (n * turn.seconds * width) / seconds);
  return { line, turns };
}

/** A band as a bar, in px. */
export interface BandBar {
  band: number;
  x: number;
  width: number;
  y: number;
  height: number;
  /** Where its quiet lies; null: there is none. */
  quietY: number | null;
}

/** Lowest level that is drawn below the loudest, dB. */
const RANGE_DB = 50;

/** Returns the level of each band as a bar, beside its quiet. */
export function bandBars(
  levels: Levels,
  quiet: Levels | null,
  { width, height }: { width: number; height: number },
): BandBar[] {
  const all = [...levels.db, ...(quiet?.db ?? [])].filter((db) => db !== null);
  const top = Math.max(...all);
  const each = width / BANDS.length;
  const yOf = (db: number) => (Math.min(RANGE_DB, top - db) / RANGE_DB) * height;
  return BANDS.flatMap((band, n) => {
    const db = levels.db[n];
    if (typeof db !== 'number') return [];
    const [y, still] = [yOf(db), quiet?.db[n]];
    return [
      {
        band,
        x: n * each + 1,
        width: each - 2,
        y,
        height: height - y,
        quietY: typeof still === 'number' ? yOf(still) : null,
      },
    ];
  });
}
