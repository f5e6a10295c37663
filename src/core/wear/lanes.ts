import { startOfDay } from 'date-fns/startOfDay';
import { weekOf } from '../time/weeks';
import { METHODS } from '../care/model/work';
import { MS_PER_HOUR } from '../units/convert';
import { isWetRide, type ServiceRow } from './service';

/** How close one looks at a life: from years on one screen down to single days. */
export const ZOOMS = ['years', 'months', 'weeks', 'days'] as const;
export type Zoom = (typeof ZOOMS)[number];

/** What stands in a lane of its own. */
export const LANES = ['fitted', 'lubed', 'cleaned', 'read', 'noticed'] as const;
export type Lane = (typeof LANES)[number];

/** What happened within a span of time: a week, a day, a quarter of a day. */
export interface Span {
  /** Its start, ms. */
  at: number;
  dryKm: number;
  wetKm: number;
  /** Lube and cleaners, as far as prices are known. */
  cost: number;
  lanes: ReadonlySet<Lane>;
  /** Oldest first. */
  rows: readonly ServiceRow[];
}

/** Where a span begins that a moment lies in, in the rider's time zone. */
const STARTS: Record<Zoom, (at: number, firstDay: number) => number> = {
  years: weekOf,
  months: (at) => startOfDay(at).getTime(),
  weeks: (at) => startOfDay(at).getTime(),
  days: (at) => {
    const day = startOfDay(at).getTime();
    return day + Math.floor((at - day) / (6 * MS_PER_HOUR)) * 6 * MS_PER_HOUR;
  },
};

/** The lanes an event stands in; a ride stands in none: it is drawn as kilometres. */
export function lanesOf({ event }: ServiceRow): Lane[] {
  switch (event.type) {
    case 'chainFitted':
    case 'chainRemoved':
    case 'partFitted':
    case 'partRemoved':
      return ['fitted'];
    case 'workDone': {
      const cleaned = METHODS[event.method].deep ? (['cleaned'] as const) : [];
      return event.lube ? ['lubed', ...cleaned] : [...cleaned];
    }
    case 'wearRead':
      return ['read'];
    case 'rideLogged':
      return [];
    default:
      return ['noticed'];
  }
}

/** A life in spans, oldest first; those in which nothing happened are left out. `rows`: newest first, as a service history has them; weeks begin on a day, 1 Monday to 7 Sunday. */
export function spansOf(rows: readonly ServiceRow[], zoom: Zoom, firstDay: number): Span[] {
  const spans: (Span & { rows: ServiceRow[]; lanes: Set<Lane> })[] = [];
  for (let n = rows.length - 1; n >= 0; n--) {
    const row = rows[n]!;
    const at = STARTS[zoom](Date.parse(row.event.at), firstDay);
    let span = spans.at(-1);
    if (span?.at !== at) {
      span = { at, dryKm: 0, wetKm: 0, cost: 0, lanes: new Set(), rows: [] };
      spans.push(span);
    }
    span.rows.push(row);
    span.cost += row.cost;
    for (const lane of lanesOf(row)) span.lanes.add(lane);
    if (row.event.type !== 'rideLogged') continue;
    if (isWetRide(row)) span.wetKm += row.event.distanceKm;
    else span.dryKm += row.event.distanceKm;
  }
  return spans;
}
