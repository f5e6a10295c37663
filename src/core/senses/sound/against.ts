import { BANDS, DRY_FROM, type Levels } from './bands';

/** How much louder a chain is than the same one was when clean and coated, with its spread, dB. */
export interface Louder {
  db: number;
  sd: number;
}

/** The same chain, place and gear a second time differ by so much, dB. Own estimate: where the phone lies. */
const AGAIN_SD = 2;

/**
 * Returns how much louder a recording is than an earlier one of the same bike and gear between 2 and 8 kHz: the mean
 * of its bands' differences, with the spread of either over its seconds. Null where they share no band there.
 */
export function louderThan(quiet: Levels, now: Levels): Louder | null {
  const bands = bandsAbove(quiet, now);
  if (bands.length === 0) return null;
  const mean = (of: (k: number) => number) =>
    bands.reduce((sum, k) => sum + of(k), 0) / bands.length;
  const spread = ({ sd, seconds }: Levels) => mean((k) => sd[k] ?? 0) / Math.sqrt(seconds || 1);
  return {
    db: mean((k) => (now.db[k] as number) - (quiet.db[k] as number)),
    sd: Math.hypot(AGAIN_SD, spread(quiet), spread(now)),
  };
}

const bandsAbove = (quiet: Levels, now: Levels): number[] =>
  BANDS.flatMap((band, k) => (band >= DRY_FROM && isKnown(quiet, k) && isKnown(now, k) ? [k] : []));

const isKnown = ({ db }: Levels, k: number): boolean => typeof db[k] === 'number';
