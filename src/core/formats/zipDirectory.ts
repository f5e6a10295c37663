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

const viewOf = (bytes: Uint8Array): DataView =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
/** A 64-bit number; beyond 2^53 nothing lies in a file that fits into memory. */
const uint64 = (view: DataView, at: number): number =>
  view.getUint32(at, true) + view.getUint32(at + 4, true) * 2 ** 32;

/** The entries of the central directory, in order; throws a RangeError where the archive is cut off. */
export function readDirectory(bytes: Uint8Array): ZipEntry[] {
  const view = viewOf(bytes);
  const entries: ZipEntry[] = [];
  let at = directoryAt(view);
  while (at + 46 <= bytes.length && view.getUint32(at, true) === ENTRY_MARK) {
    const [nameLength = 0, extraLength = 0, commentLength = 0] = [28, 30, 32].map((o) =>
      view.getUint16(at + o, true),
    );
    const flags = view.getUint16(at + 8, true);
    const name = bytes.subarray(at + 46, at + 46 + nameLength);
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
function directoryAt(view: DataView): number {
  const last = view.byteLength - 22;
  let end = last;
  while (end > last - LONGEST_COMMENT && view.getUint32(end, true) !== END_MARK) end -= 1;
  const at = view.getUint32(end + 16, true);
  const locator = end - 20;
  if (locator < 0 || view.getUint32(locator, true) !== END64_LOCATOR) return at;
  const end64 = uint64(view, locator + 8);
  return view.getUint32(end64, true) === END64_MARK ? uint64(view, end64 + 48) : at;
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
export function packedBytes(archive: Uint8Array, entry: ZipEntry): Uint8Array {
  const view = viewOf(archive);
  if (view.getUint32(entry.at, true) !== LOCAL_MARK) throw new RangeError('no local header');
  const start =
    entry.at + 30 + view.getUint16(entry.at + 26, true) + view.getUint16(entry.at + 28, true);
  if (start + entry.packed > archive.length) throw new RangeError('cut off');
  return archive.subarray(start, start + entry.packed);
}
