import { fail, type Result } from '../problem';
import { readNumber } from './number';

/** A number of a calculator within its limits, or what is wrong with it. */
export function readWithin(text: string, low: number, high: number): Result<number> {
  const read = readNumber(text);
  if (!read.ok) return read;
  return read.value >= low && read.value <= high ? read : fail('amount/impossible', { low, high });
}
