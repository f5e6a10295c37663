import { failedLines } from '../../arrivals';
import type { ImportRow } from '../../arrivals';
import type { Problem } from '../../problem';
import { failedOutcome, failedSentence } from '../arrivals/failed';

const linesOf = (...problems: Problem[]) =>
  failedLines(
    problems.map((problem, n): ImportRow => ({
      file: 'log.csv',
      key: `0.${n}`,
      outcome: 'failed',
      problem,
    })),
  ).map((line) => [failedOutcome(line).label, failedSentence(line, 'metric')]);

describe('what was not read', () => {
  it('is a line for each reason: what is wrong is told from what only holds no ride', () => {
    expect(
      linesOf(
        { code: 'csv/rest', line: 2 },
        { code: 'csv/rest', line: 3 },
        { code: 'csv/sum', line: 4 },
        { code: 'track/not-cycling', sport: 'run' },
        { code: 'csv/start', line: 9 },
        { code: 'csv/unexplained' },
        { code: 'track/course' },
        { code: 'file/damaged' },
      ),
    ).toEqual([
      ['Passed over', '2 rows without a distance: no rides on those days.'],
      ['Passed over', 'Line 4 adds others up.'],
      ['Passed over', 'It is not a bicycle ride but run.'],
      ['Failed', 'The start in line 9 is no date.'],
      ['Asked above', 'It is a table: its columns are not known yet.'],
      ['Passed over', 'It is a course to follow, planned and not ridden.'],
      ['Failed', 'The file is damaged or cut off.'],
    ]);
  });
});
