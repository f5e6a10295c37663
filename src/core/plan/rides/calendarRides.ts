import { GROUND } from '../../care/model/exposure';
import type { DateText } from '../../time/dates';
import type { Surface, Weight } from '../../records/kinds';
import { KM_PER_MILE } from '../../units/convert';
import type { PlannedRide } from '../../records/plan';

/** An entry of a calendar on one of its days. */
export interface CalendarEntry {
  /** Its UID and the day: the same whenever the calendar is read. */
  id: string;
  uid: string;
  title: string;
  text: string;
  date: DateText;
  /** Local time; null of an entry that lasts all day. */
  time: string | null;
  hours: number | null;
}

/** Which entries of a calendar are rides, on which bike, and how far those go that do not say. */
export interface CalendarRules {
  /** Words one of which a ride's title holds; none: every entry is a ride. */
  words: readonly string[];
  bikeId: string;
  surface: Surface;
  /** For entries that tell neither distance nor hours, km. */
  usualKm: number;
}

/** A day's ride is taken to start then. */
const MORNING = '09:00';
/** Nobody rides longer in one go than this, whatever the calendar blocks, hours. */
const MOST_HOURS = 14;

const DISTANCE = /(\d+(?:[.,]\d+)?)\s*(km|kilomet(?:re|er)s?|mi|miles?)\b/i;
const RACE = /\b(race|crit|time trial|championship)\b/i;

/** The distance an entry tells in its title or text, km. */
export function distanceIn(entry: Pick<CalendarEntry, 'title' | 'text'>): number | null {
  const found = DISTANCE.exec(entry.title) ?? DISTANCE.exec(entry.text);
  if (!found) return null;
  const value = Number((found[1] ?? '').replace(',', '.'));
  const km = (found[2] ?? '').toLowerCase().startsWith('m') ? value * KM_PER_MILE : value;
  return km > 0 && km <= 1000 ? km : null;
}

/** A text as its words between blanks, so that one is found as a whole: a bridge is no ride. */
const asWords = (text: string): string =>
  ` ${text
    .toLowerCase()
    .normalize('NFC')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .join(' ')} `;

/** Whether an entry is a ride by the rules: its title holds one of the words, or its plural, as a whole. */
export function isRide(
  { title }: Pick<CalendarEntry, 'title'>,
  { words }: Pick<CalendarRules, 'words'>,
): boolean {
  const within = asWords(title);
  return (
    words.length === 0 ||
    words.map(asWords).some((w) => within.includes(w) || within.includes(`${w.trimEnd()}s `))
  );
}

/** The rides of a calendar by the rules, each with the id it will have again when the calendar is read again. */
export function ridesOfCalendar(
  entries: readonly CalendarEntry[],
  rules: CalendarRules,
): Omit<PlannedRide, 'changedAt' | 'retired'>[] {
  return entries
    .filter((e) => isRide(e, rules))
    .map((entry) => {
      const hours = entry.hours === null || entry.hours > MOST_HOURS ? null : entry.hours;
      const km =
        distanceIn(entry) ??
        (hours !== null && hours > 0 ? hours * GROUND[rules.surface].kmPerH : rules.usualKm);
      const weight: Weight = RACE.test(entry.title) ? 'race' : 'ordinary';
      return {
        id: `cal ${entry.id}`.slice(-200),
        bikeId: rules.bikeId,
        title: entry.title,
        date: entry.date,
        time: entry.time ?? MORNING,
        distanceKm: Math.max(1, Math.round(km * 10) / 10),
        surface: rules.surface,
        weight,
        repeat: null,
        except: [],
        calendarId: entry.id,
      };
    });
}

export interface CalendarChange {
  put: Omit<PlannedRide, 'changedAt' | 'retired'>[];
  /** Rides of entries the calendar has moved away or called off. */
  drop: PlannedRide[];
  unchanged: number;
}

/**
 * What reading a calendar changes: new rides and altered ones, and those whose entry is in the file but no
 * longer on that day. Reading the same calendar twice changes nothing.
 */
export function changeBy(
  rides: readonly Omit<PlannedRide, 'changedAt' | 'retired'>[],
  planned: Readonly<Record<string, PlannedRide>>,
  from: string,
): CalendarChange {
  const same = (a: object, b: object) =>
    Object.entries(a).every(
      ([key, value]) =>
        JSON.stringify((b as Record<string, unknown>)[key]) === JSON.stringify(value),
    );
  const put = rides.filter((ride) => {
    const old = planned[ride.id];
    return !old || old.retired || !same(ride, old);
  });
  const uidOf = (calendarId: string) => calendarId.slice(0, calendarId.lastIndexOf('#'));
  const uids = new Set(rides.map((r) => uidOf(r.calendarId ?? '')));
  const ids = new Set(rides.map((r) => r.id));
  const drop = Object.values(planned).filter(
    (p) =>
      !p.retired &&
      p.calendarId !== null &&
      p.date >= from &&
      uids.has(uidOf(p.calendarId)) &&
      !ids.has(p.id),
  );
  return { put, drop, unchanged: rides.length - put.length };
}
