import { browserStorage, type Storage } from './storage';
import { mayHaveLook, storageName, whichLogbook } from './whichLogbook';

/**
 * A storage that is read as a whole at once, so that what it holds is there when it is first asked for: the first list of its keys and
 * the first reading are answered so, and no others, for a reading may never end. What another tab writes meanwhile is found when the
 * logbook begins to be kept.
 */
export function readAhead(inner: Storage): Storage {
  let ahead: Promise<Record<string, string>> | null = inner.keys().then((keys) => inner.read(keys));
  let isListed = false;
  // Told where it is asked for.
  ahead.catch(() => (ahead = null));
  return {
    ...inner,
    async keys() {
      if (isListed) ahead = null;
      isListed = true;
      return ahead ? Object.keys(await ahead) : inner.keys();
    },
    async read(keys) {
      const reading = ahead;
      ahead = null;
      const entries = await reading;
      if (!entries || keys.some((key) => entries[key] === undefined)) return inner.read(keys);
      return Object.fromEntries(keys.map((key) => [key, entries[key] ?? '']));
    },
  };
}

const name = whichLogbook();
const storage = browserStorage(storageName(name));

/** Storage of the logbook of this page; of a long one the first look is read first. */
export const storageHere = mayHaveLook(name) ? storage : readAhead(storage);
