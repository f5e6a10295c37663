import ICAL from 'ical.js';
import { dateOf, momentOf, timeOf } from '../time/zones';
import { daysAfter, type DateText } from '../time/dates';
import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units/convert';
import type { CalendarEntry } from '../plan/rides/calendarRides';
import { daysOf, takeChangedDays } from './calendarDays';
import { dayIn, momentIn, textOf, zoneNameOf, type Zones } from './calendarMoments';
import { nameDays, splitEvents } from './calendarText';
import { RepeatsWithoutEnd, withinBudget, type RepeatBudget } from './repeatBudget';
import { tidy } from './tidy';

export interface CalendarRead {
  entries: CalendarEntry[];
  /** Entries that could not be read, and those of zones nobody knows, taken as local time. */
  skipped: number;
  unknownZones: string[];
  /** Entries that repeat so often that only the first were taken. */
  cutShort: number;
  /** More than were kept. */
  tooMany: boolean;
}

/** Most entries that are read of a calendar. */
const MOST_ENTRIES = 2000;
/** Looks at possible days of repeating entries, over the whole file: ten daily ones for thirty years; a second or two. */
const MOST_LOOKS = 120_000;
/** Steps through the repeats of one entry: daily for thirty years. */
const MOST_STEPS = 11_000;

/** Reads the entries of a calendar file from one day to another in the rider's zone. */
export function readCalendar(
  text: string,
  zone: string,
  from: DateText,
  to: DateText,
): Result<CalendarRead> {
  if (text.trim() === '') return fail('file/empty');
  const named = nameDays(text);
  const parsed = parse(named) ?? withoutBad(named);
  if (!parsed) return fail('calendar/damaged');
  const read: CalendarRead = {
    entries: [],
    skipped: parsed.skipped,
    unknownZones: [],
    cutShort: 0,
    tooMany: false,
  };
  const events = parsed.calendars.flatMap((c) => c.getAllSubcomponents('vevent'));
  const uidOf = (event: ICAL.Component) => String(event.getFirstPropertyValue('uid') ?? '');
  const repeated = new Set(events.filter((e) => !e.hasProperty('recurrence-id')).map(uidOf));
  const exceptions = new Map<string, ICAL.Component[]>();
  for (const event of events)
    if (event.hasProperty('recurrence-id')) {
      const uid = uidOf(event);
      exceptions.set(uid, [...(exceptions.get(uid) ?? []), event]);
    }
  const zones: Zones = {
    known: zonesOf(parsed.calendars),
    rider: zone,
    unknown: read.unknownZones,
  };
  const budget: RepeatBudget = { left: MOST_LOOKS };
  const window: Window = {
    from: momentOf(from, '00:00', zone),
    to: momentOf(to, '23:59', zone),
    notBefore: daysAfter(from, -2),
  };
  for (const event of events) {
    const uid = uidOf(event);
    // An exception goes with what it is one of; where that is not in the file, it stands for itself.
    const isException = event.hasProperty('recurrence-id');
    if (isException && repeated.has(uid)) continue;
    const own = isException ? [] : (exceptions.get(uid) ?? []);
    try {
      withinBudget(budget, () => readEntry(event, own, { zones, window, read }));
    } catch (error) {
      if (error instanceof RepeatsWithoutEnd) read.cutShort += 1;
      else read.skipped += 1;
    }
    if (read.entries.length > MOST_ENTRIES) {
      read.tooMany = true;
      read.entries.length = MOST_ENTRIES;
      break;
    }
  }
  read.entries.sort(
    (a, b) => a.date.localeCompare(b.date) || (a.time ?? '').localeCompare(b.time ?? ''),
  );
  return ok(read);
}

interface Parsed {
  /** A file may hold several, one behind the other. */
  calendars: ICAL.Component[];
  skipped: number;
}

/** The zones calendars describe, by their names. */
function zonesOf(calendars: readonly ICAL.Component[]): Map<string, ICAL.Timezone> {
  const known = new Map<string, ICAL.Timezone>();
  for (const part of calendars.flatMap((c) => c.getAllSubcomponents('vtimezone'))) {
    const own = new ICAL.Timezone(part);
    if (own.tzid) known.set(own.tzid, own);
  }
  return known;
}

function parse(text: string): Parsed | null {
  try {
    const parsed = ICAL.parse(text) as unknown[];
    const roots = (Array.isArray(parsed[0]) ? parsed : [parsed]) as unknown[][];
    const calendars = roots
      .map((root) => new ICAL.Component(root))
      .filter((component) => component.name === 'vcalendar');
    return calendars.length > 0 ? { calendars, skipped: 0 } : null;
  } catch {
    return null;
  }
}

/** One bad entry makes the parser refuse the file: the calendar without those it refuses. */
function withoutBad(text: string): Parsed | null {
  const { frame, events } = splitEvents(text);
  if (events.length === 0 || !/^END:VCALENDAR/im.test(frame)) return null;
  const within = (body: string) => frame.replace(/^END:VCALENDAR/im, () => `${body}END:VCALENDAR`);
  if (!parse(within(''))) return null;
  const good = events.filter((event) => parse(`BEGIN:VCALENDAR\r\n${event}END:VCALENDAR\r\n`));
  const parsed = parse(within(good.join('')));
  return parsed && { ...parsed, skipped: events.length - good.length };
}

interface Window {
  from: number;
  to: number;
  /** A day before the window in any zone. */
  notBefore: DateText;
}

interface Reading {
  zones: Zones;
  window: Window;
  read: CalendarRead;
}

function readEntry(
  component: ICAL.Component,
  exceptions: readonly ICAL.Component[],
  reading: Reading,
): void {
  // The parser knows of changes to a day and all after it; those of single days are matched here.
  const lasting = exceptions.filter(isLasting);
  const event = new ICAL.Event(component, { exceptions: lasting, strictExceptions: false });
  if (!event.startDate || isOff(component)) return;
  const met = new Set<ICAL.Component>(lasting);
  if (event.isRecurring()) readRepeats(event, met, { exceptions, reading });
  else put(event.startDate, { event, duration: event.duration, reading });
  // What was moved from a day that is left out, or beyond the last, is ridden on the day it was moved to.
  for (const moved of exceptions) if (!met.has(moved)) readEntry(moved, [], reading);
}

const isLasting = (exception: ICAL.Component): boolean =>
  exception.getFirstProperty('recurrence-id')?.getFirstParameter('range') === 'THISANDFUTURE';

/** Takes each day of a repeating entry; notes the exceptions that are days of it. */
function readRepeats(
  event: ICAL.Event,
  met: Set<ICAL.Component>,
  { exceptions, reading }: { exceptions: readonly ICAL.Component[]; reading: Reading },
): void {
  const { window, read, zones } = reading;
  const { component } = event;
  const name = zoneNameOf(component.getFirstProperty('dtstart'));
  const single = exceptions.filter((exception) => !isLasting(exception));
  const changes = takeChangedDays(component, single, zones);
  let step = 0;
  for (const next of daysOf(event)) {
    step += 1;
    if (step > MOST_STEPS) {
      read.cutShort += 1;
      return;
    }
    // The moment of a day long past is worked out for nothing, unless one of them was moved.
    if (exceptions.length === 0 && textOf(next) < window.notBefore) continue;
    if (momentIn(next, name, zones) > window.to) return;
    const changed = changes.changedTo(next);
    if (changed) met.add(changed);
    if (changes.isLeftOut(next) && !changed) continue;
    const { item, startDate } = changed ? alone(changed) : event.getOccurrenceDetails(next);
    if (isOff(item.component)) continue;
    put(startDate, {
      event: item,
      duration: item.duration,
      reading,
      day: dayIn(next, name, zones),
    });
    if (read.entries.length > MOST_ENTRIES) return;
  }
}

/** A changed day as an entry of its own. */
function alone(changed: ICAL.Component): { item: ICAL.Event; startDate: ICAL.Time } {
  const item = new ICAL.Event(changed);
  return { item, startDate: item.startDate };
}

const isOff = (event: ICAL.Component): boolean =>
  String(event.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';

interface Entry {
  event: ICAL.Event;
  duration: ICAL.Duration;
  reading: Reading;
  day?: DateText;
}

function put(start: ICAL.Time, { event, duration, reading, day }: Entry): void {
  const { window, zones, read } = reading;
  const at = momentIn(start, zoneNameOf(event.component.getFirstProperty('dtstart')), zones);
  if (at < window.from || at > window.to) return;
  const date = start.isDate ? textOf(start) : dateOf(at, zones.rider);
  const uid = event.uid || event.summary || 'entry';
  const seconds = duration.toSeconds();
  read.entries.push({
    id: `${uid}#${day ?? date}`.slice(-300),
    uid,
    title: tidy(String(event.summary ?? ''), 120),
    text: tidy(String(event.description ?? ''), 2000),
    date,
    time: start.isDate ? null : timeOf(at, zones.rider),
    // An entry that ends before it begins says nothing of how long it is.
    hours: start.isDate || !(seconds > 0) ? null : (seconds * 1000) / MS_PER_HOUR,
  });
}
