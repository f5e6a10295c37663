import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { MS_PER_DAY } from '../units';

/** A day of the rider's calendar, `2026-11-24`. Text order is order of time. */
export type DateText = string;

/** The calendar day a moment (ms) falls on in a zone. */
export const dateOf = (ms: number, zone: string): DateText =>
  format(new TZDate(ms, zone), 'yyyy-MM-dd');

/** The local time of a moment in a zone, `18:30`. */
export const timeOf = (ms: number, zone: string): string => format(new TZDate(ms, zone), 'HH:mm');

/**
 * The moment (ms) of a local day and time in a zone. A time the clocks skip is taken an hour on, of one
 * they repeat the first.
 */
export function momentOf(date: DateText, time: string, zone: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return new TZDate(year, month - 1, day, hour, minute, zone).getTime();
}

/** Days since 1970 of a calendar day: whole, whatever clocks do. */
export const dayNumber = (date: DateText): number =>
  Math.round(Date.parse(`${date}T00:00:00Z`) / MS_PER_DAY);

/** The calendar day so many days on. */
export const daysAfter = (date: DateText, days: number): DateText =>
  format(addDays(new TZDate(`${date}T00:00:00Z`, 'UTC'), days), 'yyyy-MM-dd');

/** Weekday of a calendar day, 1 Monday to 7 Sunday (ISO 8601). */
export const weekdayOf = (date: DateText): number => ((dayNumber(date) + 3) % 7) + 1;
