/** The bytes a header and the check sum at the end take, by the header's own length. */
const CHECK_BYTES = 2;

/** The files of a chain, one behind the other: each header says how long its own is. What follows without one is left. */
export function chainedFits(bytes: Uint8Array): Uint8Array[] {
  const files: Uint8Array[] = [];
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 0;
  while (at + 12 <= bytes.length) {
    const header = bytes[at] ?? 0;
    const isHeader =
      header >= 12 && String.fromCharCode(...bytes.subarray(at + 8, at + 12)) === '.FIT';
    if (!isHeader) break;
    const end = at + header + view.getUint32(at + 4, true) + CHECK_BYTES;
    files.push(bytes.subarray(at, Math.min(end, bytes.length)));
    at = end;
  }
  return files;
}
