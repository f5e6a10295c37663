import { useCallback, useEffect, useState } from 'react';
import { readSearch, type NoiseSearch } from '@/core/faults/acts';
import { loadValidation } from '@/core/validation/load';

/** Where a search is kept, as text. */
export interface Keeper {
  read(): Promise<string | null>;
  write(text: string | null): Promise<void>;
  setAside(text: string): Promise<void>;
}

/** The search under way: undefined until it has been read; each answer is kept at once, and can be taken back. */
export function useNoiseSearch(keeper: Keeper) {
  const [search, setSearch] = useState<NoiseSearch | null | undefined>(undefined);
  useEffect(() => {
    let over = false;
    const open = async () => {
      const text = await keeper.read();
      const found = text === null ? null : readSearch(text, await loadValidation());
      if (text !== null && found === null) await keeper.setAside(text);
      if (!over) setSearch((now) => (now === undefined ? found : now));
    };
    void open();
    return () => {
      over = true;
    };
  }, [keeper]);
  const keep = useCallback(
    (next: NoiseSearch | null) => {
      setSearch(next);
      void keeper.write(next && JSON.stringify(next));
    },
    [keeper],
  );
  return { search, keep };
}
