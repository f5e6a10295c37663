/** Backups that keep themselves: a file a day in the rider's folder, the newest few kept. */
const FILE = /^dapper-spoke-\d{4}-\d{2}-\d{2}(-\d)?\.json$/;

/** How many files are kept. Own choice: over a week, and a few days on which two devices wrote. */
export const KEPT_FILES = 10;

/** Name of the `n`th backup file of a day, `2026-11-26`, n from 1. */
export const backupFileName = (day: string, n = 1): string =>
  `dapper-spoke-${day}${n === 1 ? '' : `-${n}`}.json`;

/** Files of ours that newer ones have made needless; a file of another name is never one. */
export function filesToDrop(files: readonly string[]): string[] {
  const ours = files.filter((name) => FILE.test(name));
  // Without its ending, the first of a day sorts before the second.
  const order = (name: string) => name.replace('.json', '');
  ours.sort((a, b) => (order(a) < order(b) ? 1 : -1));
  return ours.slice(KEPT_FILES);
}
