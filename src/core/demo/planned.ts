import { dayNumber, daysAfter, weekdayOf } from '../time/dates';
import type { PlannedRide } from '../records/plan';
import { MS_PER_DAY } from '../units/convert';
import { GRAVEL, RACER } from './island';

const SATURDAY = 6;
const SUNDAY = 7;
/** The race is the first Sunday at least so many days on, the long day the Saturday after. */
const RACE_IN_DAYS = 9;
const LONG_DAY_IN_DAYS = 13;

const firstFrom = (date: string, weekday: number): string =>
  daysAfter(date, (weekday - weekdayOf(date) + 7) % 7);

/** What the island's rider has in the calendar: a race, and a long day over the peat. */
export function plannedRides(today: string): Record<string, PlannedRide> {
  const ride = (id: string, more: Partial<PlannedRide>): PlannedRide => ({
    id,
    bikeId: RACER,
    title: '',
    date: today,
    time: '10:00',
    distanceKm: 78,
    surface: 'paved',
    weight: 'ordinary',
    repeat: null,
    except: [],
    calendarId: null,
    retired: false,
    changedAt: new Date(dayNumber(today) * MS_PER_DAY).toISOString(),
    ...more,
  });
  const rides = [
    ride('demo-race', {
      title: 'Two capes race',
      date: firstFrom(daysAfter(today, RACE_IN_DAYS), SUNDAY),
      weight: 'race',
    }),
    ride('demo-long-day', {
      bikeId: GRAVEL,
      title: 'Round the island by the peat track',
      date: firstFrom(daysAfter(today, LONG_DAY_IN_DAYS), SATURDAY),
      time: '08:00',
      distanceKm: 118,
      surface: 'gravel',
      weight: 'long day',
    }),
  ];
  return Object.fromEntries(rides.map((r) => [r.id, r]));
}
