import { dayNumber, daysAfter, weekdayOf, type DateText } from '../../time/dates';
import type { PlannedRide } from '../../records/plan';

/** Days of a planned ride from `from` to `to`, both included. */
export function datesOf(ride: PlannedRide, from: DateText, to: DateText): DateText[] {
  const { repeat } = ride;
  if (ride.retired) return [];
  if (!repeat)
    return ride.date >= from && ride.date <= to && !ride.except.includes(ride.date)
      ? [ride.date]
      : [];
  const until = repeat.until !== null && repeat.until < to ? repeat.until : to;
  const firstWeek = weekNumber(ride.date);
  const dates: DateText[] = [];
  for (let date = from > ride.date ? from : ride.date; date <= until; date = daysAfter(date, 1)) {
    if (!repeat.weekdays.includes(weekdayOf(date))) continue;
    if ((weekNumber(date) - firstWeek) % repeat.everyWeeks !== 0) continue;
    if (!ride.except.includes(date)) dates.push(date);
  }
  return dates;
}

/** Weeks, from Monday, since 1970. */
const weekNumber = (date: DateText): number => Math.floor((dayNumber(date) + 3) / 7);
