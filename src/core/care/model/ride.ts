import { CARE } from './constants';
import type { Exposure } from './exposure';
import type { Factors } from './personal';
import { coatTraits, filmByDistance, filmByWater, gritRates } from './rates';
import { copyState } from './copyState';
import type { ChainState } from './state';

/** What one ride took from the coat and brought in grit and wear, for the bill. */
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
  wearBySalt,
  wearByWater,
  wearByRust,
  rustInspect,
} = CARE;

/**
 * A chain after a ride. The equations are rates per km, stepped along the ride, so that one ride of
 * 80 km and two of 40 km leave the same chain. `cogs` is the grit on the bike's cassette, rings and
 * jockey wheels. The clock (`at`, wetness, rust) is not moved here: see `stand`.
 */
export function ride(before: ChainState, cogs: number, x: Exposure, f: Factors): Ridden {
  const state = copyState(before);
  const effect = { ...NO_EFFECT };
  return { state, cogs: rideOn(state, cogs, x, { factors: f, effect }), effect };
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

/** What a ride is worked out with; `effect` is filled where one is asked for. */
interface RideTerms {
  factors: Factors;
  effect?: RideEffect;
}

/**
 * Does the same to a state in place, for replaying thousands of rides: returns the grit on the cogs afterwards,
 * and fills `effect` where there is one.
 */
export function rideOn(
  state: ChainState,
  cogs: number,
  x: Exposure,
  { factors, effect }: RideTerms,
): number {
  const start = filmAtStart(state);
  const { outside, inside } = state;
  const steps = Math.max(1, Math.ceil(x.km / STEP_KM));
  const rates = stepRates(state, x, factors, steps);
  const way = along(start, state, cogs, { rates, steps });
  if (effect) {
    const lost = start - way.film;
    const { byDistance, byWater } = rates;
    const fall = byDistance + byWater;
    effect.filmByDistance = fall > 0 ? (lost * byDistance) / fall : 0;
    effect.filmByWater = fall > 0 ? (lost * byWater) / fall : 0;
    effect.filmByEarlyStart = state.film - start;
    effect.outsideByRoad = way.outside - outside - way.outsideByCogs;
    effect.outsideByCogs = way.outsideByCogs;
    effect.inside = way.inside - inside;
    effect.wear = way.wear;
    effect.dryKm = way.dryKm;
  }
  state.lost += state.film - start + filmByWater(coatTraits(state.lube), x.waterMm);
  if (state.lube) state.worn += filmByDistance(x, state.lifeKm);
  state.film = way.film;
  state.outside = way.outside;
  state.inside = way.inside;
  const own = factors.wear > 0 ? way.wear / factors.wear : 0;
  const variance = state.wearSd ** 2 + 2 * own * state.wearTied + (own * state.wearFactorSd) ** 2;
  state.wear += way.wear;
  state.wearSd = Math.sqrt(Math.max(0, variance));
  state.wearTied += own * state.wearFactorSd ** 2;
  if (way.outside > outside && factors.grit > 0)
    state.gathered += Math.log((1 - outside) / (1 - way.outside)) / factors.grit;
  state.km += x.km;
  state.kmSinceLube += x.km;
  state.kmSinceClean += x.km;
  return way.cogs;
}

/** What changes along a ride. */
interface Way {
  film: number;
  outside: number;
  inside: number;
  cogs: number;
  wear: number;
  dryKm: number;
  outsideByCogs: number;
}

/** What one step of a ride does: the same for each step of it. */
interface StepRates {
  grit: ReturnType<typeof gritRates>;
  km: number;
  byDistance: number;
  byWater: number;
  wear: number;
}

function stepRates(state: ChainState, x: Exposure, f: Factors, steps: number): StepRates {
  const coat = coatTraits(state.lube);
  const km = x.km / steps;
  const stickier = (state.wipeMissed ? unwipedStickiness.value : 1) * f.grit;
  return {
    grit: gritRates(coat, {
      km,
      hours: x.hours / steps,
      dirtPerKm: x.dirtPerKm,
      wetDirtPerKm: x.wetDirtPerKm,
      waterMm: x.waterMm / steps,
      stickier,
    }),
    km,
    byDistance: state.lube ? filmByDistance({ km, load: x.load }, state.lifeKm * f.life) : 0,
    byWater: filmByWater(coat, x.waterMm) / steps,
    wear: wearPerKm.value * f.wear * km * wearTimes(state, x),
  };
}

/** Times the wear of a clean ride with legs alone: load, wet road, salt, and rust past where one inspects. */
export function wearTimes(
  { rust, salted }: Pick<ChainState, 'rust' | 'salted'>,
  x: Exposure,
): number {
  const limit = rustInspect.value;
  const rusted = rust > limit ? 1 + (wearByRust.value * (rust - limit)) / (1 - limit) : 1;
  const wet = 1 + wearByWater.value * x.wetShare;
  return x.load * wet * (salted || x.salted ? wearBySalt.value : 1) * rusted;
}

/** Where a chain is after its ride, taken step by step. */
function along(
  start: number,
  { outside: firstOutside, inside: firstInside }: ChainState,
  firstCogs: number,
  { rates, steps }: { rates: StepRates; steps: number },
): Way {
  const { outsideKept, cogsKept, handBack, migration, washedOut } = rates.grit;
  const { km, wear: wearStep } = rates;
  const fall = rates.byDistance + rates.byWater;
  let film = start;
  let outside = firstOutside;
  let inside = firstInside;
  let cogs = firstCogs;
  let wear = 0;
  let dryKm = 0;
  let outsideByCogs = 0;
  // Local numbers throughout: a replay of years goes through here some hundred thousand times.
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
    // As `insideAlong` has it, written out: this is where a replay's time goes.
    const into = migration * 0.5 * (outsideBefore + outside);
    const to = washedOut > 0 ? into / (into + washedOut) : 1;
    const insideNext = to + (inside - to) * Math.exp(-into - washedOut);
    const dry = filmMid < reserve.value ? (reserve.value - filmMid) / reserve.value : 0;
    wear +=
      wearStep *
      (1 + wearByGrit.value * 0.5 * (inside + insideNext)) *
      (1 + wearByDryness.value * dry);
    if (dry > 0) dryKm += km;
    inside = insideNext;
    film = filmNext;
  }
  return { film, outside, inside, cogs, wear, dryKm, outsideByCogs };
}

/** Film at the start of a ride: a coat that has not set is partly thrown off. */
function filmAtStart(state: ChainState): number {
  if (state.at >= state.setAt || state.setAt <= state.lubedAt) return state.film;
  const waited = (state.at - state.lubedAt) / (state.setAt - state.lubedAt);
  const left = earlyRideFloor.value + (1 - earlyRideFloor.value) * Math.max(0, waited);
  return state.film - state.fresh * (1 - left);
}
