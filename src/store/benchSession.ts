import { browserStorage, type Storage } from './storage';
import { storageName, type LogbookName } from './whichLogbook';

const KEY = 'run';

/**
 * Where a session at the bench is kept while it goes on: beside the logbook, so that it outlives a
 * reload. As text, for what reads it is loaded at the bench only.
 */
export interface BenchSession {
  /** The session left open; null: none. */
  read(): Promise<string | null>;
  /** Keeps the session as it stands; null: it is over. */
  write(text: string | null): Promise<void>;
  /** Puts one away that cannot be read: it is never lost. */
  setAside(text: string): Promise<void>;
}

/** The open session of a logbook. */
export function benchSession(
  name: LogbookName,
  storage: Storage = browserStorage(`${storageName(name)}-bench`),
): BenchSession {
  return {
    read: async () => (await storage.read([KEY]))[KEY] ?? null,
    write: (text) => (text === null ? storage.remove([KEY]) : storage.write({ [KEY]: text })),
    setAside: async (text) => {
      await storage.write({ [`aside ${text.length}`]: text });
      await storage.remove([KEY]);
    },
  };
}
