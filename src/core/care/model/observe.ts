import { normalShare } from '../../learn/belief';
import type { PlainEvent } from '../../records/event';
import { MOST_ELONGATION, type Sound, type WearTool } from '../../records/kinds';
import type { ChainRecorded } from '../../records/recording';
import type { RagPhoto } from '../../records/rag';
import { NOTHING_NOTED } from './coatNotes';
import { CARE, SWATCH_LEVELS } from './constants';
import { clamp } from '../../units/convert';
import {
  learnCoat,
  learnSwatch,
  lifeQuantile,
  lifeShown,
  NOT_LEARNT,
  type Personal,
} from './personal';
import { NO_SWATCHES, type ChainState } from './state';

/** Weighted mean of two estimates, and the spread left: the usual normal posterior. */
function combine(mean: number, sd: number, seen: number, noise: number): [number, number] {
  if (sd <= 0) return [mean, sd];
  const gain = sd ** 2 / (sd ** 2 + noise ** 2);
  return [mean + gain * (seen - mean), sd * Math.sqrt(1 - gain)];
}

/** Spread of the modelled `outside` before a swatch: a third of the reading, at least 0.05. */
const outsideSd = (outside: number): number => Math.max(0.05, outside * CARE.gritSigma.value);

type Louder = NonNullable<ChainRecorded['louder']>;

/** What an observation leaves: the chain, and what is learnt of its lube on its bike. */
export interface Observed {
  state: ChainState;
  learnt: Personal;
}

/** What a rag showed of `outside`, and how far that may be off. */
export interface RagRead {
  level: number;
  sd: number;
}

/** A rag check as the model reads it: a photograph by its own error, a swatch picked by eye by the usual one. */
export const ragReadOf = (swatch: number, photo?: RagPhoto): RagRead =>
  photo
    ? { level: photo.outside, sd: photo.sd }
    : { level: SWATCH_LEVELS[swatch - 1] ?? 0, sd: CARE.swatchNoise.value };

/** A rag measures `outside` well; a clean rag proves nothing about the inside. */
export function ragSeen(state: ChainState, learnt: Personal, read: RagRead): Observed {
  const [outside] = combine(state.outside, outsideSd(state.outside), read.level, read.sd);
  const swatches = [...state.swatches, { gathered: state.gathered, ...read }];
  return {
    state: { ...state, outside, swatches },
    learnt: learnSwatch(learnt, state.outsideFrom, state.swatches, swatches),
  };
}

/** A rag read at the end of work: it tells what the work left, and nothing of how grit comes. */
export function ragLeft(state: ChainState, read: RagRead): ChainState {
  const { outside } = ragSeen(state, NOT_LEARNT, read).state;
  return { ...state, outside, outsideFrom: outside, gathered: 0, swatches: NO_SWATCHES };
}

/** A reading of wear, as the logbook has it. */
export type WearReading = Pick<
  Extract<PlainEvent, { type: 'wearRead' }>,
  'tool' | 'percent' | 'between' | 'sd'
>;

/** What each tool is off by when no spread is given, %. */
export const TOOL_NOISE: Record<WearTool, number> = {
  checker: CARE.checkerNoise.value,
  'drop-in checker': CARE.checkerNoise.value,
  ruler: CARE.rulerNoise.value,
  calliper: CARE.calliperNoise.value,
};

/** So many standard deviations off lies nothing. */
const FAR = 40;

/** Standard deviation of a reading, %: its own, or the tool's usual. */
export const readingSd = ({ tool, sd }: Pick<WearReading, 'tool' | 'sd'>): number =>
  sd ?? TOOL_NOISE[tool];

/** Mean and variance of a normal known to lie between two values: the usual truncated normal. */
function within(mean: number, sd: number, [from, to]: readonly [number, number]) {
  // The ends of what is stored are no ends of what may be.
  const a = from === 0 ? -FAR : (from - mean) / sd;
  const b = to === MOST_ELONGATION ? FAR : (to - mean) / sd;
  const share = normalShare(b) - normalShare(a);
  // So far off that the share cannot be told from nought: it lies at the nearer end.
  if (share < 1e-6) return { mean: a > 0 ? from : to, variance: 0 };
  const density = (x: number) => Math.exp(-0.5 * x * x) / Math.sqrt(2 * Math.PI);
  const shift = (density(a) - density(b)) / share;
  const narrowed = 1 + (a * density(a) - b * density(b)) / share - shift * shift;
  return { mean: mean + sd * shift, variance: sd * sd * Math.max(0, narrowed) };
}

/**
 * A wear reading pulls the estimate by how sharp the tool is against how sure we were, and with it what is believed
 * of how fast this chain wears: the usual Kalman step on both (Kalman 1960). A tool that only drops in or not says
 * that its figure lies between two: the step goes to the mean of what that leaves, and keeps its spread.
 */
export function wearSeen(state: ChainState, reading: WearReading): ChainState {
  const before = Math.max(state.wearSd, LEAST_WEAR_SD);
  const shown = Math.hypot(before, readingSd(reading));
  const seen = reading.between
    ? within(state.wear, shown, reading.between)
    : { mean: reading.percent, variance: 0 };
  const off = seen.mean - state.wear;
  const [gain, factorGain] = [before ** 2 / shown ** 2, state.wearTied / shown ** 2];
  /** Share of what an exact reading would settle that this one does. */
  const settles = 1 - seen.variance / shown ** 2;
  return {
    ...state,
    wear: Math.max(0, state.wear + gain * off),
    wearSd: before * Math.sqrt(1 - gain * settles),
    wearFactor: Math.max(LEAST_WEAR_FACTOR, state.wearFactor + factorGain * off),
    wearFactorSd: Math.sqrt(
      Math.max(0, state.wearFactorSd ** 2 - factorGain * state.wearTied * settles),
    ),
    wearTied: state.wearTied * (1 - gain * settles),
  };
}

/** No estimate of wear is sharper than this, %; no chain wears slower than this share of the handbook. Own estimates. */
const LEAST_WEAR_SD = 0.02;
const LEAST_WEAR_FACTOR = 0.2;

/** Whether the coat was ridden on this bike alone: else its kilometres tell nothing of the lube there. */
const isOfThisBike = (state: ChainState, bikeId: string | null): boolean =>
  bikeId !== null && state.coatBike === bikeId;

/**
 * A squeak says that the coat is spent, somewhere in the ride before it: the film is at its reserve or below at
 * once. Further squeaks of the same coat add nothing. One on a fresh coat is noted as odd and changes nothing: it
 * is seldom the chain running dry.
 */
function squeaked(state: ChainState, learnt: Personal, bikeId: string | null): Observed {
  const used = state.coat > 0 ? 1 - state.film / state.coat : 1;
  const odd = used < CARE.squeakTooSoon.value;
  const heard = { sound: 'squeak', at: state.at, odd };
  if (odd) return { state: { ...state, heard }, learnt };
  const dry = (s: ChainState): ChainState => ({
    ...s,
    heard,
    film: Math.min(s.film, CARE.reserve.value),
    // What is gone is gone by riding.
    idleLoss: 0,
  });
  const squeakTo = lifeShown(state);
  const was = state.notes ?? NOTHING_NOTED;
  if (squeakTo === null || was.squeakTo !== null || !isOfThisBike(state, bikeId))
    return { state: dry(state), learnt };
  const squeakFrom = Math.max(was.quietTo, Math.min(state.shownBefore, squeakTo));
  const notes = { ...was, squeakFrom, squeakTo };
  return { state: { ...dry(state), notes }, learnt: learnCoat(learnt, state.notes, notes) };
}

/** Rides after each of which a coat was heard quiet, with this note; null where one went unheard. */
function quietRidesAfter({ notes, unheard }: ChainState): number | null {
  const before = (notes ?? NOTHING_NOTED).quietRides;
  return before === null || unheard > 1 ? null : before + unheard;
}

/** So many rides heard quiet, each of them, are a habit: where it breaks off, something was heard. Own estimate. */
const HABIT_RIDES = 2;

/**
 * A chain that is still quiet has lube left: its life is longer than it has shown, whatever squeaked before, and
 * its film is reckoned again by that. The quiet notes of a coat are one: the last counts. After several handbook
 * lives it is odd: a coat was not noted.
 */
function stillQuiet(state: ChainState, learnt: Personal, bikeId: string | null): Observed {
  const shown = lifeShown(state);
  const odd = shown !== null && shown > CARE.quietTooLong.value;
  const heard = { sound: 'still quiet', at: state.at, odd };
  if (odd || shown === null || !isOfThisBike(state, bikeId))
    return { state: { ...state, heard }, learnt };
  const notes = {
    ...NOTHING_NOTED,
    quietTo: shown,
    quietRides: quietRidesAfter(state),
    recording: state.notes?.recording ?? null,
  };
  const next = learnCoat(learnt, state.notes, notes);
  const ownLife = lifeQuantile(next, notes, 0.5);
  const film = clamp(state.coat - state.lost - state.worn / ownLife, 0, state.coat);
  return { state: { ...state, heard, notes, ownLife, film, unheard: 0 }, learnt: next };
}

/** What the end of a coat teaches that was heard quiet after each ride until that broke off. */
export function coatEnded(state: ChainState, learnt: Personal, bikeId: string | null): Personal {
  const { notes, unheard } = state;
  const renewedAt = lifeShown(state);
  if (!notes || notes.squeakTo !== null || renewedAt === null) return learnt;
  if (!isOfThisBike(state, bikeId)) return learnt;
  const brokeOff = unheard > 0 && (notes.quietRides ?? 0) >= HABIT_RIDES;
  return brokeOff ? learnCoat(learnt, notes, { ...notes, renewedAt }) : learnt;
}

/** A recording alone leaves this much above the reserve: it brings a job nearer and never calls for one. */
const NOT_ALONE = 0.03;

/**
 * How much louder a chain was than its quiet: an observation of how long this coat lasts, with a wide error. The last
 * recording of a coat counts; of one that has squeaked there is nothing left to learn.
 */
export function recordingSeen(
  state: ChainState,
  learnt: Personal,
  louder: Louder | null,
  bikeId: string | null,
): Observed {
  const was = state.notes ?? NOTHING_NOTED;
  if (!louder || lifeShown(state) === null || was.squeakTo !== null) return { state, learnt };
  if (!isOfThisBike(state, bikeId)) return { state, learnt };
  const recording = { worn: state.worn, forDistance: state.coat - state.lost, ...louder };
  const notes = { ...was, recording };
  const next = learnCoat(learnt, state.notes, notes);
  const ownLife = lifeQuantile(next, notes, 0.5);
  const reckoned = clamp(state.coat - state.lost - state.worn / ownLife, 0, state.coat);
  const film = Math.max(reckoned, Math.min(state.film, CARE.reserve.value + NOT_ALONE));
  return { state: { ...state, notes, ownLife, film }, learnt: next };
}

/** What a noise, or none, says of the chain and of its lube. */
export function soundSeen(
  state: ChainState,
  learnt: Personal,
  sound: Sound,
  bikeId: string | null,
): Observed {
  if (sound === 'squeak') return squeaked(state, learnt, bikeId);
  if (sound === 'still quiet') return stillQuiet(state, learnt, bikeId);
  if (sound === 'not the chain') return { state, learnt };
  return { state: { ...state, heard: { sound, at: state.at, odd: false } }, learnt };
}
