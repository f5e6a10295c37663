/** How long one turn of the cranks took, s, and the standard error of that. */
export interface Turn {
  seconds: number;
  sd: number;
}

/** A rider who follows a beat keeps to it so well over a recording, as a share. Own estimate. */
const KEEPS_TO = 0.01;
/** A tap comes so late or early, s. Own estimate. */
const TAP_SD = 0.06;

/** The turn of a rider who turns with a beat of so many turns a minute. */
export const turnByBeat = (perMinute: number): Turn => ({
  seconds: 60 / perMinute,
  sd: (60 / perMinute) * KEEPS_TO,
});

/** The turn by taps, once a turn, s: from the first to the last; null where there are too few. */
export function turnByTaps(taps: readonly number[]): Turn | null {
  const turns = taps.length - 1;
  if (turns < 2) return null;
  const seconds = ((taps.at(-1) as number) - (taps[0] as number)) / turns;
  return seconds > 0 ? { seconds, sd: (TAP_SD * Math.SQRT2) / turns } : null;
}
