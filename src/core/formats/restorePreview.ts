import { RECORD_KINDS, type RecordKind } from '../records/kinds';
import type { AnyRecord } from '../records/garage';
import { allEvents } from '../logbook/chunks';
import { changedFields, mergeFields } from '../logbook/fields';
import type { Logbook } from '../logbook/logbook';
import { flattenSettings, mergeSettings } from '../logbook/settingsFields';

/** A field that restoring would change. */
export interface FieldChange {
  field: string;
  was: unknown;
  becomes: unknown;
}

export interface RecordsPreview {
  kind: RecordKind;
  added: number;
  kept: number;
  changed: { id: string; name: string; fields: FieldChange[] }[];
}

/** What restoring would do, counted and field by field. */
export interface RestorePreview {
  events: { added: number; kept: number };
  /** The kinds of record the file speaks of. */
  records: RecordsPreview[];
  settings: FieldChange[];
  /** First and last moment in the file's log. */
  from: string | null;
  to: string | null;
}

/** Foretells what `mergeLogbooks(ours, theirs)` will change. */
export function previewRestore(ours: Logbook, theirs: Logbook): RestorePreview {
  const ourIds = new Set(allEvents(ours.log).map((e) => e.id));
  const events = allEvents(theirs.log);
  const added = events.filter((e) => !ourIds.has(e.id)).length;
  const settings = flattenSettings(ours.settings);
  return {
    events: { added, kept: events.length - added },
    records: RECORD_KINDS.map((kind) => previewKind(kind, ours, theirs)).filter(
      ({ added, kept, changed }) => added + kept + changed.length > 0,
    ),
    settings: changesOf(settings, flattenSettings(mergeSettings(ours.settings, theirs.settings))),
    from: events[0]?.at ?? null,
    to: events.at(-1)?.at ?? null,
  };
}

function previewKind(kind: RecordKind, ours: Logbook, theirs: Logbook): RecordsPreview {
  const preview: RecordsPreview = { kind, added: 0, kept: 0, changed: [] };
  const old: Readonly<Record<string, AnyRecord>> = ours.garage[kind];
  for (const [id, record] of Object.entries<AnyRecord>(theirs.garage[kind])) {
    const own = old[id];
    const fields = own ? changesOf(own, mergeFields(own, record)) : [];
    if (!own) preview.added += 1;
    else if (fields.length === 0) preview.kept += 1;
    else preview.changed.push({ id, name: nameOf(own), fields });
  }
  return preview;
}

type Fields = Parameters<typeof changedFields>[0] & object;

const changesOf = (was: Fields, becomes: Fields): FieldChange[] =>
  changedFields(was, becomes).map((field) => ({
    field,
    was: (was as unknown as Record<string, unknown>)[field],
    becomes: (becomes as unknown as Record<string, unknown>)[field],
  }));

function nameOf(record: AnyRecord): string {
  if ('name' in record) return record.name;
  if ('title' in record) return record.title;
  return 'startedAt' in record ? record.startedAt.slice(0, 10) : record.date;
}
