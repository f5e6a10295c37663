import * as z from 'zod/mini';
import { garageSchema } from '../garage';
import {
  addEvents,
  allEvents,
  CURRENT_VERSION,
  logEventSchema,
  migrate,
  newer,
  type LogEvent,
  type Logbook,
} from '../logbook';
import { fail, ok, type Result } from '../problem';
import { settingsSchema } from '../settings';

/** The backup file: one JSON object, described in docs/backup-format.md. */
export const BACKUP_FORMAT = 'dapper-spoke-logbook';

const envelopeSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.int().check(z.positive()),
  exportedAt: z.string(),
  garage: z.unknown(),
  settings: z.unknown(),
  events: z.array(z.unknown()),
});

/** The whole logbook as the text of one file. */
export function writeBackup(logbook: Logbook, exportedAt: string): string {
  const file = {
    format: BACKUP_FORMAT,
    version: CURRENT_VERSION,
    exportedAt,
    garage: logbook.garage,
    settings: logbook.settings,
    events: allEvents(logbook.log),
  };
  return JSON.stringify(file, null, 1) + '\n';
}

/** Reads a backup; anything not wholly right is refused with the place, so that nothing is half restored. */
export function readBackup(text: string): Result<Logbook> {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return fail('backup/not-json');
  }
  const format = (json as { format?: unknown } | null)?.format;
  if (format !== BACKUP_FORMAT) return fail('backup/foreign');
  const envelope = envelopeSchema.safeParse(json);
  if (!envelope.success) return damaged(envelope.error);
  const { version, garage: rawGarage, settings: rawSettings, events: rawEvents } = envelope.data;
  if (version > CURRENT_VERSION) return fail('backup/newer', { detail: String(version) });

  const garage = read('garage', rawGarage, version, garageSchema);
  if (!garage.ok) return garage;
  const settings = read('settings', rawSettings, version, settingsSchema);
  if (!settings.ok) return settings;
  const events: LogEvent[] = [];
  for (const [index, raw] of rawEvents.entries()) {
    const event = read('event', raw, version, logEventSchema, `events[${index}]`);
    if (!event.ok) return event;
    events.push(event.value);
  }
  return ok({
    garage: garage.value,
    settings: settings.value,
    log: addEvents({}, events),
  });
}

function read<T>(
  part: 'event' | 'garage' | 'settings',
  raw: unknown,
  version: number,
  schema: z.ZodMiniType<T>,
  place: string = part,
): Result<T> {
  const migrated = migrate(part, raw, version);
  if (!migrated.ok) return migrated;
  const parsed = schema.safeParse(migrated.value);
  return parsed.success ? ok(parsed.data) : damaged(parsed.error, place);
}

function damaged(error: z.core.$ZodError, place?: string): Result<never> {
  const path = [place, ...(error.issues[0]?.path ?? [])].filter((p) => p !== undefined);
  return fail('backup/damaged', { detail: path.join(', ') || 'its first line' });
}

/** What restoring would do, counted. */
export interface RestorePreview {
  events: { added: number; kept: number };
  bikes: Counts;
  chains: Counts;
  products: Counts;
  settings: 'kept' | 'replaced';
  /** First and last moment in the file's log. */
  from: string | null;
  to: string | null;
}

export interface Counts {
  added: number;
  replaced: number;
  kept: number;
}

/** Counts what `mergeLogbooks(ours, theirs)` will change. */
export function previewRestore(ours: Logbook, theirs: Logbook): RestorePreview {
  const ourIds = new Set(allEvents(ours.log).map((e) => e.id));
  const events = allEvents(theirs.log);
  const added = events.filter((e) => !ourIds.has(e.id)).length;
  return {
    events: { added, kept: events.length - added },
    bikes: count(ours.garage.bikes, theirs.garage.bikes),
    chains: count(ours.garage.chains, theirs.garage.chains),
    products: count(ours.garage.products, theirs.garage.products),
    settings: newer(ours.settings, theirs.settings) === ours.settings ? 'kept' : 'replaced',
    from: events[0]?.at ?? null,
    to: events.at(-1)?.at ?? null,
  };
}

function count<T extends { changedAt: string }>(
  ours: Record<string, T>,
  theirs: Record<string, T>,
): Counts {
  const counts: Counts = { added: 0, replaced: 0, kept: 0 };
  for (const [id, record] of Object.entries(theirs)) {
    const own = ours[id];
    if (!own) counts.added++;
    else if (newer(own, record) === own) counts.kept++;
    else counts.replaced++;
  }
  return counts;
}
