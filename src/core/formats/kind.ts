import type { FileKind } from '../problem';
import { WEATHER_COLUMNS } from './weatherColumns';

const begins = (bytes: Uint8Array, ...mark: number[]): boolean =>
  mark.every((byte, n) => bytes[n] === byte);
const ascii = (bytes: Uint8Array, from: number, to: number): string =>
  String.fromCharCode(...bytes.subarray(from, to));

/** What a file that is no text is, by its first bytes; null: nobody knows. */
export function kindOfBytes(bytes: Uint8Array): FileKind | null {
  if (begins(bytes, 0x89, 0x50, 0x4e, 0x47) || begins(bytes, 0xff, 0xd8, 0xff)) return 'picture';
  if (ascii(bytes, 0, 3) === 'GIF' || ascii(bytes, 8, 12) === 'WEBP') return 'picture';
  if (ascii(bytes, 4, 8) === 'ftyp') return 'film or picture';
  if (ascii(bytes, 0, 4) === '%PDF') return 'document';
  if (begins(bytes, 0xd0, 0xcf, 0x11, 0xe0)) return 'old spreadsheet';
  if (ascii(bytes, 0, 6) === 'Rar!\x1a\x07' || begins(bytes, 0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c))
    return 'other archive';
  return ascii(bytes, 257, 262) === 'ustar' ? 'other archive' : null;
}

/** What an archive is by the names in it: spreadsheets and documents are archives too. */
export function kindOfArchive(names: readonly string[]): FileKind | null {
  if (names.some((n) => /^xl\//.test(n))) return 'spreadsheet';
  if (names.some((n) => /^(word|ppt)\//.test(n))) return 'document';
  if (names.includes('mimetype') && names.includes('content.xml')) return 'spreadsheet';
  return names.some((n) => /\.kml$/i.test(n)) &&
    names.every((n) => /\.kml$|\/|\.(png|jpe?g)$/i.test(n))
    ? 'map'
    : null;
}

/** What an XML file is by its first element. */
export function kindOfXml(root: string): FileKind | null {
  const name = root.toLowerCase();
  if (name === 'html') return 'web page';
  if (name === 'kml') return 'map';
  if (name === 'svg') return 'picture';
  return /^(worksheet|workbook|table)$/.test(name) ? 'spreadsheet' : null;
}

/** What a text that is neither XML nor a table of rides is. */
export function kindOfText(text: string): FileKind | null {
  const head = text.slice(0, 2000).trimStart();
  if (/^BEGIN:VCALENDAR/i.test(head)) return 'calendar';
  if (/^BEGIN:VCARD/i.test(head)) return 'address book';
  if (/^\s*\{[\s\S]*"format":\s*"dapper-spoke-logbook"/.test(head)) return 'backup';
  if (/^<!doctype html/i.test(head)) return 'web page';
  return /^[[{]/.test(head) ? 'data' : null;
}

/** What a table without rides is, by its heads. */
export function kindOfTable(header: readonly string[]): FileKind | null {
  const heads = header.map((name) => name.toLowerCase());
  const known = WEATHER_COLUMNS.filter((name) => heads.includes(name)).length;
  const says = (is: RegExp) => heads.filter((name) => is.test(name)).length;
  if (known >= 3 || says(/rain|precip|temp|humid|wind|dew ?point|niederschlag/) >= 2)
    return 'weather table';
  if (says(/^(lat|latitude|breite)/) > 0 && says(/^(lon|lng|longitude|länge)/) > 0)
    return 'points table';
  return says(/service|work ?done|maintenance|wartung|lubed|cleaned/) > 0 ? 'work table' : null;
}

/** What ends a declaration: one of a document's type may hold others. */
const declarationEnd = (text: string, at: number): string => {
  const [plain, nested] = [text.indexOf('>', at), text.indexOf('[', at)];
  return nested >= 0 && nested < plain ? ']>' : '>';
};

/** The name of a text's first element, past a declaration, comments and blanks; null: it is no XML. */
export function rootOf(text: string): string | null {
  let at = 0;
  for (;;) {
    while (/\s/.test(text[at] ?? '')) at += 1;
    const end = text.startsWith('<?', at)
      ? '?>'
      : text.startsWith('<!--', at)
        ? '-->'
        : text.startsWith('<!', at)
          ? declarationEnd(text, at)
          : null;
    if (end === null) break;
    const closes = text.indexOf(end, at);
    if (closes < 0) return null;
    at = closes + end.length;
  }
  const name = /^<([A-Za-z_][\w.:-]{0,100})/.exec(text.slice(at, at + 110))?.[1];
  return name === undefined ? null : name.slice(name.indexOf(':') + 1);
}
