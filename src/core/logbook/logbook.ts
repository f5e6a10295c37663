import { RECORD_KINDS, type RecordKind } from '../records/kinds';
import type { AnyRecord, Garage } from '../records/garage';
import type { Settings } from '../records/settings';
import { mergeSettings } from './settingsFields';
import { addEvents, allEvents, type LogChunks } from './chunks';
import { mergeRecords } from './fields';

/** All that a rider's data is: what stands in the garage, the settings, and the log. */
export interface Logbook {
  garage: Garage;
  settings: Settings;
  log: LogChunks;
}

/** A garage in which each kind of record is what `change` makes of it; the same one where nothing changes. */
export function mapGarage(
  garage: Garage,
  change: (records: Record<string, AnyRecord>, kind: RecordKind) => Record<string, AnyRecord>,
): Garage {
  const entries = RECORD_KINDS.map((kind) => [kind, change(garage[kind], kind)] as const);
  return entries.every(([kind, records]) => records === garage[kind])
    ? garage
    : (Object.fromEntries(entries) as unknown as Garage);
}

/** The garage of two copies of a logbook, field by field. Returns `ours` where `theirs` adds nothing. */
export const mergeGarages = (ours: Garage, theirs: Garage): Garage =>
  mapGarage(ours, (records, kind) => mergeRecords<AnyRecord>(records, theirs[kind]));

/**
 * Two copies of a logbook made one: every event of both, of each field of a record or setting the one
 * written later. Merging twice is merging once, and the order does not matter: this is what keeps tabs,
 * devices and restored backups together. Returns `ours` itself where `theirs` adds nothing.
 */
export function mergeLogbooks(ours: Logbook, theirs: Logbook): Logbook {
  const garage = mergeGarages(ours.garage, theirs.garage);
  const settings = mergeSettings(ours.settings, theirs.settings);
  const log = ours.log === theirs.log ? ours.log : addEvents(ours.log, allEvents(theirs.log));
  return garage === ours.garage && settings === ours.settings && log === ours.log
    ? ours
    : { garage, settings, log };
}
