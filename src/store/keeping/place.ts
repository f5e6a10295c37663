import {
  keptOnShelf,
  mayOpen,
  pickFolder,
  putOnShelf,
  takeOffShelf,
  type FolderHandle,
} from '../folders';

/** A folder of the rider's that backups are written to. */
export interface BackupPlace {
  name: string;
  /** Whether the browser lets the app write there without asking again. */
  isOpen(): Promise<boolean>;
  /** Asks the rider, on a tap of theirs, to let the app write there again. */
  ask(): Promise<boolean>;
  list(): Promise<string[]>;
  /** Text of a file; null where there is none. */
  read(file: string): Promise<string | null>;
  /** Writes a file whole or not at all. */
  write(file: string, text: string): Promise<void>;
  remove(file: string): Promise<void>;
}

const folderPlace = (folder: FolderHandle): BackupPlace => ({
  name: folder.name || 'the folder you picked',
  isOpen: () => mayOpen(folder, 'readwrite', false),
  ask: () => mayOpen(folder, 'readwrite', true),
  async list() {
    const names: string[] = [];
    for await (const name of folder.keys()) names.push(name);
    return names;
  },
  async read(file) {
    try {
      return await (await (await folder.getFileHandle(file)).getFile()).text();
    } catch (error) {
      if ((error as DOMException).name === 'NotFoundError') return null;
      throw error;
    }
  },
  async write(file, text) {
    const handle = await folder.getFileHandle(file, { create: true });
    // What is written takes the file's place only when it is closed.
    const writing = await handle.createWritable();
    await writing.write(text);
    await writing.close();
  },
  remove: (file) => folder.removeEntry(file),
});

/** The folder picked before for a logbook, if any. */
export async function keptPlace(logbook: string): Promise<BackupPlace | null> {
  const folder = (await keptOnShelf(logbook)) as FolderHandle | undefined;
  return folder ? folderPlace(folder) : null;
}

/** Lets the rider pick a folder and remembers it; null when they picked none. */
export async function pickPlace(logbook: string): Promise<BackupPlace | null> {
  const folder = await pickFolder('readwrite', 'backups');
  if (!folder) return null;
  await putOnShelf(logbook, folder);
  return folderPlace(folder);
}

export const forgetPlace = (logbook: string): Promise<void> => takeOffShelf(logbook);
