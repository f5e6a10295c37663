import type { RideLogged, Surface } from '../../logbook';
import type { Bike } from '../../garage';
import { CARE } from './constants';
import type { Sky } from './sky';

/** What a ride does to a chain, from wherever its weather is known. */
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

/** Dirt units per km by surface, and the usual speed on it. Common practice for the order, fitted figures. */
export const GROUND: Record<Surface | 'mud', { dry: number; wet: number; kmPerH: number }> = {
  paved: { dry: 1, wet: 2, kmPerH: 24 },
  gravel: { dry: 1.8, wet: 3.5, kmPerH: 19 },
  trail: { dry: 2, wet: 4, kmPerH: 14 },
  mud: { dry: 8, wet: 8, kmPerH: 12 },
};

/** What of a ride its exposure depends on. */
export type RideGround = Pick<RideLogged, 'distanceKm' | 'surface' | 'mud'>;

const groundOf = (ride: RideGround) => GROUND[ride.mud ? 'mud' : ride.surface];

/** Hours in motion: as recorded, else by the usual speed on the surface. */
export const ridingHours = (ride: RideLogged): number =>
  ride.durationH ?? ride.distanceKm / groundOf(ride).kmPerH;

/** The exposure of a ride of `hours` under its sky. */
export function exposureOf(
  ride: RideGround,
  hours: number,
  sky: Pick<Sky, 'wetShare' | 'rainMmPerH' | 'dust' | 'dustEverywhere' | 'salted'>,
  bike: Bike | undefined,
): Exposure {
  const ground = groundOf(ride);
  const guard = bike?.mudguards ? CARE.guardShare.value : 1;
  const water = (sky.rainMmPerH + CARE.sprayMmPerH.value * sky.wetShare) * hours * guard;
  const loose = ride.surface !== 'paved' && !ride.mud;
  const dust = loose || sky.dustEverywhere ? 1 + CARE.dustGain.value * sky.dust : 1;
  const dirt = ground.dry * dust * (1 - sky.wetShare) + ground.wet * sky.wetShare;
  return {
    km: ride.distanceKm,
    hours,
    wetShare: sky.wetShare,
    waterMm: water,
    dirtPerKm: dirt,
    salted: sky.salted,
    load: bike?.ebike ? CARE.ebikeLoad.value : 1,
  };
}
