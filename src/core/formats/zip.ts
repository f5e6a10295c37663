import { buf as crc32 } from 'crc-32';
import { unzipSync, type UnzipFileInfo } from 'fflate';
import { fail, ok, type Problem, type Result } from '../problem';

/** A file of an archive, unpacked when it is asked for. */
export interface Packed {
  name: string;
  open(): Result<Uint8Array>;
}

export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5);

/** More files than this in one archive is not a folder of rides. */
const MOST_FILES = 2000;
/** Beyond this a file is no ride, packed or not: a week at a point a second is some 60 MB. */
export const LARGEST_BYTES = 80_000_000;
/**
 * All files of an archive together: rides pack to a tenth or so of themselves. Beyond this the archive
 * unpacks without end, or its entries share their bytes.
 */
const MOST_TIMES_PACKED = 60;
const MOST_BYTES_ANYWAY = 200_000_000;
/** Names that only a system writes. */
const IGNORED = /(^|\/)(\.|__MACOSX|Thumbs\.db|desktop\.ini)/i;

/**
 * The files of a ZIP archive (APPNOTE 6.3). One at a time is unpacked, into just the room it says it
 * needs, so that neither a large archive nor a bomb fills the memory. What is locked or too large is
 * refused by name.
 */
export function openZip(bytes: Uint8Array): Result<Packed[]> {
  const packed: Packed[] = [];
  let index = 0;
  try {
    const entries = readDirectory(bytes);
    const unpacked = entries.reduce((sum, entry) => sum + entry.bytes, 0);
    if (
      overlap(entries) ||
      unpacked > Math.max(MOST_BYTES_ANYWAY, bytes.length * MOST_TIMES_PACKED)
    )
      return fail('zip/bomb');
    // The filter sees every entry in order and takes none: this only lists.
    unzipSync(bytes, {
      filter: (entry) => {
        const facts = entries[index] ?? NO_FACTS;
        index += 1;
        if (!entry.name.endsWith('/') && !IGNORED.test(entry.name) && index <= MOST_FILES)
          packed.push({ name: entry.name, open: () => unpack(bytes, entry, facts) });
        return false;
      },
    });
  } catch {
    return fail('zip/damaged');
  }
  if (index > MOST_FILES) return fail('zip/too-many', { most: MOST_FILES });
  return packed.length > 0 ? ok(packed) : fail('zip/empty');
}

function unpack(archive: Uint8Array, entry: UnzipFileInfo, facts: Facts): Result<Uint8Array> {
  const problem = whyNotRead(entry, facts);
  if (problem) return { ok: false, problem };
  try {
    const bytes = unzipSync(archive, { filter: (e) => e.name === entry.name })[entry.name];
    return bytes && crc32(bytes) === facts.crc ? ok(bytes) : fail('zip/damaged');
  } catch {
    return fail('zip/damaged');
  }
}

function whyNotRead(entry: UnzipFileInfo, { locked }: Facts): Problem | null {
  if (locked) return { code: 'zip/locked' };
  if (entry.originalSize > LARGEST_BYTES) return { code: 'file/too-large' };
  return entry.compression === 0 || entry.compression === 8 ? null : { code: 'zip/method' };
}

const END_MARK = 0x06054b50;
const ENTRY_MARK = 0x02014b50;

/** What the unpacker does not tell of an entry: whether it is encrypted, and its check sum. */
interface Facts {
  locked: boolean;
  crc: number;
  /** Where it lies in the archive, how long it is there, and unpacked. */
  at: number;
  packed: number;
  bytes: number;
}

const NO_FACTS: Facts = { locked: false, crc: 0, at: 0, packed: 0, bytes: 0 };

/** Whether two entries claim the same bytes of the archive: no honest writer does that. */
function overlap(entries: readonly Facts[]): boolean {
  let end = 0;
  const inOrder = [...entries].sort((a, b) => a.at - b.at);
  return inOrder.some(({ at, packed }) => {
    const isWithin = at < end;
    end = Math.max(end, at + packed);
    return isWithin;
  });
}

/** The facts of each entry of the central directory, in order. */
function readDirectory(bytes: Uint8Array): Facts[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let end = bytes.length - 22;
  while (end > 0 && view.getUint32(end, true) !== END_MARK) end -= 1;
  const entries: Facts[] = [];
  let at = view.getUint32(end + 16, true);
  while (at + 46 <= bytes.length && view.getUint32(at, true) === ENTRY_MARK) {
    const locked = (view.getUint16(at + 8, true) & 1) === 1;
    const [packed, unpacked] = [view.getUint32(at + 20, true), view.getUint32(at + 24, true)];
    entries.push({
      locked,
      crc: view.getInt32(at + 16, true),
      at: view.getUint32(at + 42, true),
      packed,
      bytes: unpacked,
    });
    const variable = [28, 30, 32].map((o) => view.getUint16(at + o, true));
    at += 46 + variable.reduce((a, b) => a + b, 0);
  }
  return entries;
}
