import { MS_PER_HOUR } from '../../units/convert';
import { storedAir, type Air } from '../../weather/drying';
import type { Cell } from '../../weather/cells';
import type { WeatherRecord } from '../../weather/record';
import type { Bike } from '../../records/garage';
import { letThrough } from './exposure';
import { standOn, wetOn } from './stand';
import type { ChainState } from './state';

/** Where a chain stands, and the weather there as far as it is known. */
export interface Standing {
  bike: Bike | undefined;
  cell: Cell | undefined;
  weather: WeatherRecord;
  /** The mean air from the state's moment to the end: where nothing happens in between it is enough. */
  air: Air;
}

/** Hours are looked at in steps that no note can shift: whole steps since 1970. */
const STEP_MS = 3 * MS_PER_HOUR;
/** A chain that stands for longer is looked at for so long, and then goes on in the mean air. */
const LOOK_MS = 60 * 24 * MS_PER_HOUR;
/** How far ahead of rain the air is asked for that dries it. */
const DRYING_LOOK_MS = 24 * MS_PER_HOUR;
/** Film above this and dry, nothing hangs on the air: one step does. */
const SHIELDED = 0.1;

/**
 * Moves a chain on, in place, to `to` (ms) where its bike is kept: outdoors it gets the rain of the record, and
 * what is wet or bare meets the air of each few hours, so that a note in between changes nothing.
 */
export function standWhere(state: ChainState, to: number, where: Standing): void {
  const { bike, cell, weather, air } = where;
  const storage = bike?.storage ?? 'indoors';
  const until = Math.min(to, state.at + LOOK_MS);
  // Weather of other days must not bear on how it is reckoned, not even by a rounding.
  if (cell === undefined || storage === 'indoors' || !weather.knowsOf(cell, state.at, until))
    return standOn(state, to, air);
  const outdoors = storage === 'outdoors';
  const guard = letThrough(bike).water;
  while (state.at < until) {
    const at = Math.min(until, (Math.floor(state.at / STEP_MS) + 1) * STEP_MS);
    if (!outdoors && state.wetLeftH <= 0 && state.film > SHIELDED) break;
    const rain = outdoors ? rainBetween(weather, cell, state.at, at) : 0;
    const there = storedAir(storage, weather.airOver(cell, state.at, at));
    if (rain > 0) {
      // The saddle and the frame shelter a parked chain no better than mudguards do a ridden one.
      const drying = storedAir(storage, weather.airOver(cell, at, at + DRYING_LOOK_MS));
      wetOn(state, rain * guard, drying);
    }
    standOn(state, at, there);
  }
  standOn(state, to, air);
}

/** Rain of the record between two moments (ms), mm. */
export function rainBetween(weather: WeatherRecord, cell: Cell, from: number, to: number): number {
  let mm = 0;
  for (let ms = from; ms < to; ms += MS_PER_HOUR) mm += weather.rainAt(cell, ms);
  return mm;
}
