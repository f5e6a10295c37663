import { str as crc32 } from 'crc-32';
import { CURRENT_VERSION } from '@/core/logbook';

/**
 * A stored part as text: a head with its own version and a checksum, then a row a line, each behind a
 * checksum of its own. The checksum of the whole is looked at when reading; those of the rows tell,
 * when it is wrong, which rows are still sound.
 */
const HEAD = /^\{"part":"[^"]*","version":([^,]*),"sum":"([0-9a-f]{8})","rows":\[(?=\n|\]\}$)/;
const ROW = /^\["([0-9a-f]{8})",(.*)\]$/s;

/** CRC-32 of a text, eight hexadecimal digits. */
export const sumOf = (text: string): string => (crc32(text) >>> 0).toString(16).padStart(8, '0');

export function writePart(part: string, rows: readonly unknown[]): string {
  const body = rows
    .map((row) => JSON.stringify(row))
    .map((text) => `\n["${sumOf(text)}",${text}]`)
    .join(',');
  return `{"part":"${part}","version":${CURRENT_VERSION},"sum":"${sumOf(body)}","rows":[${body}]}`;
}

/** A part as read: its stamp, its sound rows, and the text of the others. */
export interface PartText {
  version: unknown;
  rows: unknown[];
  damaged: string[];
}

/** Reads a part; null where the text is of before parts had a head, or its head is damaged beyond telling. */
export function readPart(text: string): PartText | null {
  const head = HEAD.exec(text);
  const [whole = '', stamp = '', sum = ''] = head ?? [];
  const version = /^\d+$/.test(stamp) ? Number(stamp) : null;
  const body = text.slice(whole.length, -2);
  if (head && text.endsWith(']}') && sum === sumOf(body)) {
    const rows = parseJson(`[${body}]`);
    if (Array.isArray(rows)) return { version, rows: rows.map((row) => row[1]), damaged: [] };
  }
  const { rows, damaged } = soundRows(head ? text.slice(whole.length) : text, sum);
  return head || rows.length > 0 ? { version, rows, damaged } : null;
}

/**
 * Line by line, the rows whose checksum is right; and a lone one that is not, where the checksum of the
 * whole says that only its own was hit.
 */
function soundRows(text: string, whole: string): { rows: unknown[]; damaged: string[] } {
  const rows: unknown[] = [];
  const damaged: string[] = [];
  for (const line of text.split('\n')) {
    const row = line.replace(/(,|\]\})$/, '');
    const [, sum, value = ''] = ROW.exec(row) ?? ROW.exec(line) ?? [];
    if (sum !== undefined && sum === sumOf(value)) rows.push(parseJson(value));
    // The head, damaged or not, is no row.
    else if (row !== '' && !line.startsWith('{')) damaged.push(line);
  }
  const [only = '', more] = damaged;
  const value = ROW.exec(only.replace(/(,|\]\})$/, ''))?.[2] ?? /^\["[^"]*",(.*)\]/.exec(only)?.[1];
  if (more === undefined && value !== undefined) {
    const mended = text.replace(only, () => only.replace(/^\["[^"]*"/, `["${sumOf(value)}"`));
    if (sumOf(mended.replace(/\]\}$/, '')) === whole)
      return { rows: [...rows, parseJson(value)], damaged: [] };
  }
  return { rows, damaged };
}

/** What a text holds as JSON; undefined where it is none. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
