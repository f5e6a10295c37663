import type { ImportRow } from './importRides';

/** A ride or file that was not read. */
export type FailedRow = Extract<ImportRow, { outcome: 'failed' }>;

/** Rows of one file that all failed for the same reason. */
export interface FailedLine {
  key: string;
  file: string;
  rows: FailedRow[];
}

/** What failed, a line for each reason of each file: twenty rest days of a table are one. */
export function failedLines(rows: readonly ImportRow[]): FailedLine[] {
  const lines = new Map<string, FailedLine>();
  for (const row of rows) {
    if (row.outcome !== 'failed') continue;
    const key = `${row.key.split('.')[0]} ${row.problem.code}`;
    const line = lines.get(key);
    if (line) line.rows.push(row);
    else lines.set(key, { key, file: row.file, rows: [row] });
  }
  return [...lines.values()];
}
