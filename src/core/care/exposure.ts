import type { RideLogged, Surface, WeatherWord } from '../logbook';
import type { Bike } from '../garage';
import { CARE } from './constants';

/** What a ride does to a chain, from wherever it is known: picked words now, hourly weather later. */
export interface Exposure {
  km: number;
  hours: number;
  /** Share of the ride on a wet road. */
  wetShare: number;
  /** Water on the chain, mm, after mudguards. */
  waterMm: number;
  /** Dirt units per km; clean dry tarmac is 1. */
  dirtPerKm: number;
  salted: boolean;
  /** Times the load of legs alone. */
  load: number;
}

/** Wet share and rain for each picked word. Own reading of the words; AMS calls rain over 2.5 mm/h moderate. */
export const WEATHER: Record<WeatherWord, { wetShare: number; rainMmPerH: number; dust: number }> =
  {
    dry: { wetShare: 0, rainMmPerH: 0, dust: 1 },
    dusty: { wetShare: 0, rainMmPerH: 0, dust: 1.6 },
    damp: { wetShare: 0.5, rainMmPerH: 0, dust: 1 },
    wet: { wetShare: 1, rainMmPerH: 0.8, dust: 1 },
    downpour: { wetShare: 1, rainMmPerH: 5, dust: 1 },
    // A middle of what rides meet: a quarter on wet road, a trace of rain.
    unknown: { wetShare: 0.25, rainMmPerH: 0.1, dust: 1 },
  };

/** Dirt units per km by surface, and the usual speed on it. Common practice for the order, fitted figures. */
export const GROUND: Record<Surface | 'mud', { dry: number; wet: number; kmPerH: number }> = {
  paved: { dry: 1, wet: 2, kmPerH: 24 },
  gravel: { dry: 1.8, wet: 3.5, kmPerH: 19 },
  trail: { dry: 2, wet: 4, kmPerH: 14 },
  mud: { dry: 8, wet: 8, kmPerH: 12 },
};

/** The exposure of a ride logged with picked words. */
export function exposureOf(ride: RideLogged, bike: Bike | undefined): Exposure {
  const weather = WEATHER[ride.weather];
  const ground = GROUND[ride.mud ? 'mud' : ride.surface];
  const hours = ride.durationH ?? ride.distanceKm / ground.kmPerH;
  const guard = bike?.mudguards ? CARE.guardShare.value : 1;
  const water = (weather.rainMmPerH + CARE.sprayMmPerH.value * weather.wetShare) * hours * guard;
  const dirt = ground.dry * weather.dust * (1 - weather.wetShare) + ground.wet * weather.wetShare;
  return {
    km: ride.distanceKm,
    hours,
    wetShare: weather.wetShare,
    waterMm: water,
    dirtPerKm: dirt,
    salted: ride.salted,
    load: bike?.ebike ? CARE.ebikeLoad.value : 1,
  };
}
