import { mean, median, sampleStandardDeviation } from 'simple-statistics';
import type { Frames, Sound } from './frames';

/** What spoils a recording. */
export type Spoilt = 'too quiet' | 'clipped' | 'wind' | 'speech';

/** Below this between 500 Hz and 8 kHz there is only the microphone's own noise, dB. Own estimate. */
const QUIET_DB = -85;
/** More than this share of samples at the end of the scale. */
const CLIPPED = 5e-4;
const FULL = 0.99;
/** Wind lies below 160 Hz, this much above all the rest, dB, and swells by so much from quarter to quarter of a second. */
const WIND_DB = 15;
const GUSTS_DB = 2;
/** A voice: so many of the stretches have a pitch that moves by this share. */
const VOICED = 0.2;
const MOVES = 0.04;
/** A stretch has a pitch where its wave repeats as well as this. */
const REPEATS = 0.6;

/** Returns what spoils a recording; null: nothing does. */
export function spoiltBy(sound: Sound, frames: Frames): Spoilt | null {
  const all = sumBetween(frames, 500, 8000);
  if (10 * Math.log10(mean(all) + 1e-30) < QUIET_DB) return 'too quiet';
  let full = 0;
  for (const v of sound.samples) if (Math.abs(v) >= FULL) full += 1;
  if (full > CLIPPED * sound.samples.length) return 'clipped';
  if (isWind(frames, all)) return 'wind';
  return isSpeech(frames) ? 'speech' : null;
}

function isWind(frames: Frames, rest: readonly number[]): boolean {
  const low = sumBetween(frames, 20, 160);
  const above = 10 * Math.log10(mean(low) / mean(rest));
  if (above < WIND_DB) return false;
  const quarter = Math.max(1, Math.round(0.25 / frames.hop));
  const swells: number[] = [];
  for (let n = 0; n + quarter <= low.length; n += quarter)
    swells.push(10 * Math.log10(mean(low.slice(n, n + quarter)) + 1e-30));
  return sampleStandardDeviation(swells) > GUSTS_DB;
}

/** Power of each stretch between two frequencies. */
function sumBetween({ count, bins, power, step }: Frames, low: number, high: number): number[] {
  const [from, to] = [Math.ceil(low / step), Math.min(bins - 1, Math.floor(high / step))];
  return Array.from({ length: count }, (_, frame) => {
    let sum = 0;
    for (let bin = from; bin <= to; bin++) sum += power[frame * bins + bin] as number;
    return sum;
  });
}

/** Pitches of a voice, Hz, and the frequencies they are told by. */
const PITCH_FROM = 85;
const PITCH_TO = 350;
const TOLD_BY = [80, 1100] as const;

/** Whether somebody speaks: a pitch that comes and goes and moves, where a motor's or a wheel's hum stays. */
function isSpeech(frames: Frames): boolean {
  const { count, bins, power, step } = frames;
  const [from, to] = [Math.ceil(TOLD_BY[0] / step), Math.floor(TOLD_BY[1] / step)];
  const lags = Array.from(
    { length: 60 },
    (_, n) => 1 / (PITCH_FROM * (PITCH_TO / PITCH_FROM) ** (n / 59)),
  );
  const waves = lags.map((lag) =>
    Float32Array.from({ length: to - from + 1 }, (_, k) =>
      Math.cos(2 * Math.PI * (from + k) * step * lag),
    ),
  );
  const loud = sumBetween(frames, ...TOLD_BY);
  const typical = median(loud);
  const pitches: number[] = [];
  for (let frame = 0; frame < count; frame++) {
    const own = loud[frame] as number;
    if (own < 0.5 * typical || own <= 0) continue;
    let [best, at] = [0, 0];
    waves.forEach((wave, n) => {
      let sum = 0;
      for (let k = 0; k < wave.length; k++)
        sum += (wave[k] as number) * (power[frame * bins + from + k] as number);
      if (sum > best) [best, at] = [sum, n];
    });
    if (best / own > REPEATS) pitches.push(Math.log(lags[at] as number));
  }
  return pitches.length > VOICED * count && sampleStandardDeviation(pitches) > MOVES;
}
