import { writeBackup } from '@/core/formats/backup';
import { backupOfStored } from './asStored';
import type { OpenLogbook } from '../openLogbook';

/** The logbook as a backup file's text: of what the page holds, or of what storage still returns. */
export async function backupText(
  { store, storage, edge }: OpenLogbook,
  from: 'page' | 'storage',
): Promise<string> {
  const now = edge.now();
  const { phase } = store.getState().session;
  // While a long logbook is being read the page holds the last year of it.
  return from === 'page' && phase !== 'looking'
    ? writeBackup(store.getState().logbook, new Date(now).toISOString())
    : backupOfStored(storage, now);
}
