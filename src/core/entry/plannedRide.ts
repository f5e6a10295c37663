import { datesOf } from '../plan/rides/pattern';
import { fail } from '../problem';
import { daysAfter } from '../time/dates';
import { toShownDistance, type Units } from '../units/convert';
import { FormCheck, type FormResult } from './form';
import { readDistance } from './number';
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
  units: Units,
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

export type PlannedField = 'distance' | 'date' | 'time' | 'repeat';

/** Reads the form: a ride to come, or what is wrong by field. */
export function readPlanned(
  { distance, ...fields }: PlannedFields,
  units: Units,
): FormResult<RideToCome, PlannedField> {
  const check = new FormCheck<PlannedField>();
  const distanceKm = check.take('distance', readDistance(distance, units));
  if (!DATE.test(fields.date)) check.take('date', fail('date/missing'));
  if (!TIME.test(fields.time)) check.take('time', fail('date/missing'));
  const { repeat } = fields;
  if (repeat?.weekdays.length === 0) check.take('repeat', fail('plan/no-weekday'));
  if (repeat?.until && repeat.until < fields.date) check.take('repeat', fail('plan/ends-before'));
  return check.clean && distanceKm !== undefined
    ? { ok: true, value: { ...fields, distanceKm } }
    : { ok: false, problems: check.problems };
}

/** Days of a pattern that are shown for leaving out. */
const SHOWN_DAYS = 42;

/** The next days on which a ride that repeats falls, those left out too. */
export function patternDays(fields: PlannedFields, today: string): string[] {
  if (!fields.repeat) return [];
  const pattern = { ...fields, id: 'form', distanceKm: 1, retired: false, changedAt: '' };
  const from = fields.date > today ? fields.date : today;
  return datesOf({ ...pattern, except: [] }, from, daysAfter(today, SHOWN_DAYS));
}
