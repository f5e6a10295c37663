import {
  keptOnShelf,
  mayOpen,
  pickFolder,
  putOnShelf,
  takeOffShelf,
  type FolderHandle,
} from './folders';
import { rememberRideFolder, whichLogbook } from './whichLogbook';

export { canPickFolder } from './folders';
export { hasRideFolder } from './whichLogbook';

/** The demo has a folder of its own. */
const rides = (): string => `rides ${whichLogbook()}`;
const seen = (): string => `${rides()} seen`;
const RIDE_FILE = /\.(fit|gpx|tcx)(\.gz)?$/i;
/** Folders in the folder are looked through so deep: by year and month. */
const DEEPEST = 2;
/** More than these at once are brought in as an archive. */
const MOST_FILES = 3000;

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
  const folder = await pickFolder('read', 'rides');
  if (!folder) return false;
  await putOnShelf(rides(), folder);
  await takeOffShelf(seen());
  rememberRideFolder(folder.name || 'rides');
  return true;
}

const seenMarks = async (): Promise<string[]> =>
  ((await keptOnShelf(seen())) as string[] | undefined) ?? [];

/** Looks through the folder for ride files not brought in yet; null: none was picked. `ask`: on a tap of the rider. */
export async function lookThroughRideFolder(ask: boolean): Promise<FolderLook | null> {
  const folder = (await keptOnShelf(rides())) as FolderHandle | undefined;
  if (!folder) return null;
  const name = folder.name || 'your folder of rides';
  if (!(await mayOpen(folder, 'read', ask))) return { name, asks: true, fresh: [] };
  const before = new Set(await seenMarks());
  const fresh: FolderFile[] = [];
  for await (const found of filesIn(folder, '', DEEPEST)) {
    if (!before.has(found.mark)) fresh.push(found);
    if (fresh.length >= MOST_FILES) break;
  }
  return { name, asks: false, fresh };
}

async function* filesIn(
  folder: FolderHandle,
  path: string,
  deep: number,
): AsyncGenerator<FolderFile> {
  for await (const entry of folder.values()) {
    const at = `${path}/${entry.name}`;
    if (entry.kind === 'directory') {
      if (deep > 0) yield* filesIn(entry as FolderHandle, at, deep - 1);
    } else if (RIDE_FILE.test(entry.name)) {
      const file = await (entry as FileSystemFileHandle).getFile();
      yield { file, mark: `${at} ${file.size} ${file.lastModified}` };
    }
  }
}

/** Remembers that files have been brought in. */
export async function rememberSeen(files: readonly FolderFile[]): Promise<void> {
  await putOnShelf(seen(), [...new Set([...(await seenMarks()), ...files.map((f) => f.mark)])]);
}

/** Looks into the folder no more. */
export async function forgetRideFolder(): Promise<void> {
  await takeOffShelf(rides());
  await takeOffShelf(seen());
  rememberRideFolder(null);
}
