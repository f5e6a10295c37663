import { readNumber } from './number';
import { LONGEST_RIDE_KM } from '../logbook';
import { fail, ok, type Result } from '../problem';
import { formatDistance, fromShownDistance, toShownDistance, type UnitSystem } from '../units';
import type { PlannedRide } from '../records/plan';

/** A planned ride as the form holds it. */
export type RideToCome = Omit<PlannedRide, 'id' | 'changedAt' | 'retired'> & { id?: string };

export type PlannedFields = Omit<RideToCome, 'distanceKm'> & { distance: string };

const DATE = /^\d{4}-\d{2}-\d{2}$/;
const TIME = /^([01]\d|2[0-3]):[0-5]\d$/;

/** The form of a new ride, or of one there is. */
export function plannedFields(
  ride: PlannedRide | null,
  bikeId: string,
  today: string,
  units: UnitSystem,
): PlannedFields {
  if (ride) {
    const shown = toShownDistance(ride.distanceKm, units);
    return { ...ride, distance: String(Math.round(shown * 10) / 10) };
  }
  return {
    bikeId,
    title: '',
    date: today,
    time: '09:00',
    distance: '',
    surface: 'paved',
    weight: 'ordinary',
    repeat: null,
    except: [],
    calendarId: null,
  };
}

/** Reads the form: a ride to come, or what is wrong by field. */
export function readPlanned(
  { distance, ...fields }: PlannedFields,
  units: UnitSystem,
): Result<RideToCome> {
  const read = readNumber(distance);
  if (!read.ok) return fail(read.problem.code, { ...read.problem, field: 'distance' });
  const distanceKm = fromShownDistance(read.value, units);
  if (distanceKm <= 0) return fail('distance/not-positive', { field: 'distance' });
  if (distanceKm > LONGEST_RIDE_KM)
    return fail('distance/too-long', {
      field: 'distance',
      detail: formatDistance(LONGEST_RIDE_KM, units),
    });
  if (!DATE.test(fields.date)) return fail('date/missing', { field: 'date' });
  if (!TIME.test(fields.time)) return fail('date/missing', { field: 'time' });
  if (fields.repeat && fields.repeat.weekdays.length === 0)
    return fail('plan/no-weekday', { field: 'repeat' });
  if (fields.repeat?.until && fields.repeat.until < fields.date)
    return fail('plan/ends-before', { field: 'until' });
  return ok({ ...fields, distanceKm });
}
