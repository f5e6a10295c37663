import { useEffect, useState } from 'react';
import { useOpenLogbook } from '../OpenContext';
import type * as Piece from '.';
import type { Keeper, Keeping } from './keeper';

/** The keeper, how safely it keeps the logbook, and what reads backups. */
export interface KeeperHere {
  keeping: Keeping;
  keeper: Keeper;
  backups: Pick<typeof Piece, 'previewRestore' | 'readBackup'>;
}

/**
 * How safely the logbook is kept, and who keeps it; null until that is known. What finds out is loaded
 * when asked for, `afterMs` from now: the frame leaves the first screen alone.
 */
export function useKeeper(afterMs = 0): KeeperHere | null {
  const open = useOpenLogbook();
  const [state, setState] = useState<KeeperHere | null>(null);
  useEffect(() => {
    let stop = () => undefined as void;
    let over = false;
    const timer = setTimeout(async () => {
      const backups = await import('.');
      if (over) return;
      const keeper = backups.keeperOf(open);
      stop = keeper.watch((keeping) => setState({ keeping, keeper, backups }));
    }, afterMs);
    return () => {
      over = true;
      clearTimeout(timer);
      stop();
    };
  }, [open, afterMs]);
  return state;
}
