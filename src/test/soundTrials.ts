import { Chance } from '@/core/chance/chance';
import { framesOf } from '@/core/senses/sound/frames';
import { onsetsOf } from '@/core/senses/sound/onsets';
import { periodsOf, type Beating } from '@/core/senses/sound/period';
import { addClicks, pinkNoise, type Made } from './chainSound';

/** What comes again and again in a sound. */
export function periodsIn(sound: Made): Beating[] {
  const frames = framesOf(sound);
  return periodsOf(onsetsOf(frames), frames.hop);
}

/** Loudness of the clicks over the noise they lie in, dB: root mean squares, of the click over its 10 ms. */
export const SNRS = [-10, -5, 0, 5, 10, 20] as const;

/** Recordings of one loudness, and how many of their periods were found within 2 %. */
export interface HitRow {
  snr: number;
  recordings: number;
  found: number;
}

/** Clicks of a random period in pink noise, 15 s each, as many of each loudness as come. */
export function hitRows(recordings: number): HitRow[] {
  const rows = SNRS.map((snr): HitRow => ({ snr, recordings: 0, found: 0 }));
  for (let seed = 0; seed < recordings; seed++) {
    const row = rows[seed % rows.length] as HitRow;
    const chance = new Chance(seed, 20);
    const period = 0.18 * (3 / 0.18) ** chance.uniform();
    const noise = 0.01;
    const sound = addClicks(pinkNoise(15, noise, seed), {
      period,
      rms: noise * 10 ** (row.snr / 20),
      jitter: 0.004,
      seed,
    });
    row.recordings += 1;
    if (periodsIn(sound).some((p) => Math.abs(p.period / period - 1) < 0.02)) row.found += 1;
  }
  return rows;
}

/** Recordings of noise alone in which something was thought to come again and again. */
export function falseBeats(recordings: number): number {
  let found = 0;
  for (let seed = 0; seed < recordings; seed++)
    if (periodsIn(pinkNoise(15, 0.01, 10_000 + seed)).length > 0) found += 1;
  return found;
}
