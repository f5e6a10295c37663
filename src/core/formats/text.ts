/** Fewer of a file's first bytes than this share are zeros in UTF-16 of writing that is not Latin; half are where it is. */
const WIDE_FROM = 0.2;
const SNIFF = 2000;

type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

/** The encoding a byte order mark names, or zeros before or behind each letter; null: neither. */
function wideOf(bytes: Uint8Array): Encoding | null {
  const [a, b, c] = bytes;
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  if (a === 0xef && b === 0xbb && c === 0xbf) return 'utf-8';
  const head = bytes.subarray(0, SNIFF);
  const zeros = [0, 0];
  head.forEach((byte, n) => (zeros[n % 2]! += byte === 0 ? 1 : 0));
  const [even = 0, odd = 0] = zeros.map((n) => (2 * n) / Math.max(1, head.length));
  if (odd > WIDE_FROM && even < odd / 10) return 'utf-16le';
  return even > WIDE_FROM && odd < even / 10 ? 'utf-16be' : null;
}

/** The encoding an XML declaration names, where it is one of a byte a letter. */
function declaredOf(bytes: Uint8Array): Encoding | null {
  const head = new TextDecoder('windows-1252').decode(bytes.subarray(0, 200));
  const name = /^\s*<\?xml[^>]*encoding=["']([\w-]+)["']/i.exec(head)?.[1]?.toLowerCase();
  return name && /^(iso-8859-1|iso8859-1|latin-?1|windows-1252|cp1252|us-ascii)$/.test(name)
    ? 'windows-1252'
    : null;
}

/** Whether a file is no text: zeros stand in none but UTF-16. */
export const isBinary = (bytes: Uint8Array): boolean =>
  bytes.subarray(0, SNIFF).includes(0) && wideOf(bytes) === null;

/**
 * A file's text: UTF-16 either way and UTF-8 as their marks say, else as an XML declaration says, else UTF-8, and
 * where that cannot be, Windows-1252, which holds ISO-8859-1. Without the mark, blanks and zeros before its beginning.
 */
export function decodeText(bytes: Uint8Array): string {
  const named = wideOf(bytes) ?? declaredOf(bytes);
  return decode(bytes, named).replace(/^[\uFEFF\s\0]+/, '');
}

function decode(bytes: Uint8Array, named: Encoding | null): string {
  if (named) return new TextDecoder(named).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
