import type { RideLogged } from '../../records/event';
import type { WeatherWord } from '../../records/kinds';
import { MS_PER_HOUR } from '../../units/convert';
import { waterKept } from './exposure';
import { cellOf, type Cell } from '../../weather/cells';
import { dustOf, isSalted, wetShareOf } from '../../weather/road';
import type { WeatherRecord } from '../../weather/record';

/**
 * The weather a ride met. `said`: the rider's word, which always wins; `weather`: worked out from hourly
 * weather along the way; `guess`: a middle, until the weather comes.
 */
export interface Sky {
  basis: 'said' | 'weather' | 'guess';
  /** The word that fits best; `unknown` only of a guess. */
  word: WeatherWord;
  /** Share of the ride on a wet road. */
  wetShare: number;
  rainMmPerH: number;
  /** The same of its end, which is what is still on the chain then; null of a guess. */
  late: { wetShare: number; rainMmPerH: number } | null;
  /** Dust of loose ground, 0 to 1; `everywhere` when the rider saw it on tarmac too. */
  dust: number;
  dustEverywhere: boolean;
  salted: boolean;
}

/** Wet share and rain for each picked word. Own reading of the words; AMS calls rain over 2.5 mm/h moderate. */
export const WEATHER: Record<WeatherWord, { wetShare: number; rainMmPerH: number; dust: number }> =
  {
    dry: { wetShare: 0, rainMmPerH: 0, dust: 0 },
    dusty: { wetShare: 0, rainMmPerH: 0, dust: 1 },
    damp: { wetShare: 0.5, rainMmPerH: 0, dust: 0 },
    wet: { wetShare: 1, rainMmPerH: 0.8, dust: 0 },
    downpour: { wetShare: 1, rainMmPerH: 5, dust: 0 },
    // A middle of what rides meet: a quarter on wet road, a trace of rain.
    unknown: { wetShare: 0.25, rainMmPerH: 0.1, dust: 0 },
  };

/** Rain that fell on a ride of `hours`, mm. */
export const rainMmOf = (sky: Sky, hours: number): number => sky.rainMmPerH * hours;

/** A part of a ride's way: where, when (its middle, ms), and its share of the riding time. */
export interface Slice {
  cell: Cell;
  at: number;
  share: number;
}

/**
 * The ride cut by its path, or by the hour at `home`, the square where the bike stood before; empty when
 * the place is not known.
 */
export function slicesOf(ride: RideLogged, hours: number, home: Cell | undefined): Slice[] {
  const start = Date.parse(ride.at);
  const slices: Slice[] = [];
  const path = ride.path ?? [];
  const elapsed = (path.at(-1)?.[2] ?? 0) - (path[0]?.[2] ?? 0);
  if (elapsed > 0) {
    for (let i = 1; i < path.length; i++) {
      const a = path[i - 1];
      const b = path[i];
      if (!a || !b || b[2] <= a[2]) continue;
      const at = start + ((a[2] + b[2]) / 2) * 60_000;
      slices.push({ cell: cellOf(a[0], a[1]), at, share: (b[2] - a[2]) / elapsed });
    }
    return slices;
  }
  const first = path[0];
  const cell = first ? cellOf(first[0], first[1]) : home;
  if (cell === undefined) return slices;
  const parts = Math.max(1, Math.ceil(hours));
  for (let n = 0; n < parts; n++)
    slices.push({ cell, at: start + ((n + 0.5) / parts) * hours * MS_PER_HOUR, share: 1 / parts });
  return slices;
}

/** The square a ride ends in, where its path tells. */
export function endCell(ride: RideLogged): Cell | null {
  const last = ride.path?.at(-1);
  return last ? cellOf(last[0], last[1]) : null;
}

/** Share of a ride's way that hourly weather must cover to speak for the whole. Own estimate. */
const ENOUGH = 0.75;

/** In a room it neither rains nor freezes; what salt there is drips from the rider, who says so. */
export const INDOORS: Sky = {
  basis: 'said',
  word: 'dry',
  wetShare: 0,
  rainMmPerH: 0,
  late: null,
  dust: 0,
  dustEverywhere: false,
  salted: false,
};

/** The weather of a ride: the rider's word, else worked out from the record, else a guess. */
export function skyOf(
  ride: RideLogged,
  hours: number,
  record: WeatherRecord,
  home: Cell | undefined,
): Sky {
  if (ride.surface === 'indoor') return { ...INDOORS, salted: ride.salted };
  if (ride.weather === 'unknown') {
    const worked = skyFromRecord(ride, hours, record, home);
    if (worked) return worked;
  }
  const { wetShare, rainMmPerH, dust } = WEATHER[ride.weather];
  const basis = ride.weather === 'unknown' ? 'guess' : 'said';
  const { weather: word, salted } = ride;
  const late = basis === 'guess' ? null : { wetShare, rainMmPerH };
  return { basis, word, wetShare, rainMmPerH, late, dust, dustEverywhere: dust > 0, salted };
}

/** The weather of a ride by the record alone, whatever the rider said; null where it knows too little. */
export function skyFromRecord(
  ride: RideLogged,
  hours: number,
  record: WeatherRecord,
  home: Cell | undefined,
): Sky | null {
  if (record.isEmpty) return null;
  let known = 0;
  let wetShare = 0;
  let rainMmPerH = 0;
  let dust = 0;
  let salted = ride.salted;
  const late = { wetShare: 0, rainMmPerH: 0 };
  let lateKnown = 0;
  const end = Date.parse(ride.at) + hours * MS_PER_HOUR;
  for (const { cell, at, share } of slicesOf(ride, hours, home)) {
    const hour = record.hour(cell, at);
    if (!hour) continue;
    known += share;
    wetShare += share * wetShareOf(hour.road);
    rainMmPerH += share * hour.rainMm;
    dust += share * dustOf(hour.road);
    const kept = share * waterKept(Math.max(0, end - at) / MS_PER_HOUR);
    lateKnown += kept;
    late.wetShare += kept * wetShareOf(hour.road);
    late.rainMmPerH += kept * hour.rainMm;
    salted ||= isSalted(hour.road) && wetShareOf(hour.road) > 0;
  }
  if (known < ENOUGH) return null;
  wetShare /= known;
  rainMmPerH /= known;
  dust /= known;
  late.wetShare /= lateKnown;
  late.rainMmPerH /= lateKnown;
  const word = wordOf({ wetShare, rainMmPerH, dust }, ride.surface !== 'paved');
  return {
    basis: 'weather',
    word,
    wetShare,
    rainMmPerH,
    late,
    dust,
    dustEverywhere: false,
    salted,
  };
}

/** The word for what was met: rain past "light" (AMS) is a downpour to a rider. Own thresholds. */
export function wordOf(
  sky: Pick<Sky, 'wetShare' | 'rainMmPerH' | 'dust'>,
  looseGround: boolean,
): WeatherWord {
  if (sky.rainMmPerH > 2.5) return 'downpour';
  if (sky.wetShare >= 0.7 || sky.rainMmPerH >= 0.4) return 'wet';
  if (sky.wetShare >= 0.15) return 'damp';
  return looseGround && sky.dust >= 0.8 ? 'dusty' : 'dry';
}
