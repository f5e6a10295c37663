import { fail, ok, type Result } from '../problem';
import type { Bike } from '../records/garage';

/** What turns, and so beats: once a lap of the chain, a turn of the wheel, of a jockey wheel, of the cranks, twice a turn of them. */
export const BEATS = ['chain', 'wheel', 'jockey wheel', 'crank', 'both pedals'] as const;
export type Beat = (typeof BEATS)[number];

/** The gear a noise is counted in. */
export interface CountedGear {
  ring: number;
  cog: number;
  links: number;
  /** Teeth of a jockey wheel; null: the bike has none. */
  jockey: number | null;
  /** A gear hub turns the wheel by a ratio nobody told. */
  hub: boolean;
}

/** Teeth of a jockey wheel unless told. Common practice: 11. */
export const JOCKEY_TEETH = 11;

/** A count of a noise: so many in so many turns of the cranks. */
export interface Count {
  turns: number;
  events: number;
  gear: CountedGear;
}

/** Standard error of a count of events, and of the turns of the cranks. The first or last is missed or doubled; a tenth of a turn. Own estimate. */
export const EVENTS_SD = 0.8;
export const TURNS_SD = 0.1;
/** Expected counts that differ by so many are told apart: three of them past any one-off slip on either side. */
const APART = 3;
/** Nobody counts further. */
export const MOST_TURNS = 60;
const FEWEST_TURNS = 6;

/** The gear of a bike by its ring and cog, for counting. */
export const countedGear = (
  bike: Pick<Bike, 'gear'>,
  { ring, cog, links }: Pick<CountedGear, 'ring' | 'cog' | 'links'>,
): CountedGear => ({
  ring,
  cog,
  links,
  jockey: bike.gear === 'derailleur' ? JOCKEY_TEETH : null,
  hub: bike.gear === 'hub',
});

/**
 * Events a crank turn of each thing that turns, by teeth: the chain T/N, the wheel T/c, a jockey wheel T/j. Example: 50 x 17 and 114
 * links make 0.44, 2.94 and, of 11 teeth, 4.55. Things this bike has not are left out.
 */
export function beatsOf({ ring, cog, links, jockey, hub }: CountedGear): Map<Beat, number> {
  const beats = new Map<Beat, number>([
    ['chain', ring / links],
    ['crank', 1],
    ['both pedals', 2],
  ]);
  if (!hub) beats.set('wheel', ring / cog);
  if (jockey !== null) beats.set('jockey wheel', ring / jockey);
  return beats;
}

/** Standard error of the events expected in so many turns at a rate. */
export const countSd = (rate: number): number => Math.hypot(EVENTS_SD, TURNS_SD * rate);

/** Turns by which two rates are told apart; null: not in so many as anyone counts. */
export function turnsToTell(a: number, b: number): number | null {
  const turns = Math.ceil(APART / Math.abs(a - b));
  return turns <= MOST_TURNS ? Math.max(FEWEST_TURNS, turns) : null;
}

/** Whether a count can be: turns there are, and no more events than rollers go by. */
export function checkCount({ turns, events, gear }: Count): Result<Count> {
  if (!(turns >= 1 && turns <= 500)) return fail('count/turns');
  const most = Math.floor(turns * gear.ring);
  if (!(events >= 0 && events <= most)) return fail('count/events', { most });
  return ok({ turns, events, gear });
}

/** Of a noise that does not beat, any count up to so many a turn is as likely. */
const NO_BEAT_UP_TO = 6;
/** A count that was spoiled may be anything. Own estimate: one in fifty. */
const SPOILED = 0.02;

/** Likelihood of a count where the noise beats with a thing of this rate; null: it beats with nothing. */
export function countLikelihood({ turns, events }: Count, rate: number | null): number {
  const anything = 1 / (turns * NO_BEAT_UP_TO + 1);
  if (rate === null) return anything;
  const sd = countSd(rate);
  const off = (events - turns * rate) / sd;
  const own = Math.exp((-off * off) / 2) / (sd * Math.sqrt(2 * Math.PI));
  return (1 - SPOILED) * own + SPOILED * anything;
}

/** What a count says: the rate with its error, and what the noise can beat with. */
export interface Heard {
  rate: number;
  sd: number;
  beats: { beat: Beat; rate: number; fits: boolean }[];
}

/** Twice the error either way holds nineteen counts of twenty. */
const FITS_WITHIN_SD = 2;

/** Returns the events a turn of a count, and which things turn so often. */
export function readCount(count: Count): Heard {
  const { turns, events, gear } = count;
  const rate = events / turns;
  const sd = countSd(rate) / turns;
  const beats = [...beatsOf(gear)].map(([beat, own]) => ({
    beat,
    rate: own,
    fits: Math.abs(own - rate) * turns <= FITS_WITHIN_SD * countSd(own),
  }));
  return { rate, sd, beats: beats.sort((a, b) => a.rate - b.rate) };
}
