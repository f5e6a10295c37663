import type { Garage } from '../records/garage';
import type { RideEntry } from '../rides/entries';
import { toCsv } from './toCsv';

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/**
 * Rides as a table for a spreadsheet (RFC 4180: comma, CRLF, quotes doubled), a row a ride in the order
 * given. Numbers have points and the units of their column's name. A note that a spreadsheet would take
 * for a formula gets a quote before it.
 */
export function writeRidesCsv(rides: readonly RideEntry[], bikes: Garage['bikes']): string {
  const rows = rides.map(({ ride, step, sky }) => ({
    start: ride.at,
    zone: ride.zone,
    bike: bikes[ride.bikeId]?.name ?? ride.bikeId,
    distance_km: round(ride.distanceKm, 3),
    moving_h: round(step.exposure?.hours ?? 0, 4),
    climb_m: ride.climbM ?? '',
    weather: sky.word,
    weather_from: { said: 'rider', weather: 'hourly weather', guess: 'guess' }[sky.basis],
    wet_share: round(sky.wetShare, 3),
    rain_mm_per_h: round(sky.rainMmPerH, 3),
    salted: sky.salted ? 'yes' : 'no',
    surface: ride.surface,
    mud: ride.mud ? 'yes' : 'no',
    note: ride.note,
  }));
  return toCsv(rows);
}
