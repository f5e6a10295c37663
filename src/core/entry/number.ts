import { LONGEST_RIDE_KM } from '../logbook';
import { fail, ok, type PlainCode, type Result } from '../problem';
import { fromShownDistance, type UnitSystem } from '../units';

/** A number as people type it: 42, 42.5, 42,5, with or without spaces. */
export function readNumber(text: string): Result<number> {
  const trimmed = text.trim();
  if (trimmed === '') return fail('number/missing');
  const value = Number(trimmed.replace(/\s/g, '').replace(',', '.'));
  if (!Number.isFinite(value))
    return fail('number/not-a-number', { entered: trimmed.slice(0, 20) });
  return ok(value);
}

/** A whole number within bounds, or the given problem. */
export function readWhole(
  text: string,
  low: number,
  high: number,
  code: PlainCode,
): Result<number> {
  const number = readNumber(text);
  if (!number.ok) return number;
  const { value } = number;
  return Number.isInteger(value) && value >= low && value <= high ? ok(value) : fail(code);
}

/** A distance in the rider's units, as km. */
export function readDistance(text: string, units: UnitSystem): Result<number> {
  const number = readNumber(text);
  if (!number.ok) return number;
  const km = fromShownDistance(number.value, units);
  if (km <= 0) return fail('distance/not-positive');
  if (km > LONGEST_RIDE_KM) return fail('distance/too-long', { mostKm: LONGEST_RIDE_KM });
  return ok(km);
}
