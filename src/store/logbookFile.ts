import { EMPTY_GARAGE } from '@/core/garage/empty';
import { RECORD_KINDS } from '@/core/records/kinds';
import type { Garage } from '@/core/records/garage';
import { addEvents } from '@/core/logbook/chunks';
import { mergeGarages, type Logbook } from '@/core/logbook/logbook';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import type { Settings } from '@/core/records/settings';
import { flattenSettings, mergeSettings } from '@/core/logbook/settingsFields';
import { chunkKey, GARAGE, LOG, SETTINGS } from './keys';
import { writePart } from './parts';

export const EMPTY_LOGBOOK: Logbook = {
  garage: EMPTY_GARAGE,
  settings: DEFAULT_SETTINGS,
  log: {},
};

const garageRows = (garage: Garage): unknown[] =>
  RECORD_KINDS.flatMap((kind) => Object.values(garage[kind]).map((record) => [kind, record]));

/** A row a setting with its stamp, if it has one of its own; of one that is gone only the stamp. */
function settingsRows(settings: Settings): unknown[] {
  const flat = flattenSettings(settings);
  const { stamps = {}, ...fields } = flat;
  const gone = Object.keys(stamps).filter((field) => !Object.hasOwn(fields, field));
  return [
    ...Object.entries(fields).map(([field, value]) => [field, stamps[field] ?? null, value]),
    ...gone.map((field) => [field, stamps[field]]),
  ];
}

/** The text of the part of a logbook that lies under a key. */
export function partText(logbook: Logbook, key: string): string {
  if (key === GARAGE) return writePart(key, garageRows(logbook.garage));
  if (key === SETTINGS) return writePart(key, settingsRows(logbook.settings));
  return writePart(key, logbook.log[key.slice(LOG.length)] ?? []);
}

/** Keys of the parts in which a logbook has something that `stored` has not. */
export function addedKeys(stored: Logbook, logbook: Logbook): string[] {
  const keys: string[] = [];
  if (mergeGarages(stored.garage, logbook.garage) !== stored.garage) keys.push(GARAGE);
  if (mergeSettings(stored.settings, logbook.settings) !== stored.settings) keys.push(SETTINGS);
  for (const [month, events] of Object.entries(logbook.log))
    if (stored.log[month] !== events && addEvents(stored.log, events) !== stored.log)
      keys.push(chunkKey(month));
  return keys;
}

/** A logbook with the parts under some keys as another has them. */
export function withParts(logbook: Logbook, keys: readonly string[], from: Logbook): Logbook {
  const log = { ...logbook.log };
  for (const key of keys)
    if (key.startsWith(LOG)) {
      const month = key.slice(LOG.length);
      const events = from.log[month];
      if (events) log[month] = events;
      else delete log[month];
    }
  return {
    garage: keys.includes(GARAGE) ? from.garage : logbook.garage,
    settings: keys.includes(SETTINGS) ? from.settings : logbook.settings,
    log,
  };
}
