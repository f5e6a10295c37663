import type { RideLogged } from '../../records/event';
import type { Surface } from '../../records/kinds';
import type { Bike } from '../../records/garage';
import { USUAL_LINKS } from '../../lube/dose';
import type { TableSource } from '../../lube/sources';
import { CARE, FITTED, PRACTICE } from './constants';
import type { Sky } from './sky';

/** What a ride does to a chain, from wherever its weather is known. */
export interface Exposure {
  km: number;
  hours: number;
  /** Share of the ride on a wet road. */
  wetShare: number;
  /** Water that met the chain, mm, after mudguards. */
  waterMm: number;
  /** What of it is on the chain at the end, mm; 0 where the weather is a guess: nobody is alarmed by a guess. */
  onChainMm: number;
  /** Dirt units per km; clean dry tarmac is 1. And what of it came with water, which sticks to any coat. */
  dirtPerKm: number;
  wetDirtPerKm: number;
  salted: boolean;
  /** Times what a kilometre asks with legs alone of a chain of usual length: a shorter one bends more often. */
  load: number;
}

/** Dirt units per km by surface, and the usual speed on it. Common practice for the order, fitted figures. */
export const GROUND: Record<Surface | 'mud', { dry: number; wet: number; kmPerH: number }> = {
  // A room has dust and no more. Own estimate, 0.05 to 0.2.
  indoor: { dry: 0.1, wet: 0.1, kmPerH: 30 },
  paved: { dry: 1, wet: 2, kmPerH: 24 },
  gravel: { dry: 1.8, wet: 3.5, kmPerH: 19 },
  trail: { dry: 2, wet: 4, kmPerH: 14 },
  mud: { dry: 8, wet: 8, kmPerH: 12 },
};

/** Where those figures come from, and times what they may be. */
export const GROUND_SOURCES = {
  dry: { source: FITTED, spread: [0.7, 1.4] },
  wet: { source: FITTED, spread: [0.6, 1.6] },
  kmPerH: { source: PRACTICE, spread: [0.8, 1.3] },
} as const satisfies Record<string, TableSource>;

/** What of a ride its exposure depends on. */
export type RideGround = Pick<RideLogged, 'distanceKm' | 'surface' | 'mud'>;

/** What a ride was ridden on: mud where there was some, and none in a room. */
export const groundOf = ({ mud, surface }: RideGround) =>
  GROUND[mud && surface !== 'indoor' ? 'mud' : surface];

/** Hours in motion: as recorded, else by the usual speed on the surface. */
export const ridingHours = (ride: RideLogged): number =>
  ride.durationH ?? ride.distanceKm / groundOf(ride).kmPerH;

/** A wet road sprays by the square of speed; faster than this nobody rides for long in the wet. */
const SPRAY_AT_MOST = 4;

/** Water a wet road sprays on a chain, mm an hour, at a speed. */
export const sprayMmPerH = (kmPerH: number): number =>
  CARE.sprayMmPerH.value * Math.min(SPRAY_AT_MOST, (kmPerH / CARE.sprayAtKmPerH.value) ** 2);

/** Water on a chain after so many hours in which `mmPerH` came and running shed it: a store that fills and empties. */
export const waterLeft = (mmPerH: number, hours: number): number =>
  mmPerH * CARE.shedsWaterH.value * (1 - waterKept(hours));

/** Share of what was on a chain that hours of riding leave on it. */
export const waterKept = (hours: number): number => Math.exp(-hours / CARE.shedsWaterH.value);

/** What a ride was ridden on, as far as it is known. */
export interface RiddenOn {
  bike?: Bike | undefined;
  links?: number | undefined;
}

/** Share of water and dirt that mudguards or a chain case let through. */
export const letThrough = (bike: Bike | undefined) => ({
  water: bike?.chainCase ? CARE.caseWater.value : bike?.mudguards ? CARE.guardShare.value : 1,
  // Mudguards hold off what the wheels throw up in the wet; dry dust drifts round them.
  wetDirt: bike?.chainCase ? CARE.caseDirt.value : bike?.mudguards ? CARE.guardShare.value : 1,
  dryDirt: bike?.chainCase ? CARE.caseDirt.value : 1,
});

/** Times what a kilometre asks of a chain: by a motor, and by how few links share the bends. */
export const loadOn = ({ bike, links }: RiddenOn): number =>
  (bike?.ebike ? CARE.ebikeLoad.value : 1) * (USUAL_LINKS / (links ?? USUAL_LINKS));

/** Water that meets a chain, mm an hour. */
export const waterMmPerH = ({ waterMm, hours }: Pick<Exposure, 'waterMm' | 'hours'>): number =>
  hours > 0 ? waterMm / hours : 0;

/** The exposure of a ride of `hours` under its sky. */
export function exposureOf(
  ride: RideGround,
  hours: number,
  sky: Pick<Sky, 'wetShare' | 'rainMmPerH' | 'dust' | 'dustEverywhere' | 'salted' | 'late'>,
  { bike, links }: RiddenOn,
): Exposure {
  const ground = groundOf(ride);
  const through = letThrough(bike);
  const guard = through.water;
  const spray = sprayMmPerH(ride.distanceKm / hours);
  const water = (sky.rainMmPerH + spray * sky.wetShare) * hours * guard;
  const { late } = sky;
  const left = late ? waterLeft((late.rainMmPerH + spray * late.wetShare) * guard, hours) : 0;
  const loose = (ride.surface === 'gravel' || ride.surface === 'trail') && !ride.mud;
  const dust = loose || sky.dustEverywhere ? 1 + CARE.dustGain.value * sky.dust : 1;
  const dryDirt = ground.dry * dust * (1 - sky.wetShare) * through.dryDirt;
  const wetDirt = ground.wet * sky.wetShare * through.wetDirt;
  return {
    km: ride.distanceKm,
    hours,
    wetShare: sky.wetShare,
    waterMm: water,
    onChainMm: left,
    dirtPerKm: dryDirt + wetDirt,
    wetDirtPerKm: wetDirt,
    salted: sky.salted,
    load: loadOn({ bike, links }),
  };
}
