import { writeBackup } from '@/core/formats';
import { backupOfStored } from './asStored';
import type { OpenLogbook } from '../openLogbook';

/** The logbook as a backup file's text: of what the page holds, or of what storage still returns. */
export async function backupText(
  { store, storage, edge }: OpenLogbook,
  from: 'page' | 'storage',
): Promise<string> {
  const now = edge.now();
  return from === 'page'
    ? writeBackup(store.getState().logbook, new Date(now).toISOString())
    : backupOfStored(storage, now);
}
