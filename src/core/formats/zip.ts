import { buf as crc32 } from 'crc-32';
import { gunzipSync, inflateSync } from 'fflate';
import { fail, ok, type Problem, type Result } from '../problem';
import type { ByteSource } from './byteSource';
import { packedBytes, readDirectory, type ZipEntry } from './zipDirectory';

/** A file of an archive, unpacked when it is asked for. */
export interface Packed {
  name: string;
  open(): Result<Uint8Array>;
}

export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5 || bytes[2] === 6);

export const isGzip = (bytes: Uint8Array): boolean => bytes[0] === 0x1f && bytes[1] === 0x8b;

/** More files than this in one archive is no folder of rides: four a day for ten years. */
const MOST_FILES = 15_000;
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
export function openZip(archive: ByteSource): Result<Packed[]> {
  let entries: ZipEntry[];
  try {
    entries = readDirectory(archive);
  } catch {
    return fail('zip/damaged');
  }
  // An archive with nothing in it is its end alone.
  if (entries.length === 0) return fail(archive.length <= 98 ? 'zip/empty' : 'zip/damaged');
  if (entries.length > MOST_FILES) return fail('zip/too-many', { most: MOST_FILES });
  const unpacked = entries.reduce((sum, entry) => sum + entry.bytes, 0);
  if (
    overlap(entries) ||
    unpacked > Math.max(MOST_BYTES_ANYWAY, archive.length * MOST_TIMES_PACKED)
  )
    return fail('zip/bomb');
  const files = entries.filter(({ name }) => !name.endsWith('/') && !IGNORED.test(name));
  return files.length === 0
    ? fail('zip/empty')
    : ok(files.map((entry) => ({ name: entry.name, open: () => unpack(archive, entry) })));
}

function unpack(archive: ByteSource, entry: ZipEntry): Result<Uint8Array> {
  const problem = whyNotRead(entry);
  if (problem) return { ok: false, problem };
  try {
    const packed = packedBytes(archive, entry);
    const bytes =
      entry.method === 0 ? packed : inflateSync(packed, { out: new Uint8Array(entry.bytes) });
    return bytes.length === entry.bytes && crc32(bytes) === entry.crc
      ? ok(bytes)
      : fail('zip/damaged');
  } catch {
    return fail('zip/damaged');
  }
}

function whyNotRead({ locked, bytes, method }: ZipEntry): Problem | null {
  if (locked) return { code: 'zip/locked' };
  if (bytes > LARGEST_BYTES) return { code: 'file/too-large' };
  return method === 0 || method === 8 ? null : { code: 'zip/method' };
}

/** Whether two entries claim the same bytes of the archive: no honest writer does that. */
function overlap(entries: readonly ZipEntry[]): boolean {
  let end = 0;
  const inOrder = [...entries].sort((a, b) => a.at - b.at);
  return inOrder.some(({ at, packed }) => {
    const isWithin = at < end;
    end = Math.max(end, at + packed);
    return isWithin;
  });
}

/** The file in a gzip (RFC 1952): its last four bytes say how long it is, and it is unpacked into just that room. */
export function openGzip(bytes: Uint8Array): Result<Uint8Array> {
  if (bytes.length < 18) return fail('zip/damaged');
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const size = view.getUint32(bytes.length - 4, true);
  if (size > LARGEST_BYTES) return fail('file/too-large');
  try {
    const whole = gunzipSync(bytes, { out: new Uint8Array(size) });
    return whole.length === size && crc32(whole) === view.getInt32(bytes.length - 8, true)
      ? ok(whole)
      : fail('zip/damaged');
  } catch {
    return fail('zip/damaged');
  }
}
