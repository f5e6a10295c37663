import type { Problem, Result } from '../problem';
import { readNumber } from './number';

/** A number of a calculator within its limits, or what is wrong with it. */
export function readWithin(text: string, low: number, high: number): Result<number> {
  const read = readNumber(text);
  if (!read.ok) return read;
  const problem: Problem = { code: 'amount/impossible', detail: `${low} to ${high}` };
  return read.value >= low && read.value <= high ? read : { ok: false, problem };
}
