/** A beat to turn the cranks by, as it stands. */
export interface BeatNow {
  /** What counts has not begun. */
  lead: boolean;
  /** The turn, from 1 on; null: the rider taps. */
  turn: number | null;
  /** Just at the beat. */
  full: boolean;
  seconds: number;
}

/** A beat shows for this share of a turn. */
const SHOWN = 0.25;

/** Returns the beat so many seconds after what counts begins; `perMinute`: null where the rider taps. */
export function beatAt(seconds: number, perMinute: number | null): BeatNow {
  const lead = seconds < 0;
  const whole = Math.max(0, Math.floor(seconds));
  if (perMinute === null) return { lead, turn: null, full: false, seconds: whole };
  const turns = (seconds * perMinute) / 60;
  const into = turns - Math.floor(turns);
  return {
    lead,
    turn: lead ? Math.ceil(-turns) : Math.floor(turns) + 1,
    full: into < SHOWN,
    seconds: whole,
  };
}
