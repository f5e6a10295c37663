import type { CsvMapping } from '../records/csvMapping';
import type { Recorded } from './rideFromFile';
import { guessMapping, type Table } from './table';

/** What a table beside ride files says of one of them. */
export type Beside = Pick<Recorded, 'name' | 'gear' | 'sport'>;

/** A table whose rows name the ride files beside it: of a whole archive of rides. */
export interface FileIndex {
  /** What it says of a file; null: nothing. */
  of(file: string): Beside | null;
  /** Its rows that name no file: rides written in by hand. */
  rest: Table;
}

const FILE_HEAD = /\b(file|filename|datei|dateiname|fichier|archivo)\b|file ?name/i;
const RIDE_FILE = /\.(fit|gpx|tcx)(\.gz)?$/i;
/** Share of a column's filled cells that must be names of ride files. */
const MOST = 0.8;

/** The last part of a path without `.gz`, lower case: as the same file is called in a table and in an archive. */
const keyOf = (path: string): string =>
  path
    .trim()
    .split(/[/\\›]/)
    .at(-1)!
    .trim()
    .replace(/\.gz$/i, '')
    .toLowerCase();

/** Reads a table as an index of the files beside it; null: it names none. */
export function fileIndexOf(table: Table): FileIndex | null {
  const { header, rows, lines } = table;
  const at = header.findIndex((name, n) => {
    if (!FILE_HEAD.test(name)) return false;
    const filled = rows.map((row) => (row[n] ?? '').trim()).filter((cell) => cell !== '');
    return (
      filled.length > 0 && filled.filter((c) => RIDE_FILE.test(c)).length / filled.length >= MOST
    );
  });
  if (at < 0) return null;
  const mapping = guessMapping(header, rows);
  const column = (role: keyof CsvMapping) => header.indexOf(String(mapping[role] ?? ''));
  const [name, gear, sport] = [column('name'), column('gear'), column('sport')];
  const says = new Map<string, Beside>();
  const rest: Table = { header, rows: [], lines: [] };
  rows.forEach((row, n) => {
    const cell = (index: number) => (index < 0 ? '' : (row[index] ?? '').trim());
    const file = cell(at);
    if (file === '') {
      rest.rows.push(row);
      rest.lines.push(lines[n] ?? n + 2);
    } else says.set(keyOf(file), { name: cell(name), gear: cell(gear), sport: cell(sport) });
  });
  return { of: (file) => says.get(keyOf(file)) ?? null, rest };
}
