import { openDB } from 'idb';

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

/** What the File System Access API adds to a handle: not yet in TypeScript's own types. */
interface Handle extends FileSystemDirectoryHandle {
  queryPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
  keys(): AsyncIterableIterator<string>;
}

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<Handle>;

const picker = (): Picker | undefined =>
  (window as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** Whether this browser can write to a folder the rider picks. */
export const canPickFolder = (): boolean => picker() !== undefined;

const folderPlace = (folder: Handle): BackupPlace => ({
  name: folder.name || 'the folder you picked',
  isOpen: async () =>
    (await (folder.queryPermission?.({ mode: 'readwrite' }) ?? 'granted')) === 'granted',
  ask: async () =>
    (await (folder.requestPermission?.({ mode: 'readwrite' }) ?? 'granted')) === 'granted',
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

/** Handles can be kept in IndexedDB only: they are no text. */
export const FOLDERS = 'folders';
export const folderShelf = () =>
  openDB('dapper-spoke-folders', 1, { upgrade: (db) => void db.createObjectStore(FOLDERS) });

/** The folder picked before for a logbook, if any. */
export async function keptPlace(logbook: string): Promise<BackupPlace | null> {
  const db = await folderShelf();
  const folder = (await db.get(FOLDERS, logbook)) as Handle | undefined;
  db.close();
  return folder ? folderPlace(folder) : null;
}

/** Lets the rider pick a folder and remembers it; null when they picked none. */
export async function pickPlace(logbook: string): Promise<BackupPlace | null> {
  const folder = await picker()?.({ mode: 'readwrite', id: 'backups' }).catch(() => undefined);
  if (!folder) return null;
  const db = await folderShelf();
  await db.put(FOLDERS, folder, logbook);
  db.close();
  return folderPlace(folder);
}

export async function forgetPlace(logbook: string): Promise<void> {
  const db = await folderShelf();
  await db.delete(FOLDERS, logbook);
  db.close();
}
