import { exposureOf, letThrough } from '../care/model/exposure';
import { INDOORS } from '../care/model/sky';
import type { Bike } from '../records/garage';
import { MS_PER_HOUR } from '../units/convert';
import type { ClimateYear } from './climateYear';
import type { Leg } from './course';
import type { YearlyRide } from './riding';

/** The air of a stand longer than this is that of its first days. As `airOver` has it. */
const AIR_H = 72;

/** A year's rides as a bike meets them in one year of weather. */
export function legsOfYear(
  rides: readonly YearlyRide[],
  year: ClimateYear,
  { bike, links }: { bike: Bike; links: number },
): Leg[] {
  const guard = letThrough(bike).water;
  let home = 0;
  return rides.map((ride) => {
    const { startH, hours, km, surface, mud, salted } = ride;
    const sky = surface === 'indoor' ? { ...INDOORS, salted } : year.skyOf(startH, hours);
    const x = exposureOf({ distanceKm: km, surface, mud }, hours, sky, { bike, links });
    const air = year.airBetween(home, Math.min(startH, home + AIR_H), bike.storage);
    const stoodMm = bike.storage === 'outdoors' ? year.rainBetween(home, startH) * guard : 0;
    home = startH + hours;
    return { at: startH * MS_PER_HOUR, x, air, stoodMm };
  });
}
