import type { ByteSource } from './byteSource';

/** What a ZIP archive's directory says of an entry (APPNOTE 6.3). */
export interface ZipEntry {
  name: string;
  locked: boolean;
  /** 0: stored, 8: deflated. */
  method: number;
  crc: number;
  /** Where its local header lies, how long it is packed, and unpacked. */
  at: number;
  packed: number;
  bytes: number;
}

const END_MARK = 0x06054b50;
const END64_MARK = 0x06064b50;
const END64_LOCATOR = 0x07064b50;
const ENTRY_MARK = 0x02014b50;
const LOCAL_MARK = 0x04034b50;
const EXTRA64 = 1;
/** A field that says: look in the 64-bit one. */
const FULL32 = 0xffffffff;
/** A comment may follow the directory's end. */
const LONGEST_COMMENT = 65_557;
/** What stands at the end of an archive: its end, before it the place of the 64-bit one, and that. */
const [END_BYTES, LOCATOR_BYTES, END64_BYTES] = [22, 20, 56];
const LONGEST_END = LONGEST_COMMENT + END_BYTES + LOCATOR_BYTES;
const LOCAL_BYTES = 30;

/** Bytes of an archive from one place to another, to be read at places counted from the first. */
function viewOf(archive: ByteSource, from: number, to: number): DataView {
  const bytes = archive.subarray(from, Math.min(to, archive.length));
  return new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}

/** Bytes within a view, fewer where it ends before: a name that is said to be longer costs the name, not the archive. */
const bytesOf = (view: DataView, at: number, length: number): Uint8Array =>
  new Uint8Array(view.buffer, view.byteOffset, view.byteLength).subarray(at, at + length);

/** A 64-bit number; beyond 2^53 nothing lies in a file that fits into memory. */
const uint64 = (view: DataView, at: number): number =>
  view.getUint32(at, true) + view.getUint32(at + 4, true) * 2 ** 32;

/** The entries of the central directory, in order; throws a RangeError where the archive is cut off. */
export function readDirectory(archive: ByteSource): ZipEntry[] {
  const view = viewOf(archive, directoryAt(archive), archive.length);
  const entries: ZipEntry[] = [];
  let at = 0;
  while (at + 46 <= view.byteLength && view.getUint32(at, true) === ENTRY_MARK) {
    const [nameLength = 0, extraLength = 0, commentLength = 0] = [28, 30, 32].map((o) =>
      view.getUint16(at + o, true),
    );
    const flags = view.getUint16(at + 8, true);
    const name = bytesOf(view, at + 46, nameLength);
    const extra = at + 46 + nameLength;
    entries.push({
      name: decodeName(name, (flags & 0x800) !== 0),
      locked: (flags & 1) === 1,
      method: view.getUint16(at + 10, true),
      crc: view.getInt32(at + 16, true),
      ...sizesOf(view, at, extra, extraLength),
    });
    at = extra + extraLength + commentLength;
  }
  return entries;
}

/** Where the directory begins: by the archive's end, or by that of 64 bits before it. */
function directoryAt(archive: ByteSource): number {
  const from = Math.max(0, archive.length - LONGEST_END);
  const view = viewOf(archive, from, archive.length);
  const last = view.byteLength - END_BYTES;
  let end = last;
  while (end > last - LONGEST_COMMENT && view.getUint32(end, true) !== END_MARK) end -= 1;
  const at = view.getUint32(end + 16, true);
  const locator = end - LOCATOR_BYTES;
  if (locator < 0 || view.getUint32(locator, true) !== END64_LOCATOR) return at;
  const end64 = uint64(view, locator + 8);
  const view64 = viewOf(archive, end64, end64 + END64_BYTES);
  return view64.getUint32(0, true) === END64_MARK ? uint64(view64, 48) : at;
}

/** Sizes and place of an entry; those too large for 32 bits stand in its 64-bit field, in this order. */
function sizesOf(view: DataView, at: number, extra: number, extraLength: number) {
  const found = {
    bytes: view.getUint32(at + 24, true),
    packed: view.getUint32(at + 20, true),
    at: view.getUint32(at + 42, true),
  };
  for (let field = extra; field + 4 <= extra + extraLength;) {
    const [id, length] = [view.getUint16(field, true), view.getUint16(field + 2, true)];
    let value = field + 4;
    if (id === EXTRA64)
      for (const key of ['bytes', 'packed', 'at'] as const)
        if (found[key] === FULL32) {
          found[key] = uint64(view, value);
          value += 8;
        }
    field += 4 + length;
  }
  return found;
}

/** A name in UTF-8 where the entry says so or it can be, else byte by byte. */
function decodeName(bytes: Uint8Array, isUtf8: boolean): string {
  try {
    return new TextDecoder('utf-8', { fatal: !isUtf8 }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** The packed bytes of an entry; throws a RangeError where its header does not lie where it should. */
export function packedBytes(archive: ByteSource, entry: ZipEntry): Uint8Array {
  const view = viewOf(archive, entry.at, entry.at + LOCAL_BYTES);
  if (view.getUint32(0, true) !== LOCAL_MARK) throw new RangeError('no local header');
  const start = entry.at + LOCAL_BYTES + view.getUint16(26, true) + view.getUint16(28, true);
  if (start + entry.packed > archive.length) throw new RangeError('cut off');
  return archive.subarray(start, start + entry.packed);
}
