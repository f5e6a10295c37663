import { aWeight } from './aWeighting';
import type { Frames } from './frames';

/** Middles of third-octave bands that a chain sounds in, Hz: nominal, as IEC 61260-1 names them. */
export const BANDS = [
  400, 500, 630, 800, 1000, 1250, 1600, 2000, 2500, 3150, 4000, 5000, 6300, 8000,
] as const;

/** Where a dry chain speaks, Hz. Common practice. */
export const DRY_FROM = 2000;

/** Exact middle of a nominal band: a power of ten by tenths. Source: IEC 61260-1. */
const exact = (nominal: number): number => 10 ** (Math.round(10 * Math.log10(nominal)) / 10);

/** Lower and upper edge of a band, Hz: a sixth of an octave either way, to the base ten. Source: IEC 61260-1. */
export function edgesOf(nominal: number): readonly [number, number] {
  const middle = exact(nominal);
  return [middle * 10 ** -0.05, middle * 10 ** 0.05];
}

/** Levels of a sound by band, A-weighted, dB below the loudest a file can hold, and how they scatter. */
export interface Levels {
  /** A band each; null where the recording does not reach so high. */
  db: (number | null)[];
  /** Standard deviation from second to second. */
  sd: (number | null)[];
  /** Seconds it was taken over. */
  seconds: number;
}

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
  const heard = each.map((of) => (of && of.length > 0 && meanOf(of) > NOTHING ? of : null));
  return {
    db: heard.map((of) => of && meanOf(of)),
    sd: heard.map((of) => of && sdOf(of)),
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
  return Math.max(SILENCE, 10 * Math.log10(sum / count + 1e-30) + aWeight(exact(band)));
}

export const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, v) => sum + v, 0) / values.length;

export function sdOf(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const mean = meanOf(values);
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1));
}
