import type { CsvMapping } from '../records/csvMapping';
import type { Recorded } from './rideFromFile';
import { guessMapping } from './table/guess';
import type { Table } from './table/read';
import { ownPath } from './within';

/** What a table beside ride files says of one of them. */
export interface Beside extends Pick<Recorded, 'name' | 'gear' | 'sport'> {
  /** Ridden to work: known again by that, as by a sport, since it is often ridden on a bike of its own. */
  commute: boolean;
}

/** A table whose rows name the ride files beside it: of a whole archive of rides. */
export interface FileIndex {
  /** What it says of each file it names, by `pathOf`. */
  files: ReadonlyMap<string, Beside>;
  /** Its rows that name no file: rides written in by hand. */
  rest: Table;
}

const FILE_HEAD = /\b(file|filename|datei|dateiname|fichier|archivo)\b|file ?name/i;
const RIDE_FILE = /\.(fit|gpx|tcx)(\.gz)?$/i;
/** Share of a column's filled cells that must be names of ride files. */
const MOST = 0.8;
const COMMUTE_HEAD = /\b(commute|commuting|pendeln|arbeitsweg|trajet)\b/i;
const YES = /^(true|yes|y|ja|j|oui|s[iíì]|x|1(\.0)?|wahr|vrai)$/i;

/** A path as the same file is called in a table and in an archive: without the archive around it and `.gz`, lower case. */
const pathOf = (path: string): string =>
  ownPath(path).trim().replaceAll('\\', '/').replace(/\.gz$/i, '').toLowerCase();

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
  const commute = header.findIndex((head) => COMMUTE_HEAD.test(head));
  const files = new Map<string, Beside>();
  const rest: Table = { header, rows: [], lines: [] };
  rows.forEach((row, n) => {
    const cell = (index: number) => (index < 0 ? '' : (row[index] ?? '').trim());
    const file = cell(at);
    if (file === '') {
      rest.rows.push(row);
      rest.lines.push(lines[n] ?? n + 2);
      return;
    }
    files.set(pathOf(file), {
      name: cell(name),
      gear: cell(gear),
      sport: cell(sport),
      commute: YES.test(cell(commute)),
    });
  });
  return { files, rest };
}

/** What several tables say of the files beside them. */
export class Indexes {
  private readonly byPath = new Map<string, Beside>();
  /** By the last part of a path alone; null: several files are called so. */
  private readonly byName = new Map<string, Beside | null>();

  add({ files }: FileIndex): void {
    for (const [path, beside] of files) {
      this.byPath.set(path, beside);
      const name = path.slice(path.lastIndexOf('/') + 1);
      this.byName.set(name, this.byName.has(name) ? null : beside);
    }
  }

  /** What they say of a file: by its path, whatever folders lie around it, and by its bare name where either has no more. */
  of(file: string): Beside | null {
    const parts = pathOf(file).split('/');
    for (let from = 0; from < parts.length; from++) {
      const found = this.byPath.get(parts.slice(from).join('/'));
      if (found) return found;
    }
    return parts.length === 1 ? (this.byName.get(parts[0]!) ?? null) : null;
  }
}
