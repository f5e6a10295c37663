import type ICAL from 'ical.js';
import { isZone } from '../intl/device';
import { dateOf, momentOf } from '../time/zones';
import type { DateText } from '../time/dates';

/** The zones of a calendar: those it describes, the rider's own, and names nobody knows, noted as they are met. */
export interface Zones {
  known: ReadonlyMap<string, ICAL.Timezone>;
  rider: string;
  unknown: string[];
}

const two = (n: number): string => String(n).padStart(2, '0');

/** The day a time stands on, by its own clock. */
export const textOf = (t: ICAL.Time): DateText =>
  `${String(t.year).padStart(4, '0')}-${two(t.month)}-${two(t.day)}`;

/** The zone a property's time is in by name; undefined: it names none. */
export const zoneNameOf = (property: ICAL.Property | null | undefined): string | undefined =>
  property?.getFirstParameter('tzid');

/**
 * The moment of a time, ms: in UTC; in the zone of that name the file describes; in one the world knows by that name; else,
 * and for times without a zone, in the rider's own.
 */
export function momentIn(t: ICAL.Time, name: string | undefined, zones: Zones): number {
  if (t.isDate) return momentOf(textOf(t), '00:00', zones.rider);
  if (t.zone?.tzid === 'UTC') return t.toUnixTime() * 1000;
  const own = name ? zones.known.get(name) : undefined;
  if (own) {
    const placed = t.clone();
    placed.zone = own;
    return placed.toUnixTime() * 1000;
  }
  const clock = `${two(t.hour)}:${two(t.minute)}`;
  if (name && isZone(name)) return momentOf(textOf(t), clock, name);
  if (name && !zones.unknown.includes(name)) zones.unknown.push(name);
  return momentOf(textOf(t), clock, zones.rider);
}

/** The day of a time in the rider's zone. */
export const dayIn = (t: ICAL.Time, name: string | undefined, zones: Zones): DateText =>
  t.isDate ? textOf(t) : dateOf(momentIn(t, name, zones), zones.rider);
