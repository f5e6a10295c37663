import { NEW_LENGTH_TOLERANCE_PERCENT } from '../chain/geometry';
import type { Reading } from './tools';

/** Why a reading is asked about before it is kept. */
export type WearQuestion =
  'shrinks' | 'leaps' | 'past any chain' | 'before the fitting' | 'checker on narrow chain';

/** What is known of the chain when a reading is entered. */
export interface KnownWear {
  /** Moments, ms: when it was fitted, and of the reading. */
  fittedAt: number;
  at: number;
  /** What the model says then, in %, with its standard deviation. */
  wear: number;
  wearSd: number;
  /** Earlier and later readings of it. */
  readings: readonly {
    at: number;
    percent: number;
    sd: number;
    between: readonly [number, number] | null;
  }[];
  speeds: number;
}

/** From here on no chain is ridden: the reading is a slip of the pen or of the hand. Common practice. */
const PAST_ANY_PERCENT = 2;
/** Speeds from which rollers differ in size from make to make, so that a drop-in checker can mislead. Common practice. */
const ROLLERS_DIFFER_SPEEDS = 12;
/** So many standard deviations apart two figures are not both right. Own choice. */
const APART = 2;

/** Returns what is odd about a reading; empty where nothing is. A rider may keep it all the same. */
export function questionsOf(reading: Reading, known: KnownWear): WearQuestion[] {
  const { percent, sd, between } = reading;
  const [low, high] = between ?? [percent, percent];
  const questions: WearQuestion[] = [];
  if (known.at < known.fittedAt) questions.push('before the fitting');
  if (percent >= PAST_ANY_PERCENT) questions.push('past any chain');
  const shrinks = known.readings.some((other) => {
    const apart = APART * Math.hypot(sd, other.sd);
    const [least, most] = other.between ?? [other.percent, other.percent];
    return other.at <= known.at ? high < least - apart : low > most + apart;
  });
  if (shrinks) questions.push('shrinks');
  // Before a first reading nobody knows how long the chain was made.
  const madeLonger = known.readings.length === 0 ? NEW_LENGTH_TOLERANCE_PERCENT : 0;
  const leaps = low > known.wear + madeLonger + APART * Math.hypot(sd, known.wearSd);
  if (leaps && !questions.includes('past any chain')) questions.push('leaps');
  if (reading.tool === 'drop-in checker' && known.speeds >= ROLLERS_DIFFER_SPEEDS)
    questions.push('checker on narrow chain');
  return questions;
}
