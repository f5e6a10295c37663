import ICAL from 'ical.js';
import { dateOf, momentOf, timeOf } from '../time/zones';
import { daysAfter, type DateText } from '../time/dates';
import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units';
import type { CalendarEntry } from '../plan/rides/calendarRides';
import { splitEvents } from './calendarText';
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
/** Looks at possible days of repeating entries, over the whole file: some seconds at most. */
const MOST_LOOKS = 200_000;
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
  const parsed = parse(text) ?? withoutBad(text);
  if (!parsed) return fail('calendar/damaged');
  const known = zonesOf(parsed.calendars);
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
      withinBudget(budget, () => readEntry(event, own, { known, zone, window, read }));
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
  known: ReadonlyMap<string, ICAL.Timezone>;
  zone: string;
  window: Window;
  read: CalendarRead;
}

function readEntry(
  component: ICAL.Component,
  exceptions: ICAL.Component[],
  reading: Reading,
): void {
  const { window, read } = reading;
  const event = new ICAL.Event(component, { exceptions, strictExceptions: false });
  if (!event.startDate || isOff(component)) return;
  if (!event.isRecurring()) {
    put(event.startDate, { event, duration: event.duration, reading });
    return;
  }
  const iterator = event.iterator();
  // Of days that are listed the first belongs to them (RFC 5545, 3.8.5.2); the parser leaves it out.
  if (!component.hasProperty('rrule') && !isListed(component, event.startDate)) {
    const { item, startDate } = event.getOccurrenceDetails(event.startDate);
    const day = dayIn(event.startDate, component, reading);
    if (!isOff(item.component))
      put(startDate, { event: item, duration: item.duration, reading, day });
  }
  for (let step = 0; ; step++) {
    if (step >= MOST_STEPS) {
      read.cutShort += 1;
      return;
    }
    const next = iterator.next() as ICAL.Time | undefined;
    // The moment of a day long past is worked out for nothing, unless one of them was moved.
    if (next && exceptions.length === 0 && textOf(next) < window.notBefore) continue;
    if (!next || momentIn(next, component, reading) > window.to) return;
    const { item, startDate } = event.getOccurrenceDetails(next);
    if (isOff(item.component)) continue;
    put(startDate, {
      event: item,
      duration: item.duration,
      reading,
      day: dayIn(next, component, reading),
    });
    if (read.entries.length > MOST_ENTRIES) return;
  }
}

/** Whether a day is among those listed, or those excepted. */
const isListed = (component: ICAL.Component, day: ICAL.Time): boolean =>
  [...component.getAllProperties('rdate'), ...component.getAllProperties('exdate')]
    .flatMap((property) => property.getValues() as unknown[])
    .some((value) => String(value) === day.toString());

const isOff = (event: ICAL.Component): boolean =>
  String(event.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';

interface Entry {
  event: ICAL.Event;
  duration: ICAL.Duration;
  reading: Reading;
  day?: DateText;
}

function put(start: ICAL.Time, { event, duration, reading, day }: Entry): void {
  const { window, zone, read } = reading;
  const at = momentIn(start, event.component, reading);
  if (at < window.from || at > window.to) return;
  const date = start.isDate ? textOf(start) : dateOf(at, zone);
  const uid = event.uid || event.summary || 'entry';
  const seconds = duration.toSeconds();
  read.entries.push({
    id: `${uid}#${day ?? date}`.slice(-300),
    uid,
    title: tidy(String(event.summary ?? ''), 120),
    text: tidy(String(event.description ?? ''), 2000),
    date,
    time: start.isDate ? null : timeOf(at, zone),
    // An entry that ends before it begins says nothing of how long it is.
    hours: start.isDate || !(seconds > 0) ? null : (seconds * 1000) / MS_PER_HOUR,
  });
}

const two = (n: number): string => String(n).padStart(2, '0');
const textOf = (t: ICAL.Time): DateText =>
  `${String(t.year).padStart(4, '0')}-${two(t.month)}-${two(t.day)}`;

const dayIn = (t: ICAL.Time, event: ICAL.Component, reading: Reading): DateText =>
  t.isDate ? textOf(t) : dateOf(momentIn(t, event, reading), reading.zone);

/**
 * The moment of a time: in UTC; in a zone the file describes; in one the world knows by that name; else, and
 * for times without a zone, in the rider's own.
 */
function momentIn(t: ICAL.Time, event: ICAL.Component, { known, zone, read }: Reading): number {
  if (t.isDate) return momentOf(textOf(t), '00:00', zone);
  if (t.zone?.tzid === 'UTC') return t.toUnixTime() * 1000;
  const named = event.getFirstProperty('dtstart')?.getFirstParameter('tzid');
  const own = named ? known.get(named) : undefined;
  if (own) {
    const placed = t.clone();
    placed.zone = own;
    return placed.toUnixTime() * 1000;
  }
  const clock = `${two(t.hour)}:${two(t.minute)}`;
  if (named && isZone(named)) return momentOf(textOf(t), clock, named);
  if (named && !read.unknownZones.includes(named)) read.unknownZones.push(named);
  return momentOf(textOf(t), clock, zone);
}

function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}
