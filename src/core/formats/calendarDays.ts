import type ICAL from 'ical.js';
import { momentIn, textOf, zoneNameOf, type Zones } from './calendarMoments';

/**
 * The days of a repeating entry, in order. The day it begins on is the first of them (RFC 5545, 3.8.5.2 and 3.8.5.3), also
 * where its rule does not fall on that day: the parser leaves it out there.
 */
export function* daysOf(event: ICAL.Event): Generator<ICAL.Time> {
  const { component, startDate } = event;
  const iterator = event.iterator();
  const first = iterator.next() as ICAL.Time | undefined;
  const isByRule =
    component.hasProperty('rrule') && first !== undefined && first.compare(startDate) <= 0;
  if (!isByRule && !isListed(component, startDate)) yield startDate;
  let last = '';
  for (let next = first; next; next = iterator.next() as ICAL.Time | undefined) {
    const text = next.toString();
    if (text !== last) yield next;
    last = text;
  }
}

/** Whether a day is among those listed. */
const isListed = (component: ICAL.Component, day: ICAL.Time): boolean =>
  component
    .getAllProperties('rdate')
    .flatMap((property) => property.getValues() as unknown[])
    .some((value) => String(value) === day.toString());

/** What becomes of single days of a repeating entry. */
export interface ChangedDays {
  isLeftOut(day: ICAL.Time): boolean;
  /** The entry a day was changed to; undefined: it stands. */
  changedTo(day: ICAL.Time): ICAL.Component | undefined;
}

/**
 * Days of an entry that are left out or changed, taken out of it and matched by their moment: programs write them in UTC,
 * in the entry's zone or as bare days, and one twice, which the parser does not match.
 */
export function takeChangedDays(
  component: ICAL.Component,
  exceptions: readonly ICAL.Component[],
  zones: Zones,
): ChangedDays {
  const start = component.getFirstProperty('dtstart');
  const own = zoneNameOf(start);
  const isAllDay = (start?.getFirstValue() as ICAL.Time | null)?.isDate ?? false;
  const keyOf = (t: ICAL.Time, name: string | undefined): string =>
    t.isDate || isAllDay ? textOf(t) : String(momentIn(t, name ?? own, zones));
  const keysOf = (property: ICAL.Property): string[] =>
    (property.getValues() as ICAL.Time[]).map((t) => keyOf(t, zoneNameOf(property)));
  const out = new Set(component.getAllProperties('exdate').flatMap(keysOf));
  component.removeAllProperties('exdate');
  const until = takeEnd(component);
  const changed = new Map(
    exceptions.flatMap((exception) =>
      exception
        .getAllProperties('recurrence-id')
        .flatMap(keysOf)
        .map((key) => [key, exception] as const),
    ),
  );
  return {
    isLeftOut: (day) =>
      (out.size > 0 && (out.has(keyOf(day, own)) || out.has(textOf(day)))) ||
      (until !== null && momentIn(day, own, zones) > until && !isListed(component, day)),
    changedTo: (day) => (changed.size > 0 ? changed.get(keyOf(day, own)) : undefined),
  };
}

/** A rule may end on whichever side of midnight its end in UTC falls: the parser takes the end for the entry's own clock. */
const ONE_DAY = 1;

/**
 * The end of a rule written in UTC, ms, as RFC 5545 (3.3.10) wants it for entries in a zone; null: the parser's is right. The
 * rule itself then runs a day longer.
 */
function takeEnd(component: ICAL.Component): number | null {
  const rule = component.getFirstPropertyValue('rrule') as ICAL.Recur | null;
  const start = component.getFirstPropertyValue('dtstart') as ICAL.Time | null;
  const until = rule?.until;
  if (!rule || !until || until.isDate || until.zone.tzid !== 'UTC' || start?.zone.tzid === 'UTC')
    return null;
  const end = until.toUnixTime() * 1000;
  const later = until.clone();
  later.adjust(ONE_DAY, 0, 0, 0);
  rule.until = later;
  return end;
}
