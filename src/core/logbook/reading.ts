import type * as z from 'zod/mini';
import { logEventSchema, type LogEvent } from '../records/event';
import { RECORD_SCHEMAS, type AnyRecord, type Garage } from '../records/garage';
import { RECORD_KINDS } from '../records/kinds';
import { settingsSchema, type Settings } from '../records/settings';
import { EMPTY_GARAGE } from '../garage/empty';
import { type LogChunks } from './chunks';
import {
  flattenSettings,
  isSettingsGroup,
  nestSettings,
  type FlatSettings,
} from './settingsFields';
import { DEFAULT_SETTINGS } from '../settings/defaults';
import { mapGarage, type Logbook } from './logbook';
import { salvage } from './salvage';
import { migrate } from './migrate';
import { CURRENT_VERSION } from './versions';

/** A piece of a logbook that cannot be read: where it stood, and what stood there. */
export interface Refused {
  place: string;
  raw: unknown;
}

/**
 * The versions a piece may be of, likeliest first: what its stamp says, today's, then from the oldest on.
 * A stamp that is missing, damaged or absurd must not cost a rider the logbook.
 */
export function likelyVersions(stamp: unknown): number[] {
  const oldestOn = Array.from({ length: CURRENT_VERSION - 1 }, (_, n) => n + 1);
  const all = [CURRENT_VERSION, ...oldestOn];
  return all.includes(stamp as number) ? [...new Set([stamp as number, ...all])] : all;
}

/** An event of any version as today's; null where it is none. */
export function readEvent(raw: unknown, stamp: unknown): LogEvent | null {
  for (const version of likelyVersions(stamp)) {
    const parsed = logEventSchema.safeParse(migrate('event', raw, version));
    if (parsed.success) return parsed.data;
  }
  return null;
}

export interface GarageRead {
  garage: Garage;
  refused: Refused[];
  /** What a garage of the version tried would have and this has not. */
  missing: number;
}

/** Of two readings the one that fits better; a reading without fault cannot be bettered. */
const better = <T extends { refused: Refused[]; missing: number }>(
  best: T | null,
  read: T | null,
) => (read && (!best || faultsOf(read) < faultsOf(best)) ? read : best);

const faultsOf = (read: { refused: Refused[]; missing: number }): number =>
  read.refused.length + read.missing;

/** A garage of any version as today's, record by record; null where it is none. */
export function readGarage(raw: unknown, stamp: unknown): GarageRead | null {
  if (!isObject(raw)) return null;
  let best: GarageRead | null = null;
  for (const version of likelyVersions(stamp)) {
    best = better(best, recordsOf(migrate('garage', raw, version)));
    if (best && faultsOf(best) === 0) break;
  }
  return best;
}

function recordsOf(raw: unknown): GarageRead | null {
  if (!isObject(raw)) return null;
  const refused: Refused[] = [];
  const garage: Partial<Record<keyof Garage, Record<string, AnyRecord>>> = {};
  for (const kind of RECORD_KINDS) {
    const schema: z.ZodMiniType<AnyRecord> = RECORD_SCHEMAS[kind];
    const records: [string, AnyRecord][] = [];
    const stored = raw[kind] ?? {};
    if (!isObject(stored)) refused.push({ place: kind, raw: stored });
    else
      for (const [id, record] of Object.entries(stored)) {
        const parsed = schema.safeParse(record);
        if (parsed.success && parsed.data.id !== '__proto__')
          records.push([parsed.data.id, parsed.data]);
        else refused.push({ place: `${kind}/${id}`, raw: record });
      }
    garage[kind] = Object.fromEntries(records);
  }
  const missing = RECORD_KINDS.filter((kind) => !Object.hasOwn(raw, kind)).length;
  return { garage: { ...EMPTY_GARAGE, ...garage } as Garage, refused, missing };
}

export interface SettingsRead {
  settings: Settings;
  refused: Refused[];
  /** Settings that had to take their usual value. */
  missing: number;
}

/** Settings of any version as today's, setting by setting; null where they are none. */
export function readSettings(raw: unknown, stamp: unknown): SettingsRead | null {
  if (!isObject(raw)) return null;
  let best: SettingsRead | null = null;
  for (const version of likelyVersions(stamp)) {
    best = better(best, fieldsRead(migrate('settings', raw, version)));
    if (best && faultsOf(best) === 0) break;
  }
  return best;
}

/** Each round takes out what the schema minds, so that the rest stands. */
const MOST_ROUNDS = 50;

function fieldsRead(raw: unknown): SettingsRead | null {
  if (!isObject(raw)) return null;
  const usual = flattenSettings(DEFAULT_SETTINGS);
  const flat: FlatSettings = flattenSettings(raw as Settings);
  const refused: Refused[] = [];
  let missing = 0;
  for (const field of Object.keys(flat).filter(isSettingsGroup)) {
    refused.push({ place: field, raw: flat[field] });
    delete flat[field];
  }
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const parsed = settingsSchema.safeParse(nestSettings(flat));
    if (parsed.success) return { settings: parsed.data, refused, missing };
    for (const { path } of parsed.error.issues) {
      const field = fieldAt(flat, path.map(String));
      if (field !== null) {
        refused.push({ place: field, raw: flat[field] });
        delete flat[field];
      }
      // What is missing gets its usual value, as old as can be: any other copy wins over it.
      for (const name of new Set([field, path.map(String).join('.')]))
        if (name !== null && Object.hasOwn(usual, name)) {
          missing += 1;
          flat[name] = usual[name];
          if (name !== 'changedAt') flat.stamps = { ...flat.stamps, [name]: 0 };
        }
    }
  }
  return null;
}

/** The field of flat settings that a path of the nested ones leads into. */
function fieldAt(flat: FlatSettings, path: readonly string[]): string | null {
  for (let depth = path.length; depth > 0; depth--) {
    const field = path.slice(0, depth).join('.');
    if (Object.hasOwn(flat, field)) return field;
  }
  return null;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * The logbook less what its own schemas would not read back, where it differs from one that is known to be
 * sound; the same logbook where nothing is. What is refused keeps the value it had.
 */
export function soundLogbook(
  logbook: Logbook,
  sound: Logbook,
): { logbook: Logbook; refused: Refused[] } {
  const refused: Refused[] = [];
  const garage = mapGarage(logbook.garage, (records, kind) => {
    const schema: z.ZodMiniType<AnyRecord> = RECORD_SCHEMAS[kind];
    const known: Readonly<Record<string, AnyRecord>> = sound.garage[kind];
    const kept = Object.entries<AnyRecord>(records).flatMap(([id, record]) => {
      if (record === known[id] || schema.safeParse(record).success) return [[id, record] as const];
      refused.push({ place: `${kind}/${id}`, raw: record });
      return known[id] ? [[id, known[id]] as const] : [];
    });
    return refused.length > 0 ? Object.fromEntries(kept) : records;
  });
  const settings = soundSettings(logbook.settings, sound.settings, refused);
  let log: LogChunks = logbook.log;
  for (const [month, events] of Object.entries(logbook.log)) {
    if (events === sound.log[month]) continue;
    const known = new Set(sound.log[month]);
    const bad = events.filter((e) => !known.has(e) && !logEventSchema.safeParse(e).success);
    if (bad.length === 0) continue;
    refused.push(...bad.map((raw) => ({ place: `${raw.type} ${raw.at}`, raw })));
    log = { ...log, [month]: events.filter((event) => !bad.includes(event)) };
  }
  return refused.length > 0
    ? { logbook: { garage, settings, log }, refused }
    : { logbook, refused };
}

function soundSettings(settings: Settings, sound: Settings, refused: Refused[]): Settings {
  if (settings === sound || settingsSchema.safeParse(settings).success) return settings;
  const flat = flattenSettings(settings);
  const old = flattenSettings(sound);
  for (const { place, raw } of fieldsRead(settings)?.refused ?? []) {
    refused.push({ place, raw });
    if (Object.hasOwn(old, place)) flat[place] = old[place];
    else delete flat[place];
  }
  const mended = settingsSchema.safeParse(nestSettings(flat));
  return mended.success ? mended.data : sound;
}

export { salvage };
