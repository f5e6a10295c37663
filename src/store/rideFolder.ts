import { FOLDERS, folderShelf } from './keeping/place';

/** What the File System Access API adds to a handle: not yet in TypeScript's own types. */
interface Handle extends FileSystemDirectoryHandle {
  queryPermission?(mode: { mode: 'read' }): Promise<PermissionState>;
  requestPermission?(mode: { mode: 'read' }): Promise<PermissionState>;
  values(): AsyncIterableIterator<FileSystemHandle>;
}
type Picker = (options: { mode: 'read'; id: string }) => Promise<Handle>;

const picker = (): Picker | undefined =>
  (window as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** Whether this browser can look through a folder the rider picks. */
export const canPickRideFolder = (): boolean => picker() !== undefined;

const RIDES = 'rides';
const SEEN = 'rides seen';
/** Says that there is one, without the database (see `useNewInFolder`). */
const KEPT = 'dapper-spoke/ride-folder';
const RIDE_FILE = /\.(fit|gpx|tcx)(\.gz)?$/i;
/** Folders in the folder are looked through so deep: by year and month. */
const DEEPEST = 2;
/** More than these at once are brought in as an archive. */
const MOST_FILES = 3000;

/** Whether a folder was picked on this device. */
export const hasRideFolder = (): boolean => localStorage.getItem(KEPT) !== null;

/** A file of the folder, and what it is known by once it has been brought in. */
export interface FolderFile {
  file: File;
  mark: string;
}

/** What a look through the folder found. */
export interface FolderLook {
  name: string;
  /** The browser wants the rider's word again. */
  asks: boolean;
  fresh: FolderFile[];
}

/** Lets the rider pick a folder and remembers it; false: they picked none. */
export async function pickRideFolder(): Promise<boolean> {
  const folder = await picker()?.({ mode: 'read', id: 'rides' }).catch(() => undefined);
  if (!folder) return false;
  const db = await folderShelf();
  await db.put(FOLDERS, folder, RIDES);
  await db.delete(FOLDERS, SEEN);
  db.close();
  localStorage.setItem(KEPT, folder.name || 'rides');
  return true;
}

/** Looks through the folder for ride files not brought in yet; null: none was picked. `ask`: on a tap of the rider. */
export async function lookThroughRideFolder(ask: boolean): Promise<FolderLook | null> {
  const db = await folderShelf();
  const folder = (await db.get(FOLDERS, RIDES)) as Handle | undefined;
  const seen = new Set((await db.get(FOLDERS, SEEN)) as string[] | undefined);
  db.close();
  if (!folder) return null;
  const name = folder.name || 'your folder of rides';
  const allowed = ask
    ? await (folder.requestPermission?.({ mode: 'read' }) ?? 'granted')
    : await (folder.queryPermission?.({ mode: 'read' }) ?? 'granted');
  if (allowed !== 'granted') return { name, asks: true, fresh: [] };
  const fresh: FolderFile[] = [];
  for await (const found of filesIn(folder, '', DEEPEST)) {
    if (!seen.has(found.mark)) fresh.push(found);
    if (fresh.length >= MOST_FILES) break;
  }
  return { name, asks: false, fresh };
}

async function* filesIn(folder: Handle, path: string, deep: number): AsyncGenerator<FolderFile> {
  for await (const entry of folder.values()) {
    const at = `${path}/${entry.name}`;
    if (entry.kind === 'directory') {
      if (deep > 0) yield* filesIn(entry as Handle, at, deep - 1);
    } else if (RIDE_FILE.test(entry.name)) {
      const file = await (entry as FileSystemFileHandle).getFile();
      yield { file, mark: `${at} ${file.size} ${file.lastModified}` };
    }
  }
}

/** Remembers that files have been brought in, or looked at and left. */
export async function rememberSeen(files: readonly FolderFile[]): Promise<void> {
  const db = await folderShelf();
  const before = ((await db.get(FOLDERS, SEEN)) as string[] | undefined) ?? [];
  await db.put(FOLDERS, [...new Set([...before, ...files.map((f) => f.mark)])], SEEN);
  db.close();
}

/** Looks into the folder no more. */
export async function forgetRideFolder(): Promise<void> {
  const db = await folderShelf();
  await db.delete(FOLDERS, RIDES);
  await db.delete(FOLDERS, SEEN);
  db.close();
  localStorage.removeItem(KEPT);
}
