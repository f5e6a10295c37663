import { useCallback, useEffect, useState } from 'react';
import { readRun, type Run } from '@/core/bench/run';
import { loadValidation } from '@/core/validation/load';

/** Where a session is kept, as text. */
export interface Keeper {
  read(): Promise<string | null>;
  write(text: string | null): Promise<void>;
  setAside(text: string): Promise<void>;
}

/** The open session at the bench: undefined until it has been read; each change is kept at once. */
export function useBenchRun(keeper: Keeper) {
  const [run, setRun] = useState<Run | null | undefined>(undefined);
  useEffect(() => {
    let over = false;
    const open = async () => {
      const text = await keeper.read();
      const found = text === null ? null : readRun(text, await loadValidation());
      if (text !== null && found === null) await keeper.setAside(text);
      if (!over) setRun((now) => (now === undefined ? found : now));
    };
    void open();
    return () => {
      over = true;
    };
  }, [keeper]);
  const keep = useCallback(
    (next: Run | null) => {
      setRun(next);
      void keeper.write(next && JSON.stringify(next));
    },
    [keeper],
  );
  return { run, keep };
}
