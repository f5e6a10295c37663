import { CARE } from './constants';
import type { Exposure } from './exposure';
import type { Factors } from './personal';
import { coatTraits, filmByDistance, filmByWater, gritRates } from './rates';
import { copyState, type ChainState } from './state';

/** What one ride took and brought, for the bill. */
export interface RideEffect {
  filmByDistance: number;
  filmByWater: number;
  filmByEarlyStart: number;
  outsideByRoad: number;
  outsideByCogs: number;
  inside: number;
  wear: number;
  /** Kilometres ridden below the reserve. */
  dryKm: number;
}

export interface Ridden {
  state: ChainState;
  cogs: number;
  effect: RideEffect;
}

/** Integration step, km. Halving it moves no reading by more than 0.002 over 200 km. */
const STEP_KM = 5;

const {
  unwipedStickiness,
  wearPerKm,
  wearByGrit,
  wearByDryness,
  reserve,
  earlyRideFloor,
  wearSigma,
} = CARE;

/**
 * A chain after a ride. The equations are rates per km, stepped along the ride, so that one ride of
 * 80 km and two of 40 km leave the same chain. `cogs` is the grit on the bike's cassette, rings and
 * jockey wheels. The clock (`at`, wetness, rust) is not moved here: see `stand`.
 */
export function ride(before: ChainState, cogs: number, x: Exposure, f: Factors): Ridden {
  const state = copyState(before);
  const effect = { ...NO_EFFECT };
  return { state, cogs: rideOn(state, cogs, x, f, effect), effect };
}

/** What a ride of no length does: to be copied and filled. */
export const NO_EFFECT: RideEffect = {
  filmByDistance: 0,
  filmByWater: 0,
  filmByEarlyStart: 0,
  outsideByRoad: 0,
  outsideByCogs: 0,
  inside: 0,
  wear: 0,
  dryKm: 0,
};

/**
 * The same on a state in place, for replaying thousands of rides: returns the grit on the cogs after, and
 * fills `effect` where one is asked for.
 */
export function rideOn(
  state: ChainState,
  cogsBefore: number,
  x: Exposure,
  f: Factors,
  effect?: RideEffect,
): number {
  const coat = coatTraits(state.lube);
  const steps = Math.max(1, Math.ceil(x.km / STEP_KM));
  const h = x.km / steps;
  const start = filmAtStart(state);

  const stickier = (state.wipeMissed ? unwipedStickiness.value : 1) * f.grit;
  const rates = gritRates(coat, { km: h, dirtPerKm: x.dirtPerKm, stickier });
  const { outsideKept, cogsKept, handBack, migration } = rates;
  const washed = filmByWater(coat, x.waterMm);
  const byDistance = state.lube
    ? filmByDistance({ km: h, load: x.load }, state.lifeKm * f.life)
    : 0;
  const byWater = washed / steps;
  const fall = byDistance + byWater;
  const wearStep = wearPerKm.value * f.wear * h;

  let { outside, inside } = state;
  let cogs = cogsBefore;
  let film = start;
  let wear = 0;
  let dryKm = 0;
  let outsideByCogs = 0;
  for (let n = 0; n < steps; n++) {
    const filmNext = film > fall ? film - fall : 0;
    const filmMid = (film + filmNext) / 2;
    const outsideBefore = outside;
    outside = 1 - (1 - outside) * outsideKept;
    cogs = 1 - (1 - cogs) * cogsKept;
    if (cogs > outside) {
      const handed = handBack * (cogs - outside);
      outside += handed;
      outsideByCogs += handed;
    }
    const insideNext = 1 - (1 - inside) * Math.exp(-migration * 0.5 * (outsideBefore + outside));
    const dry = filmMid < reserve.value ? (reserve.value - filmMid) / reserve.value : 0;
    wear +=
      wearStep *
      (1 + wearByGrit.value * 0.5 * (inside + insideNext)) *
      (1 + wearByDryness.value * dry);
    if (dry > 0) dryKm += h;
    inside = insideNext;
    film = filmNext;
  }

  if (effect) {
    const lost = start - film;
    effect.filmByDistance = fall > 0 ? (lost * byDistance) / fall : 0;
    effect.filmByWater = fall > 0 ? (lost * byWater) / fall : 0;
    effect.filmByEarlyStart = state.film - start;
    effect.outsideByRoad = outside - state.outside - outsideByCogs;
    effect.outsideByCogs = outsideByCogs;
    effect.inside = inside - state.inside;
    effect.wear = wear;
    effect.dryKm = dryKm;
  }
  state.lost += state.film - start + washed;
  if (state.lube) state.worn += filmByDistance(x, state.lifeKm);
  state.film = film;
  state.outside = outside;
  state.inside = inside;
  state.wear += wear;
  state.wearSd += wear * wearSigma.value;
  state.km += x.km;
  state.kmSinceLube += x.km;
  state.kmSinceClean += x.km;
  return cogs;
}

/** Film at the start of a ride: a coat that has not set is partly thrown off. */
function filmAtStart(state: ChainState): number {
  if (state.at >= state.setAt || state.setAt <= state.lubedAt) return state.film;
  const waited = (state.at - state.lubedAt) / (state.setAt - state.lubedAt);
  const left = earlyRideFloor.value + (1 - earlyRideFloor.value) * Math.max(0, waited);
  return Math.min(state.film, left);
}
