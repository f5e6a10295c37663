import { RECORD_KINDS, type RecordKind } from '../records/kinds';
import type { AnyRecord, RecordOf } from '../records/garage';
import type { Settings } from '../records/settings';
import { touchSettings } from './settingsFields';
import { addEvents, type LogChunks } from './chunks';
import { isCorrection } from './events';
import type { LogEvent } from '../records/event';
import { touch } from './fields';
import { mapGarage, type Logbook } from './logbook';
import { weatherKey } from './weatherSeen';

/** Records by kind, as one action adds or changes them. */
export type ChangedRecords = { [K in RecordKind]?: readonly RecordOf<K>[] };

/** Everything one action of the rider adds or changes; all of it undone as one. */
export interface Change extends ChangedRecords {
  events?: readonly LogEvent[];
  settings?: Settings;
}

/**
 * A change as it enters the logbook: of each record and the settings only the fields that differ are
 * stamped, and corrections are dated after what they correct. What changes nothing is left out.
 */
export function stampChange(change: Change, before: Logbook, now: number): Change {
  const events = dated(change.events ?? [], before.log);
  const records: Partial<Record<RecordKind, AnyRecord[]>> = {};
  for (const kind of RECORD_KINDS) {
    const old: Readonly<Record<string, AnyRecord>> = before.garage[kind];
    const touched = (change[kind] ?? []).flatMap((record: AnyRecord) => {
      const known = old[record.id];
      const next = known ? touch(known, record, now) : asNew(record, now);
      return next === known ? [] : [next];
    });
    if (touched.length > 0) records[kind] = touched;
  }
  const settings = change.settings && touchSettings(before.settings, change.settings, now);
  return {
    ...(records as ChangedRecords),
    ...(events.length > 0 ? { events } : {}),
    ...(settings && settings !== before.settings ? { settings } : {}),
  };
}

/** A record nobody has had before: all its fields are of now. */
function asNew<T extends AnyRecord>(record: T, now: number): T {
  const fresh = { ...record, changedAt: new Date(now).toISOString() };
  delete fresh.stamps;
  return fresh;
}

/** What the newest of several events decides: the reading of an event, the weather of a day and square. */
const subjectOf = (event: LogEvent): string | null =>
  isCorrection(event) ? event.target : event.type === 'weatherSeen' ? weatherKey(event) : null;

/**
 * Events in which a correction, or a report of the weather, is written down later than all there are on its
 * subject: a clock that was set back must not make the newest word the oldest.
 */
function dated(events: readonly LogEvent[], log: LogChunks): LogEvent[] {
  const latest = new Map<string, number>();
  for (const event of events) {
    const subject = subjectOf(event);
    if (subject !== null) latest.set(subject, -Infinity);
  }
  if (latest.size === 0) return [...events];
  for (const chunk of Object.values(log))
    for (const event of chunk) {
      const subject = subjectOf(event);
      const known = subject === null ? undefined : latest.get(subject);
      if (subject !== null && known !== undefined)
        latest.set(subject, Math.max(known, Date.parse(event.recordedAt)));
    }
  return events.map((event) => {
    const before = latest.get(subjectOf(event) ?? '') ?? -Infinity;
    return Date.parse(event.recordedAt) > before
      ? event
      : { ...event, recordedAt: new Date(before + 1).toISOString() };
  });
}

/** The logbook with a sound change made. What is not touched keeps its identity. */
export function applyChange(logbook: Logbook, change: Change): Logbook {
  const garage = mapGarage(logbook.garage, (records, kind) => {
    const changed = change[kind] ?? [];
    return changed.length > 0
      ? { ...records, ...Object.fromEntries(changed.map((record) => [record.id, record])) }
      : records;
  });
  return {
    garage,
    settings: change.settings ?? logbook.settings,
    log: addEvents(logbook.log, change.events ?? []),
  };
}

/** The change that takes one logbook to another that holds all of it and more. */
export function changeBetween(before: Logbook, after: Logbook, added: readonly LogEvent[]): Change {
  const change: Record<string, AnyRecord[]> = {};
  for (const kind of RECORD_KINDS) {
    const old: Readonly<Record<string, AnyRecord>> = before.garage[kind];
    change[kind] = Object.values<AnyRecord>(after.garage[kind]).filter((r) => old[r.id] !== r);
  }
  return {
    ...(change as ChangedRecords),
    events: added,
    ...(after.settings === before.settings ? {} : { settings: after.settings }),
  };
}
