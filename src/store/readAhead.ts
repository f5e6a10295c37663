import { browserStorage, type Storage } from './storage';
import { mayHaveLook, storageName, whichLogbook } from './whichLogbook';

/**
 * A storage that is read as a whole at once, so that what it holds is there when it is first asked for: one list of its keys and one
 * reading of them are answered so. What another tab writes meanwhile is found when the logbook begins to be kept.
 */
export function readAhead(inner: Storage): Storage {
  let ahead: Promise<Record<string, string>> | null = inner.keys().then((keys) => inner.read(keys));
  // Told where it is asked for.
  ahead.catch(() => (ahead = null));
  return {
    ...inner,
    keys: async () => (ahead ? Object.keys(await ahead) : inner.keys()),
    async read(keys) {
      const entries = ahead ? await ahead : null;
      ahead = null;
      if (!entries || keys.some((key) => entries[key] === undefined)) return inner.read(keys);
      return Object.fromEntries(keys.map((key) => [key, entries[key] ?? '']));
    },
  };
}

const name = whichLogbook();
const storage = browserStorage(storageName(name));

/** Storage of the logbook of this page; of a long one the first look is read first. */
export const storageHere = mayHaveLook(name) ? storage : readAhead(storage);
