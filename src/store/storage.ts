import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** Text by key, written all or nothing. What persistence needs of a place to keep a logbook. */
export interface Storage {
  keys(): Promise<string[]>;
  /** The texts of those keys that exist. */
  read(keys: readonly string[]): Promise<Record<string, string>>;
  /** Writes every entry or none; rejects when the place is full or closed. */
  write(entries: Record<string, string>): Promise<void>;
  remove(keys: readonly string[]): Promise<void>;
}

/** Storage of the browser (IndexedDB); one name is one logbook. */
export function browserStorage(name: string): Storage {
  const inner = createAsyncStorage(name);
  return {
    keys: () => inner.getAllKeys(),
    async read(keys) {
      const found = await inner.getMany([...keys]);
      return Object.fromEntries(
        Object.entries(found).filter((entry): entry is [string, string] => entry[1] !== null),
      );
    },
    write: (entries) => inner.setMany(entries),
    remove: (keys) => inner.removeMany([...keys]),
  };
}

/** Storage that lives as long as the page: for tests, and where a browser allows none. */
export function memoryStorage(initial: Record<string, string> = {}): Storage {
  const entries = new Map(Object.entries(initial));
  return {
    keys: async () => [...entries.keys()],
    read: async (keys) =>
      Object.fromEntries(keys.flatMap((k) => (entries.has(k) ? [[k, entries.get(k) ?? '']] : []))),
    async write(added) {
      for (const [key, text] of Object.entries(added)) entries.set(key, text);
    },
    async remove(keys) {
      for (const key of keys) entries.delete(key);
    },
  };
}

/** Storage did not answer within its limit. */
export class Slow extends Error {
  override name = 'Slow';
}

/**
 * Storage whose operations end: one that takes longer than `ms` rejects. Should it be carried out after
 * all, `onLate` is called, for then storage is no longer as it was last seen.
 */
export function withLimits(inner: Storage, ms: number, onLate: () => void): Storage {
  const limited = <T>(run: () => Promise<T>): Promise<T> =>
    new Promise((resolve, reject) => {
      let isLate = false;
      const timer = setTimeout(() => {
        isLate = true;
        reject(new Slow());
      }, ms);
      run().then(
        (value) => {
          clearTimeout(timer);
          if (isLate) onLate();
          resolve(value);
        },
        (error: unknown) => {
          clearTimeout(timer);
          reject(error);
        },
      );
    });
  return {
    keys: () => limited(() => inner.keys()),
    read: (keys) => limited(() => inner.read(keys)),
    write: (entries) => limited(() => inner.write(entries)),
    remove: (keys) => limited(() => inner.remove(keys)),
  };
}
