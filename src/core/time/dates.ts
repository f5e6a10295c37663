import { MS_PER_DAY } from '../units/convert';
import { dateFormat } from '../intl/dates';

/** A day of the rider's calendar, `2026-11-24`. Text order is order of time. */
export type DateText = string;

/** Days since 1970 of a calendar day: whole, whatever clocks do. */
export const dayNumber = (date: DateText): number =>
  Math.round(Date.parse(`${date}T00:00:00Z`) / MS_PER_DAY);

/** The calendar day so many days on. */
export const daysAfter = (date: DateText, days: number): DateText =>
  new Date((dayNumber(date) + days) * MS_PER_DAY).toISOString().slice(0, 10);

/** Weekday of a calendar day, 1 Monday to 7 Sunday (ISO 8601). */
export const weekdayOf = (date: DateText): number => ((dayNumber(date) + 3) % 7) + 1;

const weekday = dateFormat({ weekday: 'long', timeZone: 'UTC' });
const shortName = dateFormat({ weekday: 'short', timeZone: 'UTC' });
const dayAndMonth = dateFormat({
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const month = dateFormat({ month: 'long', timeZone: 'UTC' });
const dayOfMonth = dateFormat({ day: 'numeric', month: 'long', timeZone: 'UTC' });
const noon = (date: DateText): number => Date.parse(`${date}T12:00:00Z`);

/** "Thu 26 Nov". */
export const shortDay = (date: DateText): string => dayAndMonth.format(noon(date));

/** "Yesterday", "Today", "Tomorrow", "Thursday" to come, or the date. */
export function dayWord(date: DateText, today: DateText): string {
  const days = dayNumber(date) - dayNumber(today);
  if (days === 0) return 'Today';
  if (days === 1) return 'Tomorrow';
  if (days === -1) return 'Yesterday';
  return days > 0 && days < 7 ? weekday.format(noon(date)) : shortDay(date);
}

/** Days ahead for which a likely day is said as a date, and from which only as a part of a month. Own choice. */
const SAID_BY_DATE = 21;

/** A likely day to come, as near as it deserves: "today", "Wednesday", "14 December", "mid January". */
export function dueWord(date: DateText, today: DateText): string {
  const days = dayNumber(date) - dayNumber(today);
  if (days < SAID_BY_DATE) {
    const word = dayWord(date, today);
    if (days < 2) return word.toLowerCase();
    return days < 7 ? word : dayOfMonth.format(noon(date));
  }
  const day = Number(date.slice(8));
  const part = day <= 10 ? 'early' : day <= 20 ? 'mid' : 'late';
  return `${part} ${month.format(noon(date))}`;
}

/** The days of a week, 1 Monday to 7 Sunday, from the one it begins on. */
export const weekFrom = (first: number): number[] =>
  Array.from({ length: 7 }, (_, n) => ((first - 1 + n) % 7) + 1);

/** A Monday, to name weekdays from. */
const MONDAY = '2026-11-23';
export const weekdayName = (n: number): string => weekday.format(noon(daysAfter(MONDAY, n - 1)));
export const shortWeekday = (n: number): string => shortName.format(noon(daysAfter(MONDAY, n - 1)));
