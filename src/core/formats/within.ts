/** Between the name of an archive and that of a file in it. */
const WITHIN = ' › ';

/** The name of a file in an archive, behind that of the archive. */
export const nameIn = (archive: string, file: string): string => `${archive}${WITHIN}${file}`;

/** The archive a file lies in, the outermost of several; null: it lies in none. */
export const archiveOf = (file: string): string | null =>
  file.includes(WITHIN) ? file.slice(0, file.indexOf(WITHIN)) : null;

/** A file's name within its outermost archive. */
export const nameWithin = (file: string): string =>
  file.slice((archiveOf(file) ?? '').length).replace(WITHIN, '');

/** A file's path without any archive around it. */
export const ownPath = (file: string): string => file.split(WITHIN).at(-1) ?? file;
