import Papa from 'papaparse';

/** What a spreadsheet would take for a formula: behind blanks, line feeds and unseen signs too. */
const FORMULA =
  /^[\s\u0000-\u001f\u200b-\u200f\u2028-\u202e\u2060-\u2069\ufeff]*[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]/;

/**
 * Rows as CSV (RFC 4180) with a last line end. Texts that a spreadsheet would run as a formula get an
 * apostrophe before them; numbers stay numbers.
 */
export function toCsv(rows: readonly Record<string, unknown>[], columns?: string[]): string {
  const safe = rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([name, value]) => [
        name,
        typeof value === 'string' && FORMULA.test(value) ? `'${value}` : value,
      ]),
    ),
  );
  return `${Papa.unparse(safe, columns ? { columns } : {})}\r\n`;
}
