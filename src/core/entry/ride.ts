import { firstFitted, type Fitting } from '../logbook/fittings';
import type { RideLogged } from '../records/event';
import { fail, ok, type Result } from '../problem';
import type { Units } from '../units/convert';
import { FormCheck, readMoment, type FormResult } from './form';
import { readDistance, readNumber } from './number';

/** A ride as it stands in the form: numbers still text. */
export interface RideDraft extends Pick<
  RideLogged,
  | 'bikeId'
  | 'weather'
  | 'surface'
  | 'mud'
  | 'salted'
  | 'note'
  | 'climbM'
  | 'path'
  | 'recorderId'
  | 'gears'
> {
  distance: string;
  /** The distance the form was filled with, exactly: kept while its text is not changed. */
  filled: { distance: string; km: number } | null;
  /** Hours, "1:45" or "1.75"; empty when not known. */
  duration: string;
  at: string | null;
}

export type RideField = 'distance' | 'duration' | 'at';
export type RideFields = Omit<RideLogged, 'id' | 'type' | 'zone' | 'recordedAt'>;

/** Reads the form of a ride: every field that is wrong gets its problem. */
export function readRide(
  draft: RideDraft,
  context: { units: Units; now: number; fittings: readonly Fitting[] },
): FormResult<RideFields, RideField> {
  const check = new FormCheck<RideField>();
  const untouched = draft.filled?.distance === draft.distance ? draft.filled : null;
  const distanceKm = check.take(
    'distance',
    untouched ? ok(untouched.km) : readDistance(draft.distance, context.units),
  );
  const at = check.take('at', readMoment(draft.at, context.now));
  if (at !== undefined) check.take('at', withChain(draft.bikeId, context.fittings));
  const durationH = check.take('duration', readDuration(draft.duration));
  if (distanceKm !== undefined && durationH) {
    const kmPerH = distanceKm / durationH;
    if (kmPerH > 90 || kmPerH < 1) check.take('duration', fail('duration/impossible'));
  }
  if (!check.clean || distanceKm === undefined || at === undefined || durationH === undefined)
    return { ok: false, problems: check.problems };
  const { bikeId, weather, surface, salted, climbM, path, recorderId } = draft;
  const gears = draft.gears ? { gears: draft.gears } : {};
  // There is no mud in a room; it may have been ticked before the surface was.
  const mud = draft.mud && surface !== 'indoor';
  const kept = { bikeId, weather, surface, mud, salted, climbM, path, recorderId, ...gears };
  return { ok: true, value: { ...kept, at, distanceKm, durationH, note: draft.note.trim() } };
}

function readDuration(text: string): Result<number | null> {
  if (text.trim() === '') return ok(null);
  const clock = /^(\d{1,2}):([0-5]\d)$/.exec(text.trim());
  const number = clock ? ok(Number(clock[1]) + Number(clock[2]) / 60) : readNumber(text);
  if (!number.ok) return number;
  return number.value > 0 && number.value <= 72 ? number : fail('duration/impossible');
}

/** A ride on a bike that never had a chain in the log asks for one first. */
const withChain = (bikeId: string, spells: readonly Fitting[]): Result<true> =>
  firstFitted(spells, bikeId) === null ? fail('chain/missing') : ok(true);
