import { LUBE_CLASSES } from '../lube';
import { HOURS_PER_WEEK, MS_PER_HOUR } from '../units';
import { dryingHours, WETNESS_HUMIDITY, type Air } from '../weather';
import { CARE } from './constants';
import type { Exposure } from './exposure';
import type { ChainState } from './state';

/**
 * Rust after hours of wetness. It counts within one wet spell: what dries in time leaves no mark, so
 * `rust` is the worst spell, not the sum of all rain.
 */
function rusted(state: ChainState, hours: number): Pick<ChainState, 'rustSpell' | 'rust'> {
  const salt = state.salted ? CARE.saltRust.value : 1;
  const gain = (salt * (1 - CARE.rustShield.value * state.film) * hours) / CARE.rustHours.value;
  const rustSpell = Math.min(1, state.rustSpell + gain);
  return { rustSpell, rust: Math.max(state.rust, rustSpell) };
}

/** Below this film steel counts as unoiled. Own estimate. */
const UNOILED = 0.05;

/**
 * Moves a chain's clock to `to` (ms) while it stands in the given air: quick lubes dry out, a wet
 * chain dries and rusts meanwhile, a chain without film also rusts in damp air. A moment before the
 * state's own leaves it unchanged.
 */
export function stand(state: ChainState, to: number, air: Air): ChainState {
  const hours = (to - state.at) / MS_PER_HOUR;
  if (hours <= 0) return state;
  const idle = state.lube ? (LUBE_CLASSES[state.lube].idlePerWeek * hours) / HOURS_PER_WEEK : 0;
  const film = Math.max(0, state.film - idle);
  const wet = Math.min(hours, state.wetLeftH);
  const bareInDampAir = state.film < UNOILED && air.humidity > WETNESS_HUMIDITY;
  const wetLeftH = state.wetLeftH - wet;
  const { rustSpell, rust } = rusted(state, bareInDampAir ? hours : wet);
  return {
    ...state,
    at: to,
    film,
    idleLoss: state.idleLoss + (state.film - film),
    wetHours: wetLeftH > 0 ? state.wetHours + wet : 0,
    wetLeftH,
    rustSpell: wetLeftH > 0 || bareInDampAir ? rustSpell : 0,
    rust,
  };
}

/** Wets a chain with mm of water; how long it stays wet depends on the air where it stands. */
export function wetted(state: ChainState, waterMm: number, air: Air): ChainState {
  if (waterMm <= 0) return state;
  const soaked = Math.min(1, waterMm / CARE.soakedMm.value);
  const hours = dryingHours(CARE.dripHours.value * soaked, air);
  return { ...state, wetLeftH: Math.max(state.wetLeftH, hours) };
}

/** The hours and the water of a ride, after its kilometres: wet road, salt, then standing wet. */
export function rodeFor(state: ChainState, x: Exposure, air: Air): ChainState {
  const wetHours = x.wetShare * x.hours;
  const salted = state.salted || x.salted;
  const after: ChainState = {
    ...state,
    at: state.at + x.hours * MS_PER_HOUR,
    salted,
    wetHours: state.wetHours + wetHours,
    ...rusted({ ...state, salted }, wetHours),
  };
  return wetted(after, x.waterMm, air);
}
