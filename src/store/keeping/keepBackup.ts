import { backupFileName, filesToDrop } from '@/core/formats/backupFiles';
import { readBackup, writeBackup } from '@/core/formats/backup';
import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import { fail, ok, type Result } from '@/core/problem';
import { loadValidation } from '@/core/validation/load';
import type { BackupPlace } from './place';

/** Files of one day that hold what this logbook has not: more are not looked through. */
const MOST_A_DAY = 9;

/**
 * Writes the logbook into the day's file and reads it back. A file of the day that holds something this
 * logbook has not, of another device or from before a loss, is left and the next name taken. Older files
 * beyond the newest ten are dropped, after the new one is proved.
 */
export async function keepBackup(
  place: BackupPlace,
  logbook: Logbook,
  now: number,
): Promise<Result<string>> {
  try {
    const at = new Date(now).toISOString();
    const file = await freeName(place, logbook, now, at.slice(0, 10));
    if (file === null) return fail('backup/no-room');
    const text = writeBackup(logbook, at);
    await place.write(file, text);
    if ((await place.read(file)) !== text) return fail('backup/not-proved');
    for (const old of filesToDrop(await place.list())) if (old !== file) await place.remove(old);
    return ok(file);
  } catch {
    return fail('backup/not-written');
  }
}

async function freeName(
  place: BackupPlace,
  logbook: Logbook,
  now: number,
  day: string,
): Promise<string | null> {
  const validation = await loadValidation();
  for (let n = 1; n <= MOST_A_DAY; n++) {
    const file = backupFileName(day, n);
    const there = await place.read(file);
    if (there === null) return file;
    const held = readBackup(there, now, validation);
    const addsNothing = held.ok && mergeLogbooks(logbook, held.value.logbook) === logbook;
    if (addsNothing && held.value.refused.length === 0) return file;
  }
  return null;
}
