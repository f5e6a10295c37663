import type { FailedLine, FailedRow } from '../../arrivals/failedLines';
import { archiveOf, nameWithin } from '../../formats/within';
import type { ProblemCode } from '../../problem';
import type { Units } from '../../units/convert';
import { say } from '../problems';

/** Rows of a table that are nothing for a chain's log, and nothing wrong with them. */
const NO_RIDES: Partial<Record<ProblemCode, string>> = {
  'csv/rest': 'rows without a distance: no rides on those days',
  'csv/sum': 'rows that add others up',
  'work/other': 'jobs on something else than the chain',
};
const MANY: Partial<Record<ProblemCode, string>> = {
  ...NO_RIDES,
  'csv/start': 'rows whose start is no date',
  'csv/distance': 'rows whose distance is no number',
  'track/not-cycling': 'of other sports',
  'track/route': 'routes to follow, not ridden',
  'track/course': 'courses to follow, not ridden',
  'file/unknown': 'files that hold no ride',
  'file/kind': 'pictures, documents and the like',
  'file/empty': 'empty files',
};

/** Files that are sound and hold no ride of a bicycle. */
const NOT_RIDDEN: ReadonlySet<ProblemCode> = new Set<ProblemCode>([
  'track/not-cycling',
  'track/route',
  'track/course',
  'fit/workout',
  'fit/monitoring',
  'fit/settings',
]);

/** Files of an archive that were never meant as rides: an account holds pictures and tables of much else. */
const NOT_MEANT: ReadonlySet<ProblemCode> = new Set<ProblemCode>([
  'file/unknown',
  'file/kind',
  'file/empty',
]);
const isInArchive = ({ file }: FailedRow): boolean => archiveOf(file) !== null;

/** What became of rows or a file without rides in a word or two, and whether something is wrong with it. */
export function failedOutcome({ rows }: FailedLine): { label: string; wrong: boolean } {
  if (rows.every((row) => row.problem.code === 'csv/unexplained'))
    return { label: 'Asked above', wrong: false };
  const isNoRide = (row: FailedRow) =>
    row.problem.code in NO_RIDES ||
    NOT_RIDDEN.has(row.problem.code) ||
    (isInArchive(row) && NOT_MEANT.has(row.problem.code));
  return rows.every(isNoRide)
    ? { label: 'Passed over', wrong: false }
    : { label: 'Failed', wrong: true };
}

/** What failed of a file, in a sentence: of one row its own, of several how many and why. */
export function failedSentence({ rows }: FailedLine, units: Units): string {
  const [first, ...more] = rows;
  if (!first) return '';
  if (more.length === 0) return say(first.problem, units);
  const many = MANY[first.problem.code];
  return many ? `${rows.length} ${many}.` : `${rows.length} times: ${say(first.problem, units)}`;
}

/** One row of a line that was opened: its file where the line is of several, and why. */
export const rowSentence = (row: FailedRow, { file }: FailedLine, units: Units): string =>
  row.file === file
    ? say(row.problem, units)
    : `${nameWithin(row.file)}: ${say(row.problem, units)}`;
