import { filmByStanding } from '../model/rates';

import { clamp } from '../../units/convert';
import { readClocks, type ClockName, type Limits } from './clocks';
import type { Factors } from '../model/personal';
import { ride } from '../model/ride';
import type { ChainState } from '../model/state';
import { calendarHours, stretch, type TypicalRiding } from './typical';

/** A point of what lies ahead, km from now. */
export interface AheadPoint {
  km: number;
  film: number;
  outside: number;
  inside: number;
}

export interface Ahead {
  points: AheadPoint[];
  /** Km to the first firing of each clock; absent when not reached before the rest had fired. */
  firesAtKm: Partial<Record<ClockName, number>>;
  /** The chain at the first of them, for proposing work. */
  atFirst: ChainState | null;
}

/** Beyond this no one plans a lube; "more than 1,500 km" is said instead. */
export const HORIZON_KM = 1500;
export const STEP_KM = 5;

/** The factors a chain is ridden on with, and those it was reckoned with so far. */
export interface Reckoned {
  factors: Factors;
  mid: Factors;
}

/** The chain as it stands if the factors are others than those it was reckoned with: they were so all along. */
export const stateWith = (state: ChainState, { factors, mid }: Reckoned): ChainState => ({
  ...state,
  film: filmAt(state, factors.life, mid.life),
  wear: wearAt(state, factors.wear),
  outside: outsideAt(state, factors.grit, mid.grit),
});

/**
 * Rides a chain on, typically, until its clocks fire. With a life factor other than the
 * one its film was reckoned by (`mid`) the kilometres on the coat so far count against that life too: a
 * coat that lasts longer has also more left.
 */
export function lookAhead(
  now: { state: ChainState; cogs: number },
  typical: TypicalRiding,
  limits: Limits,
  { factors, mid }: Reckoned,
): Ahead {
  let state = stateWith(now.state, { factors, mid });
  let { cogs } = now;
  const points: AheadPoint[] = [];
  const firesAtKm: Ahead['firesAtKm'] = {};
  let atFirst: ChainState | null = null;
  const x = stretch(typical.perKm, STEP_KM);
  const idle = filmByStanding(state.lube, calendarHours(typical, STEP_KM));
  let last = state;
  for (let km = 0; km <= HORIZON_KM; km += STEP_KM) {
    points.push({ km, film: state.film, outside: state.outside, inside: state.inside });
    for (const clock of readClocks(state, limits)) {
      if (!clock.fired || clock.name in firesAtKm) continue;
      firesAtKm[clock.name] =
        km === 0 ? 0 : km - STEP_KM * shareBeyond(clock.name, last, state, clock.limit);
      atFirst ??= state;
    }
    if (settled(firesAtKm)) break;
    last = state;
    const ridden = ride(state, cogs, x, factors);
    const film = Math.max(0, ridden.state.film - idle);
    state = {
      ...ridden.state,
      film,
      idleLoss: ridden.state.idleLoss + (ridden.state.film - film),
    };
    cogs = ridden.cogs;
  }
  return { points, firesAtKm, atFirst };
}

/** The film of a chain if its coat's life differs from the one it was reckoned by. */
export function filmAt(now: ChainState, life: number, mid: number): number {
  if (life === mid) return now.film;
  return clamp(now.film + now.worn / mid - now.worn / life, 0, 1);
}

/**
 * The outside of a chain if grit comes faster or slower than reckoned: since the last wipe it did so too. Where a
 * swatch was read since, that is what is known.
 */
export function outsideAt({ outside, gathered, swatches }: ChainState, grit: number, mid: number) {
  if (grit === mid || swatches.length > 0) return outside;
  return 1 - (1 - outside) * Math.exp(-gathered * (grit - mid));
}

/** The wear of a chain if it wears faster or slower than reckoned: what it has ridden counts at that rate too. */
export function wearAt({ wear, wearFactor, wearFactorSd, wearTied }: ChainState, factor: number) {
  if (factor === wearFactor || wearFactorSd === 0) return wear;
  return Math.max(0, wear + (wearTied / wearFactorSd ** 2) * (factor - wearFactor));
}

/** Whether lube and both kinds of grit have fired: then no other clock can come first. */
const settled = (fires: Ahead['firesAtKm']): boolean =>
  (fires.film ?? fires.standing) !== undefined &&
  fires.outside !== undefined &&
  fires.inside !== undefined;

/** How far into the last step a reading passed its limit, counted back from the step's end, 0 to 1. */
function shareBeyond(name: ClockName, from: ChainState, to: ChainState, limit: number): number {
  const key = name === 'standing' ? 'film' : name;
  if (key !== 'film' && key !== 'outside' && key !== 'inside' && key !== 'wear') return 0;
  const moved = to[key] - from[key];
  return moved === 0 ? 0 : Math.min(1, Math.max(0, (to[key] - limit) / moved));
}
