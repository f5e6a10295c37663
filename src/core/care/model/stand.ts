import { MS_PER_HOUR } from '../../units/convert';
import { dryingHours, WETNESS_HUMIDITY, type Air } from '../../weather/drying';
import { CARE } from './constants';
import { waterKept, type Exposure } from './exposure';
import { filmByStanding } from './rates';
import { copyState } from './copyState';
import type { ChainState } from './state';

const { rustShield, rustShieldFrom, rustHours, saltRust, soakedMm, dripHours } = CARE;

/** Returns the rust that so many wet hours bring to a chain, by its film and salt. */
export function rustAfter({ film, salted }: ChainState, hours: number): number {
  const salt = salted ? saltRust.value : 1;
  return salt * rustPerHour(film) * hours;
}

/** Rust of a wet hour without salt: half a film shields as well as a whole one, less of it worse. */
export const rustPerHour = (film: number): number =>
  (1 - rustShield.value * Math.min(1, film / rustShieldFrom.value)) / rustHours.value;

/**
 * Rust after hours of wetness. It counts within one wet spell: what dries in time leaves no mark, so
 * `rust` is the worst spell, not the sum of all rain.
 */
function rustOn(state: ChainState, hours: number): void {
  if (hours <= 0) return;
  const gain = rustAfter(state, hours);
  state.rustSpell = Math.min(1, state.rustSpell + gain);
  if (state.rustSpell > state.rust) state.rust = state.rustSpell;
}

/** Below this film steel counts as unoiled. Own estimate. */
const UNOILED = 0.05;

/** Whether a chain with so much film rusts in the air itself: unoiled steel does where it is damp and does not freeze. */
export const rustsInAir = (film: number, air: Air): boolean =>
  film < UNOILED && air.humidity > WETNESS_HUMIDITY && air.temperatureC > 0;

/** A chain moved on to `to` (ms) while it stands in the given air: see `standOn`. */
export function stand(state: ChainState, to: number, air: Air): ChainState {
  const moved = copyState(state);
  standOn(moved, to, air);
  return moved;
}

/**
 * Moves a chain's clock, in place, to `to` (ms) while it stands in the given air: quick lubes dry out,
 * a wet chain dries and rusts meanwhile, a chain without film also rusts in damp air. A moment before
 * the state's own leaves it unchanged.
 */
export function standOn(state: ChainState, to: number, air: Air): void {
  const hours = (to - state.at) / MS_PER_HOUR;
  if (hours <= 0) return;
  const wet = Math.min(hours, state.wetLeftH);
  const bareInDampAir = rustsInAir(state.film, air);
  rustOn(state, bareInDampAir ? hours : wet);
  state.wetLeftH -= wet;
  state.wetHours = state.wetLeftH > 0 ? state.wetHours + wet : 0;
  if (state.wetLeftH <= 0 && !bareInDampAir) state.rustSpell = 0;
  if (state.lube) {
    const idle = filmByStanding(state.lube, hours);
    const film = Math.max(0, state.film - idle);
    state.idleLoss += state.film - film;
    state.lost += idle;
    state.film = film;
  }
  state.at = to;
}

/** Wets a chain, in place, with mm of water; how long it stays wet depends on the air where it stands. */
export function wetOn(state: ChainState, waterMm: number, air: Air): void {
  if (waterMm <= 0) return;
  const soaked = Math.min(1, waterMm / soakedMm.value);
  state.wetLeftH = Math.max(state.wetLeftH, dryingHours(dripHours.value * soaked, air));
}

/** Applies, in place, the hours and the water of a ride after its kilometres: wet road, salt, standing wet.
 * `from`: when it began, ms, where that is before the state's own moment: two rides noted at once take no longer. */
export function rodeOn(state: ChainState, x: Exposure, air: Air, from = state.at): void {
  const wetHours = x.wetShare * x.hours;
  if (x.salted) state.salted = true;
  state.at = Math.max(state.at, from + x.hours * MS_PER_HOUR);
  state.wetHours += wetHours;
  rustOn(state, wetHours);
  state.wetLeftH *= waterKept(x.hours);
  wetOn(state, x.onChainMm, air);
}
