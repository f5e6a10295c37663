import { CURRENT_VERSION } from '@/core/logbook/versions';
import { parseJson, sumOf } from './parts';

/** How a logbook lies in storage: `meta`, `garage`, `settings`, and a part a month, `log/2026-11`. */
export const META = 'meta';
export const GARAGE = 'garage';
export const SETTINGS = 'settings';
export const LOG = 'log/';
const QUARANTINE = 'quarantine/';
/** Where a part is written that a newer version of the app has taken over: it takes it in from there. */
const BESIDE = 'beside/';

const PART_KEY = /^(beside\/)?(garage|settings|log\/\d{4}-\d{2})$/;
export const chunkKey = (month: string): string => LOG + month;
export const isPart = (key: string): boolean => PART_KEY.test(key);
export const besideKey = (key: string): string => BESIDE + key;
export const isBeside = (key: string): boolean => key.startsWith(BESIDE);
/** The key a part lies under where nothing newer has taken it over. */
export const homeKey = (key: string): string => (isBeside(key) ? key.slice(BESIDE.length) : key);

/** A part, or rows of one, that could not be read, kept whole under its own key. */
export interface Quarantined {
  key: string;
  /** What it was: `log/2026-11`. */
  part: string;
  text: string;
}

/** Under its content's checksum: the same damage found by two tabs is set aside once, two never collide. */
export const aside = (part: string, text: string): Quarantined => ({
  key: `${QUARANTINE}${part}#${sumOf(text)}`,
  part,
  text,
});

export const isQuarantine = (key: string): boolean => key.startsWith(QUARANTINE);

/** The part a quarantine key speaks of. */
export const quarantinedPart = (key: string): string =>
  key.slice(QUARANTINE.length).replace(/[@#][^@#]*$/, '');

/** What `meta` tells: the version of the app that wrote last, and the checksum of each part as written. */
export interface Meta {
  version: number;
  lastWrite: string;
  sums: Record<string, string>;
}

export function readMeta(text: string | undefined): Meta {
  const raw = parseJson(text ?? '') as Partial<Meta> | null | undefined;
  const { version, lastWrite, sums } = raw ?? {};
  return {
    version: typeof version === 'number' ? version : 0,
    lastWrite: typeof lastWrite === 'string' ? lastWrite : '',
    sums: typeof sums === 'object' && sums !== null ? sums : {},
  };
}

/** Versions beyond this are no stamp of ours but damage. */
const FARTHEST_VERSION = CURRENT_VERSION + 1000;

/** Whether a version is one this app does not know yet. */
export const isNewer = (version: unknown): boolean =>
  typeof version === 'number' && version > CURRENT_VERSION && version <= FARTHEST_VERSION;

/** What lies set aside among stored entries, with what has just been found and will be. */
export function asideOf(
  entries: Record<string, string>,
  found: readonly Quarantined[],
): Quarantined[] {
  const kept = Object.keys(entries)
    .filter(isQuarantine)
    .map((key) => ({ key, part: quarantinedPart(key), text: entries[key] ?? '' }));
  const known = new Set(kept.map(({ key }) => key));
  return [...kept, ...found.filter(({ key }) => !known.has(key))];
}
