import { fail, ok, type Result } from '../problem';

/** A number as people type it: 42, 42.5, 42,5, with or without spaces. */
export function readNumber(text: string): Result<number> {
  const trimmed = text.trim();
  if (trimmed === '') return fail('number/missing');
  const value = Number(trimmed.replace(/\s/g, '').replace(',', '.'));
  if (!Number.isFinite(value)) return fail('number/not-a-number', { detail: trimmed.slice(0, 20) });
  return ok(value);
}

/** A whole number within bounds, or the given problem. */
export function readWhole(
  text: string,
  low: number,
  high: number,
  code: Parameters<typeof fail>[0],
): Result<number> {
  const number = readNumber(text);
  if (!number.ok) return number;
  const { value } = number;
  return Number.isInteger(value) && value >= low && value <= high ? ok(value) : fail(code);
}
