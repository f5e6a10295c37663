import * as z from 'zod/mini';
import { EMPTY_GARAGE, garageSchema } from '@/core/garage';
import {
  addEvents,
  CURRENT_VERSION,
  logEventSchema,
  mergeGarages,
  migrate,
  newer,
  type LogChunks,
  type LogEvent,
  type Logbook,
} from '@/core/logbook';
import { fail, ok, type Result } from '@/core/problem';
import { DEFAULT_SETTINGS, settingsSchema } from '@/core/settings';

/** How a logbook lies in storage: `meta`, `garage`, `settings`, and a chunk a month, `log/2026-11`. */
export const META = 'meta';
export const GARAGE = 'garage';
export const SETTINGS = 'settings';
const LOG = 'log/';
const QUARANTINE = 'quarantine/';

const MONTH_KEY = /^log\/\d{4}-\d{2}$/;
export const chunkKey = (month: string): string => LOG + month;
export const isQuarantine = (key: string): boolean => key.startsWith(QUARANTINE);

const metaSchema = z.object({ version: z.int().check(z.positive()), lastWrite: z.string() });

export const EMPTY_LOGBOOK: Logbook = {
  garage: EMPTY_GARAGE,
  settings: DEFAULT_SETTINGS,
  log: {},
};

/** A part that could not be read, kept whole under its own key. */
export interface Quarantined {
  key: string;
  /** What it was: `log/2026-11`. */
  part: string;
  text: string;
}

export interface OpenedLogbook {
  logbook: Logbook;
  /** Parts found damaged in this reading, not yet set aside. */
  damaged: { key: string; text: string }[];
}

/** Version of the stored logbook; today's when nothing is stored yet or the stamp is damaged. */
export function storedVersion(entries: Record<string, string>): number {
  const parsed = metaSchema.safeParse(parseJson(entries[META] ?? ''));
  return parsed.success ? parsed.data.version : CURRENT_VERSION;
}

/** Reads stored entries: migrates, validates, and gives what is sound apart from what is damaged. */
export function readLogbook(entries: Record<string, string>): Result<OpenedLogbook> {
  const version = storedVersion(entries);
  if (version > CURRENT_VERSION) return fail('storage/newer', { detail: String(version) });
  const damaged: OpenedLogbook['damaged'] = [];
  const part = <T>(
    key: string,
    kind: 'garage' | 'settings',
    schema: z.ZodMiniType<T>,
    none: T,
  ): T => {
    const text = entries[key];
    if (text === undefined) return none;
    const read = readPart(text, kind, version, schema);
    if (read === null) damaged.push({ key, text });
    return read ?? none;
  };
  let log: LogChunks = {};
  for (const [key, text] of Object.entries(entries)) {
    if (!MONTH_KEY.test(key)) continue;
    const events = readChunk(text, version);
    if (events === null) damaged.push({ key, text });
    else log = addEvents(log, events);
  }
  return ok({
    logbook: {
      garage: part(GARAGE, 'garage', garageSchema, EMPTY_LOGBOOK.garage),
      settings: part(SETTINGS, 'settings', settingsSchema, EMPTY_LOGBOOK.settings),
      log,
    },
    damaged,
  });
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function readPart<T>(
  text: string,
  kind: 'garage' | 'settings' | 'event',
  version: number,
  schema: z.ZodMiniType<T>,
): T | null {
  return checkPart(parseJson(text), kind, version, schema);
}

function checkPart<T>(
  raw: unknown,
  kind: 'garage' | 'settings' | 'event',
  version: number,
  schema: z.ZodMiniType<T>,
): T | null {
  const migrated = migrate(kind, raw, version);
  if (!migrated.ok) return null;
  const parsed = schema.safeParse(migrated.value);
  return parsed.success ? parsed.data : null;
}

function readChunk(text: string, version: number): LogEvent[] | null {
  const raw = parseJson(text);
  if (!Array.isArray(raw)) return null;
  const events: LogEvent[] = [];
  for (const item of raw) {
    const event = checkPart(item, 'event', version, logEventSchema);
    if (event === null) return null;
    events.push(event);
  }
  return events;
}

/** Keys of the parts in which two logbooks differ, by identity. */
export function changedKeys(before: Logbook, after: Logbook): string[] {
  const keys: string[] = [];
  if (before.garage !== after.garage) keys.push(GARAGE);
  if (before.settings !== after.settings) keys.push(SETTINGS);
  for (const month of Object.keys(after.log))
    if (before.log[month] !== after.log[month]) keys.push(chunkKey(month));
  return keys;
}

/** The parts of a logbook under those keys, merged with what storage holds, as entries to write. */
export function entriesToWrite(
  logbook: Logbook,
  keys: readonly string[],
  stored: Logbook,
  lastWrite: string,
): { entries: Record<string, string>; merged: Logbook } {
  const merged: Logbook = {
    garage: mergeGarages(logbook.garage, stored.garage),
    settings: newer(logbook.settings, stored.settings),
    log: addEvents(logbook.log, Object.values(stored.log).flat()),
  };
  const entries: Record<string, string> = {
    [META]: JSON.stringify({ version: CURRENT_VERSION, lastWrite }),
  };
  for (const key of keys) {
    if (key === GARAGE) entries[key] = JSON.stringify(merged.garage);
    else if (key === SETTINGS) entries[key] = JSON.stringify(merged.settings);
    else entries[key] = JSON.stringify(merged.log[key.slice(LOG.length)] ?? []);
  }
  return { entries, merged };
}

/** Under which key a damaged part is set aside. */
export const quarantineKey = (key: string, at: string): string => `${QUARANTINE}${key}@${at}`;

/** The part a quarantine key speaks of. */
export const quarantinedPart = (key: string): string =>
  key.slice(QUARANTINE.length, key.lastIndexOf('@'));
