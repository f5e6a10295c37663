import { useEffect, useState } from 'react';
import { useOpenLogbook } from '../OpenContext';
import type { Keeper, Keeping } from './keeper';

/**
 * How safely the logbook is kept, and who keeps it; null until that is known. What finds out is loaded
 * when asked for, `afterMs` from now: the frame leaves the first screen alone.
 */
export function useKeeper(afterMs = 0): { keeping: Keeping; keeper: Keeper } | null {
  const open = useOpenLogbook();
  const [state, setState] = useState<{ keeping: Keeping; keeper: Keeper } | null>(null);
  useEffect(() => {
    let stop = () => undefined as void;
    let over = false;
    const timer = setTimeout(async () => {
      const { keeperOf } = await import('./keeper');
      if (over) return;
      const keeper = keeperOf(open);
      stop = keeper.watch((keeping) => setState({ keeping, keeper }));
    }, afterMs);
    return () => {
      over = true;
      clearTimeout(timer);
      stop();
    };
  }, [open, afterMs]);
  return state;
}
