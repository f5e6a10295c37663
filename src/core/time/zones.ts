import { TZDate } from '@date-fns/tz';
import { formatISO } from 'date-fns/formatISO';
import type { DateText } from './dates';

/** The calendar day a moment (ms) falls on in a zone. */
export const dateOf = (ms: number, zone: string): DateText =>
  formatISO(new TZDate(ms, zone), { representation: 'date' });

/** The local time of a moment in a zone, `18:30`. */
export const timeOf = (ms: number, zone: string): string =>
  formatISO(new TZDate(ms, zone), { representation: 'time' }).slice(0, 5);

/**
 * The moment (ms) of a local day and time in a zone. A time the clocks skip is taken an hour on, of one
 * they repeat the first.
 */
export function momentOf(date: DateText, time: string, zone: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return new TZDate(year, month - 1, day, hour, minute, zone).getTime();
}
