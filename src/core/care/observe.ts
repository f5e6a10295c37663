import type { PlainEvent } from '../logbook';
import { CARE, SWATCH_LEVELS } from './constants';
import type { ChainState } from './state';

/** Weighted mean of two estimates, and the spread left: the usual normal posterior. */
function combine(mean: number, sd: number, seen: number, noise: number): [number, number] {
  if (sd <= 0) return [mean, sd];
  const gain = sd ** 2 / (sd ** 2 + noise ** 2);
  return [mean + gain * (seen - mean), sd * Math.sqrt(1 - gain)];
}

/** Spread of the modelled `outside` before a swatch: a third of the reading, at least 0.05. */
const outsideSd = (outside: number): number => Math.max(0.05, outside * CARE.gritSigma.value);

/** A rag swatch measures `outside` well; a clean rag proves nothing about the inside. */
export function ragSeen(state: ChainState, swatch: number): ChainState {
  const level = SWATCH_LEVELS[swatch - 1] ?? state.outside;
  const [outside] = combine(state.outside, outsideSd(state.outside), level, CARE.swatchNoise.value);
  return { ...state, outside };
}

/** A wear reading pulls the estimate by how sharp the tool is against how sure we were. */
export function wearSeen(
  state: ChainState,
  percent: number,
  tool: 'checker' | 'ruler',
): ChainState {
  const noise = tool === 'checker' ? CARE.checkerNoise.value : CARE.rulerNoise.value;
  const [wear, wearSd] = combine(state.wear, Math.max(state.wearSd, 0.02), percent, noise);
  return { ...state, wear: Math.max(0, wear), wearSd };
}

/**
 * A squeak says that the coat is spent: with a used share u of the handbook life, this coat's life is
 * about u times the handbook's. The posterior mean of its logarithm is ln u scaled by how much more
 * we trust ears than the handbook, which leaves a film of 1 - u / life. A squeak on a fresh coat is
 * noted as odd and changes nothing: it is seldom the chain running dry.
 */
export function soundSeen(state: ChainState, sound: string): ChainState {
  const used = 1 - state.film;
  const odd = sound === 'squeak' && used < CARE.squeakTooSoon.value;
  const heard = { sound, at: state.at, odd };
  if (sound !== 'squeak' || odd || state.film === 0) return { ...state, heard };
  const trust =
    CARE.lifeSigma.value ** 2 / (CARE.lifeSigma.value ** 2 + CARE.squeakNoise.value ** 2);
  const lifeFactor = used ** trust;
  const film = Math.max(0, 1 - used / lifeFactor);
  return { ...state, heard, film: Math.min(state.film, film) };
}

/** Applies any event that is an observation; other events leave the state as it is. */
export function observe(state: ChainState, event: PlainEvent): ChainState {
  switch (event.type) {
    case 'ragChecked':
      return ragSeen(state, event.swatch);
    case 'wearRead':
      return wearSeen(state, event.percent, event.tool);
    case 'soundHeard':
      return soundSeen(state, event.sound);
    default:
      return state;
  }
}
