import { browserStorage, type Storage } from './storage';
import { storageName, type LogbookName } from './whichLogbook';

const KEY = 'run';

/** Where something under way is kept, beside the logbook, so that it outlives a reload. As text: what reads it is loaded there only. */
export interface KeptText {
  /** What was left open; null: nothing. */
  read(): Promise<string | null>;
  /** Keeps it as it stands; null: it is over. */
  write(text: string | null): Promise<void>;
  /** Puts away what cannot be read: it is never lost. */
  setAside(text: string): Promise<void>;
}

/** What is under way in a logbook: a session at the bench, a search for a noise, or another device being read. */
export function keptText(
  name: LogbookName,
  what: 'bench' | 'noise' | 'carry',
  storage: Storage = browserStorage(`${storageName(name)}-${what}`),
): KeptText {
  return {
    read: async () => (await storage.read([KEY]))[KEY] ?? null,
    write: (text) => (text === null ? storage.remove([KEY]) : storage.write({ [KEY]: text })),
    setAside: async (text) => {
      await storage.write({ [`aside ${text.length}`]: text });
      await storage.remove([KEY]);
    },
  };
}
