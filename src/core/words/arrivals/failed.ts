import type { FailedLine } from '../../arrivals';
import type { ProblemCode } from '../../problem';
import type { UnitSystem } from '../../units';
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
};

/** Whether what failed is no failure: a day of rest, a sum. */
export const isNoFailure = ({ rows }: FailedLine): boolean =>
  rows.every(({ problem }) => problem.code in NO_RIDES);

/** What failed of a file, in a sentence: of one row its own, of several how many and why. */
export function failedSentence({ rows }: FailedLine, units: UnitSystem): string {
  const [first, ...more] = rows;
  if (!first) return '';
  if (more.length === 0) return say(first.problem, units);
  const many = MANY[first.problem.code];
  return many ? `${rows.length} ${many}.` : `${rows.length} times: ${say(first.problem, units)}`;
}
