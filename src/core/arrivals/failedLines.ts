import { archiveOf } from '../formats/within';
import type { ImportRow } from './importRides';

/** A ride or file that was not read. */
export type FailedRow = Extract<ImportRow, { outcome: 'failed' }>;

/** Rows of one file, or files of one archive, that all failed for the same reason. */
export interface FailedLine {
  key: string;
  /** The file, or the archive its rows lie in. */
  file: string;
  rows: FailedRow[];
}

/**
 * What failed, a line for each reason of each file or archive: twenty rest days of a table are one, and so are the runs and
 * pictures of a whole account.
 */
export function failedLines(rows: readonly ImportRow[]): FailedLine[] {
  const lines = new Map<string, FailedLine>();
  for (const row of rows) {
    if (row.outcome !== 'failed') continue;
    const archive = archiveOf(row.file);
    const isOfLine = 'line' in row.problem;
    const key =
      archive !== null && !isOfLine
        ? `${archive} ${row.problem.code}`
        : `${row.key.split('.')[0]} ${row.problem.code}`;
    const line = lines.get(key);
    if (line) {
      line.rows.push(row);
      if (line.file !== row.file) line.file = archive ?? line.file;
    } else lines.set(key, { key, file: row.file, rows: [row] });
  }
  return [...lines.values()];
}
