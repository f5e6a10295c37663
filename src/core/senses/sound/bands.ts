/** Middles of third-octave bands that a chain sounds in, Hz: nominal, as IEC 61260-1 names them. */
export const BANDS = [
  400, 500, 630, 800, 1000, 1250, 1600, 2000, 2500, 3150, 4000, 5000, 6300, 8000,
] as const;

/** Where a dry chain speaks, Hz. Common practice. */
export const DRY_FROM = 2000;

/** Exact middle of a nominal band: a power of ten by tenths. Source: IEC 61260-1. */
export const exactMiddle = (nominal: number): number =>
  10 ** (Math.round(10 * Math.log10(nominal)) / 10);

/** Lower and upper edge of a band, Hz: a sixth of an octave either way, to the base ten. Source: IEC 61260-1. */
export function edgesOf(nominal: number): readonly [number, number] {
  const middle = exactMiddle(nominal);
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
