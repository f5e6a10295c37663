import type { RideDraft } from '@/core/entry/ride';
import { NOT_RECORDED } from '@/core/logbook/events';
import type { RideLogged } from '@/core/records/event';
import { toShownDistance, type Units } from '@/core/units/convert';

/** A new ride: now, on the last ride's surface; the weather is asked, the distance is the one number. */
export const rideDraft = (bikeId: string, last: RideLogged | null, now: number): RideDraft => ({
  bikeId,
  distance: '',
  filled: null,
  duration: '',
  at: new Date(now).toISOString(),
  weather: 'dry',
  surface: last?.surface ?? 'paved',
  mud: false,
  salted: false,
  note: '',
  ...NOT_RECORDED,
});

/** A ride of the log as it stands in the form. */
export function draftOf(ride: RideLogged, units: Units): RideDraft {
  const distance = String(Math.round(toShownDistance(ride.distanceKm, units) * 100) / 100);
  return {
    bikeId: ride.bikeId,
    distance,
    filled: { distance, km: ride.distanceKm },
    duration: ride.durationH === null ? '' : clockHours(ride.durationH),
    at: ride.at,
    weather: ride.weather,
    surface: ride.surface,
    mud: ride.mud,
    salted: ride.salted,
    note: ride.note,
    climbM: ride.climbM,
    path: ride.path,
    recorderId: ride.recorderId,
    ...(ride.gears ? { gears: ride.gears } : {}),
  };
}

/** 1.75 as "1:45". */
function clockHours(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}
