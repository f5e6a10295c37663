import Papa from 'papaparse';
import { fail, ok, type Result } from '../../problem';
import { tidy } from '../tidy';
import { readNumber } from './cells';
import { readCountedMoment, readMoment } from './moments';

/** A table as it lies in a file: its header and its rows of text. */
export interface Table {
  header: string[];
  rows: string[][];
  /** Line of the file each row begins on. */
  lines: number[];
}

const MOST_ROWS = 50_000;
/** A header stands within so many rows: titles may stand above it. */
const HEADER_WITHIN = 12;
/** A unit below a head: "km", "[h:mm]". */
const UNIT =
  /^[([]?(km|mi|miles?|m|ft|feet|h|hrs?|min|s|sec|hh?:mm(:ss)?|mm:ss|km\/h|mph|bpm|w|kcal|°c|%|yyyy-mm-dd|dd[./]mm[./]yyyy|mm\/dd\/yyyy)[)\]]?$/i;

interface Line {
  cells: string[];
  line: number;
}

/**
 * Reads CSV (RFC 4180, and semicolons, tabs and bars for commas; a line `sep=;` may say which). Titles above the header
 * are passed over; units below it go with it. A table without a header gets one of numbers.
 */
export function readTable(text: string): Result<Table> {
  const parsed = linesOf(text);
  if (!parsed.ok) return parsed;
  const all = parsed.value;
  const width = usualWidth(all);
  if (width < 2) return fail('file/unknown');
  const at = headerAt(all, width);
  const named = at === null ? [] : all[at]!.cells;
  // Rows may have a cell more than there are heads, of a sign at their end.
  const head = Array.from({ length: Math.max(width, named.length) }, (_, n) => named[n] ?? '');
  let body = at === null ? all : all.slice(at + 1);
  const under = body[0]?.cells ?? [];
  const hasUnits = isUnits(under);
  if (hasUnits) body = body.slice(1);
  if (body.length === 0) return fail('csv/no-rows');
  if (body.length > MOST_ROWS) return fail('file/too-large');
  const names = head.map((name, n) => tidy(`${name}${hasUnits ? ` ${under[n] ?? ''}` : ''}`));
  return ok({
    header: distinct(names),
    rows: body.map((row) => row.cells),
    lines: body.map((row) => row.line),
  });
}

function linesOf(text: string): Result<Line[]> {
  const sep = /^sep=(.)\r?\n/i.exec(text);
  const bare = sep ? text.slice(sep[0].length) : text;
  const found: Line[] = [];
  let line = sep ? 2 : 1;
  let cursor = 0;
  let quotes: number | null = null;
  Papa.parse<string[]>(bare, {
    delimiter: sep?.[1] ?? delimiterOf(bare),
    step({ data, errors, meta }) {
      if (errors.some((e) => e.type === 'Quotes')) quotes ??= line;
      if (data.some((cell) => cell.trim() !== '')) found.push({ cells: data, line });
      const passed = bare.slice(cursor, meta.cursor);
      line += passed.split(/\r\n|\r|\n/).length - 1;
      cursor = meta.cursor;
    },
  });
  return quotes === null ? ok(found) : fail('csv/quotes', { row: quotes });
}

/** Rows by which the sign between cells is found. */
const PREVIEW = 40;

/** The sign between cells: the one by which most rows are as wide as one another. */
function delimiterOf(text: string): string {
  const fits = [',', ';', '\t', '|'].map((delimiter) => {
    const { data } = Papa.parse<string[]>(text.slice(0, 50_000), {
      delimiter,
      preview: PREVIEW,
      skipEmptyLines: 'greedy',
    });
    const width = usualWidth(data.map((cells) => ({ cells })));
    const alike = width < 2 ? 0 : data.filter((cells) => cells.length === width).length;
    return { delimiter, alike, width };
  });
  const [best] = fits.sort((a, b) => b.alike - a.alike || b.width - a.width);
  return best?.delimiter ?? ',';
}

/** Cells most rows have. */
function usualWidth(lines: readonly Pick<Line, 'cells'>[]): number {
  const counts = new Map<number, number>();
  for (const { cells } of lines) counts.set(cells.length, (counts.get(cells.length) ?? 0) + 1);
  const [most] = [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0]);
  return most?.[0] ?? 0;
}

const isValue = (cell: string): boolean =>
  readNumber(cell) !== null ||
  readMoment(cell, 'day first') !== null ||
  readMoment(cell, 'month first') !== null ||
  readCountedMoment(cell) !== null;

/** The first row that names columns: as wide as the table, and without values. Null: there is none. */
function headerAt(lines: readonly Line[], width: number): number | null {
  for (const [n, { cells }] of lines.slice(0, HEADER_WITHIN).entries()) {
    const filled = cells.filter((cell) => cell.trim() !== '');
    if (filled.length < Math.max(2, width / 2)) continue;
    return filled.some(isValue) ? null : n;
  }
  return null;
}

const isUnits = (cells: readonly string[]): boolean => {
  const filled = cells.map((cell) => cell.trim()).filter((cell) => cell !== '');
  return filled.length > 0 && filled.every((cell) => UNIT.test(cell));
};

/** Names of columns, each once: a second "Distance" is "Distance 2", one without a name "Column 3". */
function distinct(names: readonly string[]): string[] {
  const seen = new Map<string, number>();
  return names.map((name, n) => {
    const own = name === '' ? `Column ${n + 1}` : name;
    const times = (seen.get(own) ?? 0) + 1;
    seen.set(own, times);
    return times === 1 ? own : `${own} ${times}`;
  });
}
