import { mean, sampleStandardDeviation } from 'simple-statistics';
import { aWeight } from './aWeighting';
import { BANDS, edgesOf, exactMiddle, type Levels } from './bands';
import type { Frames } from './frames';

/** So quiet that there is nothing, dB. */
const SILENCE = -140;
/** Below this no microphone hears: less than a fiftieth of the last of sixteen bits, in a band. */
const NOTHING = -115;

/** Returns a sound's level in each band, second by second, as mean and scatter. */
export function levelsOf(frames: Frames): Levels {
  const { count, hop } = frames;
  const perSecond = Math.max(1, Math.round(1 / hop));
  const seconds = Math.floor(count / perSecond);
  const each = BANDS.map((band) => {
    if (edgesOf(band)[1] > (frames.bins - 1) * frames.step) return null;
    return Array.from({ length: seconds }, (_, s) =>
      bandDb(frames, band, s * perSecond, perSecond),
    );
  });
  // A file recorded at a lower rate holds nothing up there, whatever its rate is now.
  const heard = each.map((of) => (of && of.length > 0 && mean(of) > NOTHING ? of : null));
  return {
    db: heard.map((of) => of && mean(of)),
    sd: heard.map((of) => of && scatterOf(of)),
    seconds,
  };
}

function bandDb(frames: Frames, band: number, from: number, count: number): number {
  const { bins, power, step } = frames;
  const [low, high] = edgesOf(band);
  let sum = 0;
  // A band's edge falls between two frequencies: of each its share.
  for (let bin = Math.floor(low / step); bin <= Math.ceil(high / step); bin++) {
    const share = Math.min(high, (bin + 0.5) * step) - Math.max(low, (bin - 0.5) * step);
    if (share <= 0) continue;
    for (let frame = from; frame < from + count; frame++)
      sum += ((power[frame * bins + bin] as number) * share) / step;
  }
  return Math.max(SILENCE, 10 * Math.log10(sum / count + 1e-30) + aWeight(exactMiddle(band)));
}

/** One second alone has no scatter. */
const scatterOf = (values: number[]): number =>
  values.length < 2 ? 0 : sampleStandardDeviation(values);
