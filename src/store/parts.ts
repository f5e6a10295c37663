import { buf as crc32 } from 'crc-32';
import { endOfValue } from '@/core/logbook/balanced';
import { CURRENT_VERSION } from '@/core/logbook/versions';

/**
 * A stored part as text: a head with its own version and a checksum, then a row a line, each behind a
 * checksum of its own. The checksum of the whole is looked at when reading; those of the rows tell,
 * when it is wrong, which rows are still sound.
 */
const HEAD = /^\{"part":"[^"]*","version":([^,]*),"sum":"([0-9a-f]{8})","rows":\[(?=\n|\]\}$)/;
/** The checksum of a row, somewhere. */
const ANY_ROW = /\["[0-9a-f]{8}",/;
const ROW = /^\["([0-9a-f]{8})",(.*)\]$/s;

const utf8 = new TextEncoder();
const BYTES_A_CHARACTER = 3;
let room = new Uint8Array(65_536);

/** CRC-32 of a text, eight hexadecimal digits. Of its bytes: more than twice as fast as character by character. */
export function sumOf(text: string): string {
  const most = BYTES_A_CHARACTER * text.length;
  if (room.length < most) room = new Uint8Array(most);
  const { written } = utf8.encodeInto(text, room);
  return (crc32(room.subarray(0, written)) >>> 0).toString(16).padStart(8, '0');
}

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

/**
 * Reads a part; null where the text was written before parts had a head, or its head is damaged.
 * `isAsWritten`: the checksum of the whole text is known to be right, so that no other is looked at.
 */
export function readPart(text: string, isAsWritten = false): PartText | null {
  const head = HEAD.exec(text);
  const [whole = '', stamp = '', sum = ''] = head ?? [];
  const version = /^\d+$/.test(stamp) ? Number(stamp) : null;
  const body = text.slice(whole.length, -2);
  if (head && text.endsWith(']}') && (isAsWritten || sum === sumOf(body))) {
    const rows = parseJson(`[${body}]`);
    if (Array.isArray(rows)) return { version, rows: rows.map((row) => row[1]), damaged: [] };
  }
  // Without a head or a row's checksum it is a text written before there were any.
  if (!head && !ANY_ROW.test(text)) return null;
  const { rows, damaged } = soundRows(head ? text.slice(whole.length) : text, sum);
  return head || rows.length > 0 ? { version, rows, damaged } : null;
}

/** A line with no more than this that begins like a head is one, damaged or not. */
const LONGEST_HEAD = 90;

/**
 * Line by line, the rows whose checksum is right. Of a line that is damaged, whatever rows in it are whole:
 * one whose checksum is right, or whose value is whole and the checksum before it gone. A checksum that is
 * there and wrong leaves out its row: which of the two was hit cannot be told.
 */
function soundRows(text: string, whole: string): { rows: unknown[]; damaged: string[] } {
  const rows: unknown[] = [];
  const damaged: string[] = [];
  for (const line of text.split('\n')) {
    const [, sum, value = ''] = ROW.exec(line.replace(/(,|\]\})$/, '')) ?? ROW.exec(line) ?? [];
    if (sum !== undefined && sum === sumOf(value)) rows.push(parseJson(value));
    else if (line !== '' && !(line.startsWith('{') && line.length <= LONGEST_HEAD)) {
      rows.push(...rowsWithin(line));
      damaged.push(line);
    }
  }
  const [only = '', more] = damaged;
  const value = more === undefined ? ROW.exec(only.replace(/(,|\]\})$/, ''))?.[2] : undefined;
  if (value !== undefined && isOnlySumHit(text, only, value, whole))
    return { rows: [...rows, parseJson(value)], damaged: [] };
  // Cut off between two rows: what is gone has left no trace but the checksum of the whole.
  if (damaged.length === 0) damaged.push(text.slice(-80));
  return { rows, damaged };
}

/** Whether the text is right once the checksum of one row is: then nothing but that was damaged. */
function isOnlySumHit(text: string, line: string, value: string, whole: string): boolean {
  const mended = text.replace(line, () => line.replace(/^\["[^"]*"/, `["${sumOf(value)}"`));
  return sumOf(mended.replace(/\]\}$/, '')) === whole;
}

const ROW_HEAD = /^\["([0-9a-f]{8})",$/;
/** A row's head is so long. */
const HEAD_LENGTH = 12;

function rowsWithin(line: string): unknown[] {
  const rows: unknown[] = [];
  for (let at = line.indexOf('{'); at >= 0;) {
    const end = endOfValue(line, at);
    const value = end < 0 ? undefined : line.slice(at, end);
    const sum = ROW_HEAD.exec(line.slice(Math.max(0, at - HEAD_LENGTH), at))?.[1];
    const parsed = value === undefined ? undefined : parseJson(value);
    const isRow =
      parsed !== undefined && 'id' in (parsed as object) && 'type' in (parsed as object);
    if (value !== undefined && isRow && (sum === undefined || sum === sumOf(value)))
      rows.push(parsed);
    // Past a value that was taken or refused as a row; else into it.
    at = line.indexOf('{', isRow ? end : at + 1);
  }
  return rows;
}

/** What a text holds as JSON; undefined where it is none. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
