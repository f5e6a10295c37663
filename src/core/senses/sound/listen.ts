import { ok } from '../../problem';
import { refuse, type Measured } from '../refusal';
import type { Levels } from './bands';
import { framesOf, type Sound } from './frames';
import { levelsOf } from './levels';
import { onsetsOf } from './onsets';
import { periodsOf } from './period';
import { spoiltBy, type Spoilt } from './spoilt';
import type { Turn } from './turn';

/** What comes again and again, by turns of the cranks. */
export interface Rhythm {
  /** Times in a turn, with its standard error. */
  perTurn: number;
  sd: number;
  /** How far it stands out of chance, in standard deviations. */
  strength: number;
}

/** What a recording of a turning chain says. */
export interface Recording {
  seconds: number;
  /** Turns of the cranks in it. */
  turns: number;
  /** The strongest first; none: nothing comes again and again. */
  rhythms: Rhythm[];
  levels: Levels;
  /** Strength of what begins, by time, for drawing: at most some hundred, each the strongest of its stretch. */
  onsets: number[];
}

/** Fewer turns tell no beat of a chain, which comes once in two or three. */
const FEWEST_TURNS = 6;
/** Points of a drawing. */
const DRAWN = 240;

const SPOILT = {
  'too quiet': 'sound/too-quiet',
  clipped: 'sound/clipped',
  wind: 'sound/wind',
  speech: 'sound/speech',
} as const satisfies Record<Spoilt, string>;

/** Returns what a recording says, or why it says nothing. */
export function listen(sound: Sound, turn: Turn): Measured<Recording> {
  const seconds = sound.samples.length / sound.rate;
  const turns = seconds / turn.seconds;
  if (turns < FEWEST_TURNS) return refuse({ code: 'sound/too-short', fewest: FEWEST_TURNS });
  const frames = framesOf(sound);
  const spoilt = spoiltBy(sound, frames);
  if (spoilt) return refuse({ code: SPOILT[spoilt] });
  const onsets = onsetsOf(frames);
  const rhythms = periodsOf(onsets, frames.hop).map(({ period, sd, strength }) => ({
    perTurn: turn.seconds / period,
    sd: (turn.seconds / period) * Math.hypot(sd / period, turn.sd / turn.seconds),
    strength,
  }));
  return ok({ seconds, turns, rhythms, levels: levelsOf(frames), onsets: drawn(onsets) });
}

function drawn(onsets: Float32Array): number[] {
  const each = Math.max(1, Math.ceil(onsets.length / DRAWN));
  return Array.from({ length: Math.ceil(onsets.length / each) }, (_, n) =>
    Math.max(...onsets.subarray(n * each, (n + 1) * each)),
  );
}
