/** What a mapping is remembered by: a header with the same names in the same order. */
export const headerKey = (header: readonly string[]): string =>
  header
    .map((name) => name.toLowerCase())
    .join(',')
    .slice(0, 500);

/** Of files with a table whose columns are not known one for each header: what is said of one holds for the others. */
export function unknownTables<F extends { table?: { header: string[] } }>(
  files: readonly F[],
): F[] {
  const byHeader = new Map<string, F>();
  for (const file of files) {
    const key = file.table ? headerKey(file.table.header) : null;
    if (key !== null && !byHeader.has(key)) byHeader.set(key, file);
  }
  return [...byHeader.values()];
}
