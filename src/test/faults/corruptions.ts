import equal from 'fast-deep-equal';
import { writeBackup } from '@/core/formats/backup';
import { RECORD_KINDS } from '@/core/records/kinds';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { Logbook } from '@/core/logbook/logbook';
import * as validation from '@/core/validation/validate';
import { isPart, META } from '@/store/keys';
import { partText } from '@/store/logbookFile';
import { sumOf } from '@/store/parts';
import { readParts } from '@/store/readParts';
import { chanceOf, type Chance } from './chance';

/** What came of damaging stored entries; all must be zero. */
export interface Corrupted {
  /** Events and fields that the damage did not touch and that were lost all the same. */
  lost: number;
  /** Damage that was neither healed nor reported; of parts with checksums. */
  unreported: number;
  /** Values that are not as they were written, taken for sound. */
  wrong: number;
  threw: number;
  notes: string[];
}

/** The entries a logbook is stored as, today or by the version before parts had checksums. */
export function entriesOf(logbook: Logbook, isOld: boolean): Record<string, string> {
  const months = Object.keys(logbook.log).map((month) => `log/${month}`);
  const parts = ['garage', 'settings', ...months].map(
    (key) => [key, partText(logbook, key)] as const,
  );
  if (!isOld)
    return {
      ...Object.fromEntries(parts),
      [META]: JSON.stringify({
        version: 7,
        lastWrite: '',
        sums: Object.fromEntries(parts.map(([key, text]) => [key, sumOf(text)])),
      }),
    };
  const { garage, settings } = JSON.parse(writeBackup(logbook, '')) as Logbook;
  return {
    [META]: '{"version":6,"lastWrite":""}',
    garage: JSON.stringify(garage),
    settings: JSON.stringify(settings),
    ...Object.fromEntries(months.map((k) => [k, JSON.stringify(logbook.log[k.slice(4)])])),
  };
}

/** Damages entries in one of the ways disks and programs do; returns which keys and which stretch. */
function damage(
  entries: Record<string, string>,
  chance: Chance,
  isOld: boolean,
): { hit: Set<string> } {
  const parts = Object.keys(entries).filter(isPart);
  const key = chance.pick(parts);
  const text = entries[key] ?? '';
  const at = chance.below(text.length);
  const length = 1 + chance.below(chance.pick([1, 12, 300]));
  const kind = chance.below(8);
  const hit = new Set<string>([key]);
  if (kind === 0) entries[key] = text.slice(0, at);
  else if (kind === 1) entries[key] = text.slice(0, at) + text.slice(at + length);
  else if (kind === 2)
    entries[key] = text.slice(0, at) + '\u0000'.repeat(length) + text.slice(at + length);
  else if (kind === 3) {
    const digit = String(chance.below(10));
    const from = text.slice(at).search(/\d/);
    if (from >= 0) entries[key] = text.slice(0, at + from) + digit + text.slice(at + from + 1);
  } else if (kind === 4) {
    const other = chance.pick(parts);
    hit.clear();
    [entries[key], entries[other]] = [entries[other] ?? '', text];
  } else if (kind === 5) {
    hit.clear();
    entries[META] = chance.pick(['', '{', '{"version":-1}', '{"version":99}', '[]', 'null']);
  } else if (kind === 6) {
    hit.clear();
    delete entries[META];
  } else
    entries[key] = // An empty list is what an older version wrote for an empty month: there it cannot be told from damage.
      chance.pick(['', '{}', ...(isOld ? [] : ['[]']), 'null', '{"not":"this"}']);
  return { hit };
}

/** Damages the stored entries of a logbook and reads them, once for each seed. */
export function corrupt(logbook: Logbook, seeds: readonly number[]): Corrupted {
  const sum: Corrupted = { lost: 0, unreported: 0, wrong: 0, threw: 0, notes: [] };
  const events = new Map(allEvents(logbook.log).map((e) => [e.id, JSON.stringify(e)]));
  const whole = { today: entriesOf(logbook, false), old: entriesOf(logbook, true) };
  for (const seed of seeds) {
    const chance = chanceOf(seed);
    const isOld = chance.oneIn(3);
    const entries = { ...(isOld ? whole.old : whole.today) };
    const { hit } = damage(entries, chance, isOld);
    try {
      const read = readParts(entries, validation);
      if (!read) throw new Error('not read');
      judge(seed, read, { hit, events, logbook, isOld, entries }, sum);
    } catch (error) {
      sum.threw += 1;
      sum.notes.push(`seed ${seed}: ${String(error)}`);
    }
  }
  return sum;
}

interface Case {
  hit: ReadonlySet<string>;
  events: ReadonlyMap<string, string>;
  logbook: Logbook;
  isOld: boolean;
  entries: Record<string, string>;
}

function judge(
  seed: number,
  read: NonNullable<ReturnType<typeof readParts>>,
  { hit, events, logbook, isOld, entries }: Case,
  sum: Corrupted,
): void {
  const note = (what: string) => sum.notes.push(`seed ${seed}: ${what}`);
  const found = new Map(allEvents(read.logbook.log).map((e) => [e.id, e]));
  const missing = [...events.keys()].filter((id) => !found.has(id));
  // An event may be gone only from a part that was hit, and only if its own text is not there whole.
  for (const id of missing) {
    const month = `log/${(JSON.parse(events.get(id) ?? '{}') as { at: string }).at.slice(0, 7)}`;
    const isThere = (entries[month] ?? '').includes(events.get(id) ?? '');
    if (!hit.has(month) || isThere) {
      sum.lost += 1;
      note(`event ${id} lost`);
    }
  }
  for (const kind of RECORD_KINDS)
    for (const id of Object.keys(logbook.garage[kind]))
      if (!read.logbook.garage[kind][id] && !hit.has('garage')) {
        sum.lost += 1;
        note(`${kind} ${id} lost`);
      }
  if (!isOld && missing.length > 0 && read.damaged.length === 0) {
    sum.unreported += 1;
    note('damage not reported');
  }
  // Older versions had no checksums: there a changed figure cannot be told from a true one.
  if (!isOld)
    for (const [id, event] of found)
      if (events.has(id) && !equal(JSON.parse(events.get(id) ?? ''), event)) {
        sum.wrong += 1;
        note(`event ${id} reads otherwise`);
      }
}

/** A small logbook to damage: the garage and the last months of a larger one. */
export const lastMonths = (logbook: Logbook, months: number): Logbook => ({
  ...logbook,
  log: Object.keys(logbook.log)
    .sort()
    .slice(-months)
    .reduce((log, month) => addEvents(log, logbook.log[month] ?? []), {}),
});
