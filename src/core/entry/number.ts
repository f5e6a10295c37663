import { decimalSign } from '../intl/numbers';
import { LONGEST_RIDE_KM } from '../records/kinds';
import { fail, ok, type PlainCode, type Result } from '../problem';
import { fromShownDistance, type Units } from '../units/convert';

/** The sign between whole and tenths where the rider lives. */
const DECIMAL = decimalSign();

/**
 * A number as people type it: 42, 42.5, 42,5, with or without spaces, 1.250,5. One that is read differently here and
 * elsewhere ("1.250" where tenths follow a comma) is asked about. `decimal`: the sign before tenths here.
 */
export function readNumber(text: string, decimal = DECIMAL): Result<number> {
  const trimmed = text.trim();
  if (trimmed === '') return fail('number/missing');
  const plain = trimmed.replace(/[\s\u2019']/g, '');
  const signs = plain.match(/[.,]/g) ?? [];
  const last = signs.at(-1);
  if (signs.length === 1 && last !== decimal && /^[1-9]\d{0,2}[.,]\d{3}$/.test(plain)) {
    const whole = Number(plain.replace(/[.,]/, ''));
    return fail('number/ambiguous', { whole, tenths: whole / 1000 });
  }
  const isGrouped = signs.length > 1 && signs.slice(0, -1).every((sign) => sign === signs[0]);
  const allGroups = isGrouped && last === signs[0];
  const groups = allGroups ? /[.,]/g : /[.,](?=.*[.,])/g;
  const value = Number((isGrouped ? plain.replace(groups, '') : plain).replace(',', '.'));
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

/** A whole number within bounds, or the given problem; null of an empty field. */
export const readWholeIfAny = (
  text: string,
  low: number,
  high: number,
  code: PlainCode,
): Result<number | null> => (text.trim() === '' ? ok(null) : readWhole(text, low, high, code));

/** A number of a calculator within its limits, or what is wrong with it. */
export function readWithin(text: string, low: number, high: number): Result<number> {
  const read = readNumber(text);
  if (!read.ok) return read;
  return read.value >= low && read.value <= high ? read : fail('amount/impossible', { low, high });
}

/** A number within bounds; null of an empty field. */
export function readIfAny(text: string, low: number, high: number): Result<number | null> {
  if (text.trim() === '') return ok(null);
  return readWithin(text, low, high);
}

/** A price: not known where the field is empty, and nothing where it says 0. */
export const readPrice = (text: string): Result<number | null> => readIfAny(text, 0, 100_000);

/** A price as form text. */
export const priceText = (price: number | null): string => (price === null ? '' : String(price));

/** What something has run before, in the rider's units, as km; empty reads as zero. */
export function readRunBefore(text: string, units: Units, mostKm: number): Result<number> {
  const number = text.trim() === '' ? ok(0) : readNumber(text);
  if (!number.ok) return number;
  const km = fromShownDistance(number.value, units);
  return km >= 0 && km <= mostKm ? ok(km) : fail('kilometres/impossible');
}

/** A distance in the rider's units, as km. */
export function readDistance(text: string, units: Units): Result<number> {
  const number = readNumber(text);
  if (!number.ok) return number;
  const km = fromShownDistance(number.value, units);
  if (km <= 0) return fail('distance/not-positive');
  if (km > LONGEST_RIDE_KM) return fail('distance/too-long', { mostKm: LONGEST_RIDE_KM });
  return ok(km);
}
