import { RECORD_KINDS, type RecordKind } from '@/core/records/kinds';
import type { AnyRecord } from '@/core/records/garage';
import { changedFields } from '@/core/logbook/fields';
import type { Change, ChangedRecords } from '@/core/logbook/change';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import type { Settings } from '@/core/records/settings';
import { flattenSettings, nestSettings, type FlatSettings } from '@/core/logbook/settingsFields';
import equal from 'fast-deep-equal';
import type { Edge } from './edge';

/** A field an action changed. A field that was not there has no `was`, one that is gone no `wrote`. */
interface FieldStep {
  field: string;
  was?: unknown;
  wrote?: unknown;
}

/** One action of the rider: the events to strike and the fields to put back to take it away again. */
export interface Undoable {
  label: string;
  eventIds: string[];
  records: { kind: RecordKind; id: string; fields: FieldStep[] }[];
  settings: FieldStep[];
}

/**
 * What takes a change away again. The log only grows, so its events are struck; of records and settings
 * the fields that the change wrote get their former values, and a record that was new is retired.
 */
export function undoableOf(label: string, change: Change, before: Logbook): Undoable {
  const records = RECORD_KINDS.flatMap((kind) => {
    const old: Readonly<Record<string, AnyRecord>> = before.garage[kind];
    return (change[kind] ?? []).map((record: AnyRecord) => {
      const former = old[record.id];
      const fields = former
        ? stepsOf(former, record)
        : [{ field: 'retired', was: true, wrote: false }];
      return { kind, id: record.id, fields };
    });
  });
  return {
    label,
    eventIds: (change.events ?? []).map((e) => e.id),
    records,
    settings: change.settings
      ? stepsOf(flattenSettings(before.settings), flattenSettings(change.settings))
      : [],
  };
}

type Fields = Readonly<Record<string, unknown>>;

function stepsOf(before: Parameters<typeof changedFields>[0], after: typeof before): FieldStep[] {
  const [old, now] = [before as unknown as Fields, after as unknown as Fields];
  return changedFields(before, after).map((field) => ({
    field,
    ...(Object.hasOwn(old, field) ? { was: old[field] } : {}),
    ...(Object.hasOwn(now, field) ? { wrote: now[field] } : {}),
  }));
}

/** Fields put back where they still are as the action wrote them: what came later, elsewhere, stays. */
function restoreFields<T extends object>(record: T, steps: readonly FieldStep[]): T {
  const fields: Record<string, unknown> = Object.fromEntries(Object.entries(record));
  for (const step of steps) {
    const { field } = step;
    if (!equal(fields[field], step.wrote)) continue;
    if ('was' in step) fields[field] = step.was;
    else delete fields[field];
  }
  return fields as T;
}

/** The change that undoes; undoing that change in turn redoes. */
export function reversal(undoable: Undoable, logbook: Logbook, edge: Edge): Change {
  const now = new Date(edge.now()).toISOString();
  const events: LogEvent[] = undoable.eventIds.map((target) => ({
    type: 'eventStruck',
    id: edge.newId(),
    at: now,
    zone: edge.zone,
    recordedAt: now,
    target,
  }));
  const records: Partial<Record<RecordKind, AnyRecord[]>> = {};
  for (const { kind, id, fields } of undoable.records) {
    const record: AnyRecord | undefined = logbook.garage[kind][id];
    if (record) (records[kind] ??= []).push(restoreFields(record, fields));
  }
  return {
    ...(records as ChangedRecords),
    events,
    ...(undoable.settings.length > 0 ? { settings: settingsBack(logbook, undoable) } : {}),
  };
}

function settingsBack({ settings }: Logbook, undoable: Undoable): Settings {
  const flat: FlatSettings = restoreFields(flattenSettings(settings), undoable.settings);
  return nestSettings(flat) as Settings;
}
