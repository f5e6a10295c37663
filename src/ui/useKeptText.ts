import { useCallback, useEffect, useState } from 'react';
import { loadValidation, type Validation } from '@/core/validation/load';

/** Where something under way is kept, as text. */
export interface Keeper {
  read(): Promise<string | null>;
  write(text: string | null): Promise<void>;
  setAside(text: string): Promise<void>;
}

/**
 * Something under way: undefined until it has been read; each change is kept at once, and what cannot be read is put aside.
 * `read` must stay the same from render to render.
 */
export function useKeptText<T>(
  keeper: Keeper,
  read: (text: string, validation: Validation) => T | null,
) {
  const [value, setValue] = useState<T | null | undefined>(undefined);
  useEffect(() => {
    let over = false;
    const open = async () => {
      const text = await keeper.read();
      const found = text === null ? null : read(text, await loadValidation());
      if (text !== null && found === null) await keeper.setAside(text);
      if (!over) setValue((now) => (now === undefined ? found : now));
    };
    void open();
    return () => {
      over = true;
    };
  }, [keeper, read]);
  const keep = useCallback(
    (next: T | null) => {
      setValue(next);
      void keeper.write(next && JSON.stringify(next));
    },
    [keeper],
  );
  return { value, keep };
}
