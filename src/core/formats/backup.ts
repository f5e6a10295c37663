import { str as crc32 } from 'crc-32';
import type { AnyRecord } from '../records/garage';
import { addEvents, allEvents } from '../logbook/chunks';
import { capStamps } from '../logbook/fields';
import { mapGarage, type Logbook } from '../logbook/logbook';
import type { LogEvent } from '../records/event';
import { CURRENT_VERSION } from '../logbook/versions';
import type { Refused } from '../logbook/reading';
import type * as Reading from '../logbook/reading';
import { EMPTY_GARAGE } from '../garage/empty';
import { fail, ok, type Result } from '../problem';
import { DEFAULT_SETTINGS } from '../settings/defaults';
import { hasUnseen, tidy } from './tidy';

/** The backup file: one JSON object, described in docs/backup-format.md. */
export const BACKUP_FORMAT = 'dapper-spoke-logbook';

/** The checksum of what a backup holds: CRC-32 of its three parts as compact JSON, in hexadecimal. */
const sumOf = (garage: unknown, settings: unknown, events: unknown): string =>
  (crc32(JSON.stringify([garage, settings, events])) >>> 0).toString(16).padStart(8, '0');

/** The whole logbook as the text of one file; `unread`: stored texts that cannot be read, kept along. */
export function writeBackup(
  logbook: Logbook,
  exportedAt: string,
  unread: Readonly<Record<string, string>> = {},
): string {
  const { garage, settings } = logbook;
  const events = allEvents(logbook.log);
  const file = {
    format: BACKUP_FORMAT,
    version: CURRENT_VERSION,
    exportedAt,
    sum: sumOf(garage, settings, events),
    garage,
    settings,
    events,
    ...(Object.keys(unread).length > 0 ? { unread } : {}),
  };
  return JSON.stringify(file, null, 1) + '\n';
}

/** What a backup holds, and what the rider should know of it before it is restored. */
export interface BackupRead {
  logbook: Logbook;
  /** Pieces that cannot be read; all the rest can be restored. */
  refused: Refused[];
  /** The file is not as it was written: its checksum differs, or it was cut off. */
  altered: boolean;
  /** Records with stamps of the future, counted as written now: they must not win for ever. */
  capped: number;
  /** Names with signs that cannot be seen or turn writing around; they were taken out. */
  cleaned: number;
}

interface Envelope {
  version: unknown;
  sum: unknown;
  garage: unknown;
  settings: unknown;
  events: unknown;
}

/** What reads the pieces of a logbook; handed in, since it is loaded when it is needed. */
type Readers = Pick<typeof Reading, 'readEvent' | 'readGarage' | 'readSettings' | 'salvage'>;

/**
 * Reads a backup of any version, as sound at one moment. Pieces that cannot be read are refused one by
 * one; the file is refused only when it is foreign, newer, or nothing of it can be read.
 */
export function readBackup(text: string, now: number, validation: Readers): Result<BackupRead> {
  const { readGarage, readSettings } = validation;
  const envelope = open(text.replace(/^\uFEFF/, ''), validation);
  if (!envelope.ok) return envelope;
  const { version, sum, garage: rawGarage, settings: rawSettings } = envelope.value;
  if (typeof version === 'number' && version > CURRENT_VERSION)
    return fail('backup/newer', { version });
  const refused: Refused[] = [];
  const garage = readGarage(rawGarage, version);
  if (garage) refused.push(...garage.refused);
  else refused.push({ place: 'garage', raw: rawGarage });
  const settings = readSettings(rawSettings, version);
  if (settings) refused.push(...settings.refused);
  else refused.push({ place: 'settings', raw: rawSettings });
  const rawEvents = envelope.value.events;
  if (!Array.isArray(rawEvents)) refused.push({ place: 'events', raw: rawEvents });
  const events = eventsOf(Array.isArray(rawEvents) ? rawEvents : [], version, refused, validation);
  if (!garage && !settings && events.length === 0) return fail('backup/damaged');
  let capped = 0;
  let cleaned = 0;
  const clean = <T extends AnyRecord>(record: T): T => {
    const field = 'name' in record ? 'name' : 'title' in record ? 'title' : null;
    const text = field === null ? '' : String(record[field as keyof T]);
    if (field === null || !hasUnseen(text)) return record;
    cleaned += 1;
    return { ...record, [field]: tidy(text) || 'Nameless' };
  };
  const cap = <T extends AnyRecord | Logbook['settings']>(record: T): T => {
    const sound = capStamps(record, now);
    if (sound !== record) capped += 1;
    return sound;
  };
  const logbook: Logbook = {
    garage: mapGarage(garage?.garage ?? EMPTY_GARAGE, (records) =>
      Object.fromEntries(Object.entries(records).map(([id, record]) => [id, cap(clean(record))])),
    ),
    settings: cap(settings?.settings ?? DEFAULT_SETTINGS),
    log: addEvents({}, events),
  };
  const whole = sum === undefined || sum === sumOf(rawGarage, rawSettings, rawEvents);
  const altered = !whole || envelope.value.version === undefined;
  return ok({ logbook, refused, altered, capped, cleaned });
}

function open(text: string, { salvage }: Readers): Result<Envelope> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    if (!text.includes(`"${BACKUP_FORMAT}"`)) return fail('backup/not-json');
    const { garage, settings, events } = salvage(text);
    const found = Object.keys(garage).length > 0 || events.length > 0;
    return found
      ? ok({ version: undefined, sum: undefined, garage, settings, events })
      : fail('backup/not-json');
  }
  const format = (json as { format?: unknown } | null)?.format;
  return format === BACKUP_FORMAT ? ok(json as Envelope) : fail('backup/foreign');
}

/** The events that can be read; an id belongs to one event, whatever month it is in. */
function eventsOf(
  raw: readonly unknown[],
  version: unknown,
  refused: Refused[],
  { readEvent }: Readers,
): LogEvent[] {
  const known = new Set<string>();
  return raw.flatMap((item, n) => {
    const event = readEvent(item, version);
    if (!event || known.has(event.id)) {
      refused.push({ place: `events[${n}]`, raw: item });
      return [];
    }
    known.add(event.id);
    return [event];
  });
}
