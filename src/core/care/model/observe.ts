import type { Sound } from '../../logbook';
import { CARE, SWATCH_LEVELS } from './constants';
import { learnQuiet, learnRag, learnSpent, lifeShown, type Personal } from './personal';
import type { ChainState } from './state';

/** Weighted mean of two estimates, and the spread left: the usual normal posterior. */
function combine(mean: number, sd: number, seen: number, noise: number): [number, number] {
  if (sd <= 0) return [mean, sd];
  const gain = sd ** 2 / (sd ** 2 + noise ** 2);
  return [mean + gain * (seen - mean), sd * Math.sqrt(1 - gain)];
}

/** Spread of the modelled `outside` before a swatch: a third of the reading, at least 0.05. */
const outsideSd = (outside: number): number => Math.max(0.05, outside * CARE.gritSigma.value);

/** What an observation leaves: the chain, and what is learnt of its lube on its bike. */
export interface Observed {
  state: ChainState;
  learnt: Personal;
}

/** A rag swatch measures `outside` well; a clean rag proves nothing about the inside. */
export function ragSeen(state: ChainState, learnt: Personal, swatch: number): Observed {
  const level = SWATCH_LEVELS[swatch - 1] ?? state.outside;
  const [outside] = combine(state.outside, outsideSd(state.outside), level, CARE.swatchNoise.value);
  return {
    state: { ...state, outside, outsideFrom: outside },
    learnt: learnRag(learnt, state, level),
  };
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
 * A squeak says that the coat is spent: with a used share u of its expected life, this coat's life is
 * about u times that. The posterior mean of its logarithm is ln u scaled by how much more we trust
 * ears than the handbook, which leaves a film of 1 - u / life. A squeak on a fresh coat is noted as odd
 * and changes nothing: it is seldom the chain running dry.
 */
function squeaked(state: ChainState, learnt: Personal): Observed {
  const used = state.coat > 0 ? 1 - state.film / state.coat : 1;
  const odd = used < CARE.squeakTooSoon.value;
  const heard = { sound: 'squeak', at: state.at, odd };
  if (odd) return { state: { ...state, heard }, learnt };
  const trust =
    CARE.lifeSigma.value ** 2 / (CARE.lifeSigma.value ** 2 + CARE.squeakNoise.value ** 2);
  const film = Math.min(state.film, state.coat * (1 - used ** (1 - trust)));
  // This coat has been observed: what is left of it starts a count of its own.
  return {
    state: { ...state, heard, film, coat: film, worn: 0, lost: 0 },
    learnt: learnSpent(learnt, state),
  };
}

/**
 * A chain that is still quiet has lube left: its life is longer than it has shown, and the film is
 * reckoned again with what was learnt. After several handbook lives it is odd: a coat was not noted.
 */
function stillQuiet(state: ChainState, learnt: Personal): Observed {
  const shown = lifeShown(state);
  const odd = shown !== null && shown > CARE.quietTooLong.value;
  const heard = { sound: 'still quiet', at: state.at, odd };
  if (odd || shown === null) return { state: { ...state, heard }, learnt };
  const next = learnQuiet(learnt, state);
  const film = state.coat - state.lost - state.worn / next.factors.life;
  return {
    state: { ...state, heard, film: Math.max(state.film, film) },
    learnt: next,
  };
}

/** What a noise, or none, says of the chain and of its lube. */
export function soundSeen(state: ChainState, learnt: Personal, sound: Sound): Observed {
  if (sound === 'squeak') return squeaked(state, learnt);
  if (sound === 'still quiet') return stillQuiet(state, learnt);
  return { state: { ...state, heard: { sound, at: state.at, odd: false } }, learnt };
}
