import { tzOffset } from '@date-fns/tz/tzOffset';
import { MS_PER_DAY, MS_PER_MINUTE } from '../units/convert';
import type { DateText } from './dates';

/** Minutes by which a zone's clocks are ahead at the beginning of a day of UTC: that takes long to find out. */
const known = new Map<string, Map<number, number>>();

function minutesAhead(day: number, zone: string): number {
  let days = known.get(zone);
  if (!days) known.set(zone, (days = new Map()));
  let minutes = days.get(day);
  if (minutes === undefined) {
    minutes = tzOffset(zone, new Date(day * MS_PER_DAY));
    days.set(day, minutes);
  }
  return minutes;
}

/** How far a zone's clocks are ahead at a moment, ms. On a day at whose ends they stand alike nobody turns them. */
function aheadAt(ms: number, zone: string): number {
  const day = Math.floor(ms / MS_PER_DAY);
  const minutes = minutesAhead(day, zone);
  return (
    (minutes === minutesAhead(day + 1, zone) ? minutes : tzOffset(zone, new Date(ms))) *
    MS_PER_MINUTE
  );
}

/** A zone's date and time at a moment, `2026-11-24T18:30:00.000Z` but for the zone. */
const localOf = (ms: number, zone: string): string =>
  new Date(ms + aheadAt(ms, zone)).toISOString();

/** The calendar day a moment (ms) falls on in a zone. */
export const dateOf = (ms: number, zone: string): DateText => localOf(ms, zone).slice(0, 10);

/** The local time of a moment in a zone, `18:30`. */
export const timeOf = (ms: number, zone: string): string => localOf(ms, zone).slice(11, 16);

/**
 * The moment (ms) of a local day and time in a zone. A time the clocks skip is taken an hour on, of one
 * they repeat the first.
 */
export function momentOf(date: DateText, time: string, zone: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  const asUtc = Date.UTC(year, month - 1, day, hour, minute);
  const today = Math.floor(asUtc / MS_PER_DAY);
  // No zone is further than a day ahead or behind.
  const moments = [-1, 0, 1, 2].map(
    (days) => asUtc - minutesAhead(today + days, zone) * MS_PER_MINUTE,
  );
  const found = moments.filter((ms) => ms + aheadAt(ms, zone) === asUtc);
  return found.length > 0 ? Math.min(...found) : (moments[0] ?? NaN);
}
