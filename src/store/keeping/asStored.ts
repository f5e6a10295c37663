import { writeBackup } from '@/core/formats/backup';
import { loadValidation } from '@/core/validation/load';
import { isQuarantine, META } from '../keys';
import { readParts } from '../readParts';
import { withLimits, type Storage } from '../storage';

/** A key that does not answer is left out after this long. */
const LIMIT_MS = 3000;

/**
 * Whatever of a logbook can be read, key by key, as the text of a backup file. Texts this version cannot
 * read are in it as they are, under `unread`.
 */
export async function backupOfStored(storage: Storage, now: number): Promise<string> {
  const patient = withLimits(storage, LIMIT_MS, () => undefined);
  const entries: Record<string, string> = {};
  const keys = await patient.keys().catch(() => [META, 'garage', 'settings']);
  for (const key of keys)
    Object.assign(entries, await patient.read([key]).catch(() => ({}) as Record<string, string>));
  const read = readParts(entries, await loadValidation());
  if (!read) throw new Error('Parts that readers cannot read');
  const { logbook, damaged, newer } = read;
  const unread = Object.fromEntries([
    ...newer.map((key) => [key, entries[key] ?? '']),
    ...damaged.map(({ key, text }) => [key, text]),
    ...Object.entries(entries).filter(([key]) => isQuarantine(key)),
  ]);
  return writeBackup(logbook, new Date(now).toISOString(), unread);
}
