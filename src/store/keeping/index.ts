/**
 * Backups and who keeps them, as one piece to load when first needed: what two pieces share would be
 * loaded with the first page.
 */
import { readBackup as read, type BackupRead } from '@/core/formats/backup';
import type { Result } from '@/core/problem';
import { loadValidation } from '@/core/validation/load';

export { previewRestore } from '@/core/formats/restorePreview';
export { backupText } from './backupText';
export { keeperOf } from './keeper';

/** Reads a backup file, with what validates it. */
export const readBackup = async (text: string, now: number): Promise<Result<BackupRead>> =>
  read(text, now, await loadValidation());
