import { useCallback, useEffect, useState } from 'react';
import type { Run } from '@/core/bench/run';

/** Where a session is kept. */
interface Keeper {
  read(): Promise<Run | null>;
  write(run: Run | null): Promise<void>;
}

/** The open session at the bench: undefined until it has been read; each change is kept at once. */
export function useBenchRun(keeper: Keeper) {
  const [run, setRun] = useState<Run | null | undefined>(undefined);
  useEffect(() => {
    let over = false;
    void keeper.read().then((found) => {
      if (!over) setRun((now) => (now === undefined ? found : now));
    });
    return () => {
      over = true;
    };
  }, [keeper]);
  const keep = useCallback(
    (next: Run | null) => {
      setRun(next);
      void keeper.write(next);
    },
    [keeper],
  );
  return { run, keep };
}
