import { daysRidden } from '../care/verdict/typical';
import {
  GROUND,
  groundOf,
  letThrough,
  loadOn,
  sprayMmPerH,
  waterLeft,
  type Exposure,
} from '../care/model/exposure';
import type { ReplayStep } from '../care/replay/step';
import type { Bike } from '../records/garage';
import { HOURS_PER_WEEK, MS_PER_DAY } from '../units/convert';

/** How one bike is ridden: what an average ride does, but for the weather. */
export interface RidingProfile {
  rideKm: number;
  ridesPerWeek: number;
  kmPerH: number;
  /** Dirt units per km of the ground on a dry and on a wet day. */
  dirtDry: number;
  dirtWet: number;
  /** Rain while it is wet, mm/h. */
  rainMmPerH: number;
  /** Share of the water that passes mudguards. */
  guard: number;
  load: number;
  /** Share of the way on wet road. */
  wetShare: number;
  /** Rides it was taken from; 0: nothing known, an everyday rider assumed. */
  rides: number;
}

/** Before rides are logged. Own estimate. */
const EVERYDAY = { rideKm: 30, ridesPerWeek: 3, rainMmPerH: 0.4, wetShare: 0.25 };

/** How far back each horizon looks for what is usual, days. */
export const LOOK_BACK_DAYS = { month: 35, season: 183 } as const;
export type LookBack = keyof typeof LOOK_BACK_DAYS;

/** An everyday rider's, where nothing is known. */
function everydayOn(bike: Bike): RidingProfile {
  const through = letThrough(bike);
  return {
    ...EVERYDAY,
    kmPerH: GROUND.paved.kmPerH,
    dirtDry: GROUND.paved.dry * through.dryDirt,
    dirtWet: GROUND.paved.wet * through.wetDirt,
    guard: through.water,
    load: loadOn({ bike }),
    rides: 0,
  };
}

/** The usual riding of a bike over the last month or half year up to `now` (ms). */
export function profileOf(
  steps: readonly ReplayStep[],
  bike: Bike,
  back: LookBack,
  now: number,
): RidingProfile {
  const since = now - LOOK_BACK_DAYS[back] * MS_PER_DAY;
  const through = letThrough(bike);
  const guard = through.water;
  const load = loadOn({ bike });
  let rides = 0;
  let km = 0;
  let hours = 0;
  let dry = 0;
  let wet = 0;
  let wetKm = 0;
  let wetHours = 0;
  let rain = 0;
  let first = now;
  let last = now;
  let older = false;
  for (const { event, exposure, sky, bikeId } of steps) {
    if (event.type !== 'rideLogged' || !exposure || !sky || bikeId !== bike.id) continue;
    const at = Date.parse(event.at);
    older ||= at < since;
    if (at < since || at > now) continue;
    const ground = groundOf(event);
    if (rides === 0) first = at;
    last = at;
    rides += 1;
    km += exposure.km;
    hours += exposure.hours;
    dry += ground.dry * through.dryDirt * exposure.km;
    wet += ground.wet * through.wetDirt * exposure.km;
    wetKm += exposure.wetShare * exposure.km;
    wetHours += exposure.wetShare * exposure.hours;
    rain += sky.rainMmPerH * exposure.hours;
  }
  if (rides === 0) return everydayOn(bike);
  const weeks = daysRidden({ first, last, rides, older }, now, LOOK_BACK_DAYS[back]) / 7;
  return {
    rideKm: km / rides,
    ridesPerWeek: Math.max(0.25, rides / weeks),
    kmPerH: km / hours,
    dirtDry: dry / km,
    dirtWet: wet / km,
    rainMmPerH: wetHours > 0.5 ? rain / wetHours : EVERYDAY.rainMmPerH,
    guard,
    load,
    wetShare: wetKm / km,
    rides,
  };
}

/** What a ride of this kind does on a road wet for a share of the way, `rain` times as hard as usual. */
export function exposureFor(profile: RidingProfile, wetShare: number, rain = 1): Exposure {
  const hours = profile.rideKm / profile.kmPerH;
  const rainMmPerH = profile.rainMmPerH * rain;
  const mmPerH = (rainMmPerH + sprayMmPerH(profile.kmPerH)) * wetShare * profile.guard;
  return {
    km: profile.rideKm,
    hours,
    wetShare,
    waterMm: mmPerH * hours,
    onChainMm: waterLeft(mmPerH, hours),
    dirtPerKm: profile.dirtDry * (1 - wetShare) + profile.dirtWet * wetShare,
    wetDirtPerKm: profile.dirtWet * wetShare,
    salted: false,
    load: profile.load,
  };
}

/** Kilometres of a week. */
export const kmPerWeek = (p: RidingProfile): number => p.rideKm * p.ridesPerWeek;

/** Hours between the starts of two rides. */
export const hoursBetweenRides = (p: RidingProfile): number => HOURS_PER_WEEK / p.ridesPerWeek;
