import { CARE, STANDARDS } from '../model/constants';
import type { Standard } from '../../records/standards';
import { rustAfter } from '../model/stand';
import type { ChainState } from '../model/state';

/** What can call for work, most pressing first. */
export const CLOCKS = [
  'wear',
  'rust',
  'bare',
  'wet',
  'film',
  'standing',
  'inside',
  'outside',
] as const;

export type ClockName = (typeof CLOCKS)[number];

export interface Clock {
  name: ClockName;
  /** Where it stands and where it fires, in the same measure: share, % of wear, or rust to come. */
  reading: number;
  limit: number;
  fired: boolean;
}

/** What the clocks are read against: the rider's standard and the chain's wear limit in %. */
export interface Limits {
  standard: Standard;
  wearPercent: number;
}

/**
 * A wet chain presses only where it stands to rust before it is dry, in its place, coat and salt, or where it
 * has no lube left to hold the water off. Else it is a word beside.
 */
export function wetClock(state: ChainState): Clock {
  const spent = state.film <= CARE.reserve.value;
  const toCome = rustAfter(state, state.wetLeftH);
  const unshielded = spent && state.wetLeftH >= CARE.rescueHours.value;
  const limit = CARE.rustAlarm.value;
  return { name: 'wet', reading: toCome, limit, fired: toCome >= limit || unshielded };
}

/** Rust asks for a look; stiff links found then ask for the clean that frees them. */
function rustClock({ rust, stiff }: ChainState): Clock {
  const limit = CARE.rustInspect.value;
  return { name: 'rust', reading: rust, limit, fired: rust >= limit || stiff };
}

/** Reads every clock of a chain. `film` and `standing` share a threshold; only one of them fires. */
export function readClocks(state: ChainState, limits: Limits): Clock[] {
  const standard = STANDARDS[limits.standard];
  const bare = state.lube === null;
  const spent = !bare && state.film <= CARE.reserve.value;
  // What riding took, riding is named for, though standing took the rest.
  const byStanding =
    spent &&
    state.film + state.idleLoss > CARE.reserve.value &&
    state.idleLoss > (state.coat - state.film) / 2;
  const clock = (name: ClockName, reading: number, limit: number, fired: boolean): Clock => ({
    name,
    reading,
    limit,
    fired,
  });
  return [
    // Pits eat into the rollers: a pitted chain is worn out, whatever it measures.
    clock('wear', state.wear, limits.wearPercent, state.pitted || state.wear >= limits.wearPercent),
    rustClock(state),
    clock('bare', state.film, 0, bare),
    wetClock(state),
    clock('film', state.film, CARE.reserve.value, spent && !byStanding),
    clock('standing', state.film, CARE.reserve.value, byStanding),
    clock('inside', state.inside, standard.inside, state.inside > standard.inside),
    clock('outside', state.outside, standard.outside, state.outside > standard.outside),
  ];
}
