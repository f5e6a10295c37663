import { openDB, type IDBPDatabase } from 'idb';

/** What the File System Access API adds to a folder's handle: not yet in TypeScript's own types. */
export interface FolderHandle extends FileSystemDirectoryHandle {
  queryPermission?(mode: { mode: FolderMode }): Promise<PermissionState>;
  requestPermission?(mode: { mode: FolderMode }): Promise<PermissionState>;
  keys(): AsyncIterableIterator<string>;
  values(): AsyncIterableIterator<FileSystemHandle>;
}
export type FolderMode = 'read' | 'readwrite';

type Picker = (options: { mode: FolderMode; id: string }) => Promise<FolderHandle>;

const picker = (): Picker | undefined =>
  (window as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** Whether this browser lets the app into a folder the rider picks. */
export const canPickFolder = (): boolean => picker() !== undefined;

/** Lets the rider pick a folder; null: they picked none. `id`: the browser opens where it was left. */
export const pickFolder = async (mode: FolderMode, id: string): Promise<FolderHandle | null> =>
  (await picker()?.({ mode, id }).catch(() => null)) ?? null;

/** Whether the app may go into a folder; `ask`: on a tap of the rider it may ask. */
export async function mayOpen(
  folder: FolderHandle,
  mode: FolderMode,
  ask: boolean,
): Promise<boolean> {
  const said = ask ? folder.requestPermission?.({ mode }) : folder.queryPermission?.({ mode });
  return (await (said ?? 'granted')) === 'granted';
}

/** Handles can be kept in IndexedDB only: they are no text. */
const FOLDERS = 'folders';

async function withShelf<T>(job: (db: IDBPDatabase) => Promise<T>): Promise<T> {
  const db = await openDB('dapper-spoke-folders', 1, {
    upgrade: (fresh) => void fresh.createObjectStore(FOLDERS),
  });
  try {
    return await job(db);
  } finally {
    db.close();
  }
}

/** What is kept under a name: a folder, or what belongs to one; undefined: nothing is. */
export const keptOnShelf = (key: string): Promise<unknown> =>
  withShelf((db) => db.get(FOLDERS, key));
export const putOnShelf = (key: string, value: unknown): Promise<unknown> =>
  withShelf((db) => db.put(FOLDERS, value, key));
export const takeOffShelf = (key: string): Promise<void> =>
  withShelf((db) => db.delete(FOLDERS, key));
