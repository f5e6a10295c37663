import { runSchema, type Run } from '@/core/bench/run';
import { browserStorage, type Storage } from './storage';
import { storageName, type LogbookName } from './whichLogbook';

const KEY = 'run';

/** Where a session at the bench is kept while it goes on: beside the logbook, so that it outlives a reload. */
export interface BenchSession {
  /** The session left open; null: none. One that cannot be read is set aside, never lost. */
  read(): Promise<Run | null>;
  /** Keeps the session as it stands; null: it is over. */
  write(run: Run | null): Promise<void>;
}

/** The open session of a logbook. */
export function benchSession(
  name: LogbookName,
  storage: Storage = browserStorage(`${storageName(name)}-bench`),
): BenchSession {
  return {
    async read() {
      const text = (await storage.read([KEY]))[KEY];
      if (text === undefined) return null;
      const run = parse(text);
      if (run === null) {
        await storage.write({ [`aside-${text.length}`]: text });
        await storage.remove([KEY]);
      }
      return run;
    },
    write: (run) =>
      run === null ? storage.remove([KEY]) : storage.write({ [KEY]: JSON.stringify(run) }),
  };
}

function parse(text: string): Run | null {
  try {
    const read = runSchema.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}
