import { RECORD_KINDS } from '@/core/records/kinds';
import type { Garage } from '@/core/records/garage';
import { addEvents } from '@/core/logbook/chunks';
import { mergeGarages, type Logbook } from '@/core/logbook/logbook';
import type { LogEvent } from '@/core/records/event';
import { CURRENT_VERSION } from '@/core/logbook/versions';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import type { Settings } from '@/core/records/settings';
import { mergeSettings, nestSettings, type FlatSettings } from '@/core/logbook/settingsFields';
import type { Validation } from '@/core/validation/load';
import {
  aside,
  chunkKey,
  GARAGE,
  homeKey,
  isBeside,
  isNewer,
  isPart,
  META,
  readMeta,
  SETTINGS,
  type Quarantined,
} from './keys';
import { HeldOnce } from './heldOnce';
import { EMPTY_LOGBOOK } from './logbookFile';
import { parseJson, readPart, sumOf } from './parts';
import { drained } from './slices';

export interface ReadParts {
  logbook: Logbook;
  /** The checksum of each part's text as it lies there. */
  sums: Map<string, string>;
  /** What could not be read, for setting aside. */
  damaged: Quarantined[];
  /** Keys of parts of a newer version: never written over. */
  newer: string[];
  /** Keys to write again: of an older version, under a wrong key, or less what was damaged. */
  stale: string[];
}

/**
 * Reads stored parts of any version, each by its own stamp and by what it holds: a damaged row costs
 * that row, a wrong stamp or key costs nothing, a newer part is left alone. Parts of today's version whose
 * checksum holds were checked when they were written and are taken as they are; for others the readers
 * that migrate and validate are needed: null without them.
 */
export function readParts(entries: Record<string, string>, readers?: Validation): ReadParts | null {
  return drained(partsRead(entries, readers));
}

/** The same, part by part: what stands between two yields takes some milliseconds. */
export function* partsRead(
  entries: Record<string, string>,
  readers?: Validation,
): Generator<void, ReadParts | null> {
  const meta = readMeta(entries[META]);
  const read: ReadParts = {
    logbook: EMPTY_LOGBOOK,
    sums: new Map(),
    damaged: [],
    newer: [],
    stale: [],
  };
  const knownIn = new Map<string, string>();
  const trusting = trustingReaders(Object.values(entries));
  for (const key of Object.keys(entries).filter(isPart).sort()) {
    yield;
    const text = entries[key] ?? '';
    const sum = sumOf(text);
    read.sums.set(key, sum);
    const isAsWritten = sum === meta.sums[key];
    const content = contentOf({ key, text, isAsWritten }, meta.version, readers);
    if (content === 'needs readers') return null;
    if (!content) {
      if (isNewer(meta.version)) read.newer.push(key);
      else {
        read.damaged.push(aside(key, text));
        read.stale.push(key);
      }
      continue;
    }
    // A single stamp may be damage: a newer version stamps `meta` too.
    if (isNewer(content.version) && meta.version >= (content.version as number)) {
      read.newer.push(key);
      continue;
    }
    const before = read.damaged.length;
    const home = takeIn(content, read, knownIn, content.isTrusted ? trusting : readers);
    if (!home) return null;
    if (content.damaged.length > 0) read.damaged.push(aside(key, content.damaged.join('\n')));
    // A part that was written with a head and has none any more was written over by something else.
    else if (content.isHeadless && meta.sums[key]) read.damaged.push(aside(key, text));
    const isSound = read.damaged.length === before;
    if (!isSound || content.version !== CURRENT_VERSION || home.some((own) => own !== key))
      read.stale.push(...new Set([...home, key].filter((part) => !isBeside(part))));
  }
  read.stale = [...new Set(read.stale)];
  return read;
}

interface Content {
  version: unknown;
  garage?: unknown;
  settings?: unknown;
  events?: unknown[];
  /** Text of rows whose checksum is wrong. */
  damaged: string[];
  key: string;
  /** Of before parts had heads. */
  isHeadless: boolean;
  /** Written by this version and not touched since. */
  isTrusted: boolean;
}

type Readers = Pick<Validation, 'readEvent' | 'readGarage' | 'readSettings'>;

/** Signs of a logbook below which nothing is gained by holding alike things once: a few years. */
const LONG = 4_000_000;

/** Takes rows as they are: they were checked before they were written. */
function trustingReaders(texts: readonly string[]): Readers {
  const isLong = texts.reduce((sum, text) => sum + text.length, 0) > LONG;
  const heldOnce = isLong ? new HeldOnce() : null;
  return {
    readEvent: (raw) => heldOnce?.event(raw as LogEvent) ?? (raw as LogEvent),
    readGarage: (raw) => ({ garage: raw as Garage, refused: [], missing: 0 }),
    readSettings: (raw) => ({ settings: raw as Settings, refused: [], missing: 0 }),
  };
}

/** What a text holds, whatever key it lies under; null where nothing can be made of it. */
function contentOf(
  { key, text, isAsWritten }: { key: string; text: string; isAsWritten: boolean },
  stamp: number,
  readers: Validation | undefined,
): Content | null | 'needs readers' {
  const part = readPart(text, isAsWritten);
  if (part) {
    const { version, rows, damaged } = part;
    const isTrusted = version === CURRENT_VERSION && damaged.length === 0;
    return { version, damaged, key, isTrusted, isHeadless: false, ...sorted(rows) };
  }
  if (!readers) return 'needs readers';
  const raw = parseJson(text);
  // Parts written before they had heads are older than any stamp that says otherwise.
  const version = isNewer(stamp) ? 0 : stamp;
  const common = { version, damaged: [], key, isTrusted: false, isHeadless: true };
  if (Array.isArray(raw)) return { ...common, events: raw };
  if (typeof raw === 'object' && raw !== null) {
    if ('bikes' in raw) return { ...common, garage: raw };
    return 'units' in raw || 'schools' in raw ? { ...common, settings: raw } : null;
  }
  const saved = raw === undefined ? readers.salvage(text) : undefined;
  if (!saved || (saved.events.length === 0 && Object.keys(saved.garage).length === 0)) return null;
  return { ...common, version: 0, garage: saved.garage, events: saved.events, damaged: [text] };
}

/** Adds what a content holds to what was read. Returns the keys it belongs under; null without readers. */
function takeIn(
  content: Content,
  read: ReadParts,
  knownIn: Map<string, string>,
  readers: Readers | undefined,
): string[] | null {
  if (!readers) return null;
  const { version, key } = content;
  const home = new Set<string>();
  let { garage, settings, log } = read.logbook;
  const refuse = (raw: unknown) => read.damaged.push(aside(key, JSON.stringify(raw) ?? ''));
  if (content.garage !== undefined) {
    const found = readers.readGarage(content.garage, version);
    found?.refused.forEach((r) => refuse(r.raw));
    if (found) garage = mergeGarages(garage, found.garage);
    home.add(GARAGE);
  }
  if (content.settings !== undefined) {
    const found = readers.readSettings(content.settings, version);
    found?.refused.forEach((r) => refuse(r.raw));
    if (found) settings = mergeSettings(settings, found.settings);
    else refuse(content.settings);
    home.add(SETTINGS);
  }
  const events: LogEvent[] = [];
  for (const raw of content.events ?? []) {
    const event = readers.readEvent(raw, version);
    const month = event?.at.slice(0, 7) ?? '';
    // An id belongs to one event: of two months that claim it, the first read keeps it.
    if (event && (knownIn.get(event.id) ?? month) === month) {
      knownIn.set(event.id, month);
      events.push(event);
      home.add(chunkKey(month));
    } else refuse(raw);
  }
  log = addEvents(log, events);
  read.logbook = { garage, settings, log };
  if (home.size === 0) home.add(homeKey(key));
  return [...home];
}

/** Rows by what they are: `[kind, record]`, `[setting, stamp, value]`, an event. */
function sorted(rows: readonly unknown[]): Partial<Content> {
  const records: [string, unknown][] = [];
  const settings: unknown[][] = [];
  const events: unknown[] = [];
  for (const row of rows)
    if (!Array.isArray(row)) events.push(row);
    else if (RECORD_KINDS.some((kind) => kind === row[0])) records.push([row[0], row[1]]);
    else settings.push(row);
  return {
    ...(records.length > 0 ? { garage: garageOfRows(records) } : {}),
    ...(settings.length > 0 ? { settings: settingsOfRows(settings) } : {}),
    ...(events.length > 0 ? { events } : {}),
  };
}

function garageOfRows(rows: readonly [string, unknown][]): unknown {
  const garage: Record<string, [string, unknown][]> = {};
  for (const [kind, record] of rows)
    (garage[kind] ??= []).push([String((record as { id?: unknown } | null)?.id), record]);
  return Object.fromEntries(RECORD_KINDS.map((k) => [k, Object.fromEntries(garage[k] ?? [])]));
}

function settingsOfRows(rows: readonly unknown[][]): unknown {
  const flat: [string, unknown][] = [['changedAt', DEFAULT_SETTINGS.changedAt]];
  const stamps: [string, unknown][] = [];
  for (const [field, stamp, ...value] of rows as [string, unknown, unknown?][]) {
    if (stamp !== null) stamps.push([field, stamp]);
    if (value.length > 0) flat.push([field, value[0]]);
  }
  const own = stamps.length > 0 ? [['stamps', Object.fromEntries(stamps)] as const] : [];
  return nestSettings(Object.fromEntries([...flat, ...own]) as FlatSettings);
}
