import { RECORD_KINDS, RECORD_SCHEMAS, type AnyRecord, type RecordOf } from '../garage/schema';
import {
  flattenSettings,
  nestSettings,
  touchSettings,
  type FlatSettings,
} from '../settings/fields';
import { settingsSchema, type Settings } from '../settings/schema';
import { addEvents, type LogChunks } from './chunks';
import { isCorrection, logEventSchema, type LogEvent } from './events';
import { changedFields, touch } from './fields';
import { mapGarage, type Logbook } from './logbook';
import { weatherKey } from './weatherSeen';
import type * as z from 'zod/mini';

/** Records by kind, as one action adds or changes them. */
export type ChangedRecords = {
  [K in keyof typeof RECORD_SCHEMAS]?: readonly RecordOf<K>[];
};

/** Everything one action of the rider adds or changes; all of it undone as one. */
export interface Change extends ChangedRecords {
  events?: readonly LogEvent[];
  settings?: Settings;
}

/** A change as it enters the logbook, and what of it no stored logbook may hold. */
export interface SoundChange {
  change: Change;
  refused: string[];
}

/**
 * A change made fit to be kept: of each record and the settings only the fields that differ are stamped,
 * corrections are dated after what they correct, and what the schema would not read back is left out.
 */
export function soundChange(change: Change, before: Logbook, now: number): SoundChange {
  const refused: string[] = [];
  const events = dated(change.events ?? [], before.log).filter((event) => {
    const sound = logEventSchema.safeParse(event).success;
    if (!sound) refused.push(event.type);
    return sound;
  });
  const records: Partial<Record<keyof ChangedRecords, AnyRecord[]>> = {};
  for (const kind of RECORD_KINDS) {
    const schema: z.ZodMiniType<AnyRecord> = RECORD_SCHEMAS[kind];
    const old: Readonly<Record<string, AnyRecord>> = before.garage[kind];
    const touched = (change[kind] ?? []).flatMap((record: AnyRecord) => {
      const known = old[record.id];
      const next = known ? touch(known, record, now) : asNew(record, now);
      if (next === known) return [];
      if (schema.safeParse(next).success) return [next];
      refused.push(kind);
      return [];
    });
    if (touched.length > 0) records[kind] = touched;
  }
  const settings = change.settings && soundSettings(change.settings, before.settings, now, refused);
  return {
    change: {
      ...(records as ChangedRecords),
      ...(events.length > 0 ? { events } : {}),
      ...(settings && settings !== before.settings ? { settings } : {}),
    },
    refused,
  };
}

/** A record nobody has had before: all its fields are of now. */
function asNew<T extends AnyRecord>(record: T, now: number): T {
  const fresh = { ...record, changedAt: new Date(now).toISOString() };
  delete fresh.stamps;
  return fresh;
}

/** Settings in which each value that may not be kept is as it was before. */
function soundSettings(next: Settings, before: Settings, now: number, refused: string[]): Settings {
  const old = flattenSettings(before);
  const flat: FlatSettings = { ...flattenSettings(next), stamps: old.stamps };
  if (!settingsSchema.safeParse(nestSettings(flat)).success)
    for (const field of changedFields(old, flat)) {
      const one = { ...old, [field]: flat[field] };
      if (Object.hasOwn(flat, field) && settingsSchema.safeParse(nestSettings(one)).success)
        continue;
      refused.push(field);
      if (Object.hasOwn(old, field)) flat[field] = old[field];
      else delete flat[field];
    }
  return touchSettings(before, nestSettings(flat) as Settings, now);
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
