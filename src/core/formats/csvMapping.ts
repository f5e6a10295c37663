export type * from '../records/csvMapping';

/** What a mapping is remembered by: a header with the same names in the same order. */
export const headerKey = (header: readonly string[]): string =>
  header
    .map((name) => name.toLowerCase())
    .join(',')
    .slice(0, 500);
