import { failedLines } from '../../arrivals/failedLines';
import type { ImportRow } from '../../arrivals/importRides';
import type { Problem } from '../../problem';
import { failedOutcome, failedSentence, rowSentence } from '../arrivals/failed';
import { METRIC } from '@/core/units/convert';

const linesOf = (...problems: Problem[]) =>
  failedLines(
    problems.map((problem, n): ImportRow => ({
      file: 'log.csv',
      key: `0.${n}`,
      outcome: 'failed',
      problem,
    })),
  ).map((line) => [failedOutcome(line).label, failedSentence(line, METRIC)]);

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
        { code: 'file/unknown' },
      ),
    ).toEqual([
      ['Passed over', '2 rows without a distance: no rides on those days.'],
      ['Passed over', 'Line 4 adds others up.'],
      ['Passed over', 'It is not a bicycle ride but run.'],
      ['Failed', 'The start in line 9 is no date.'],
      ['Asked above', 'It is a table: its columns are not known yet.'],
      ['Passed over', 'It is a course to follow, planned and not ridden.'],
      ['Failed', 'The file is damaged or cut off.'],
      ['Failed', 'Not a ride file this app reads. FIT, GPX, TCX, CSV and ZIP are.'],
    ]);
  });

  it('is one line for all files of an archive, which opens to name each', () => {
    const row = (file: string, n: number, problem: Problem): ImportRow => ({
      file: `account.zip › ${file}`,
      key: `${n}`,
      outcome: 'failed',
      problem,
    });
    const lines = failedLines([
      row('media/a.jpg', 0, { code: 'file/kind', kind: 'picture' }),
      row('media/b.jpg', 1, { code: 'file/kind', kind: 'picture' }),
      row('7.gpx', 2, { code: 'track/not-cycling', sport: 'run' }),
      row('8.fit', 3, { code: 'track/not-cycling', sport: 'swim' }),
      row('9.fit', 4, { code: 'file/damaged' }),
      row('log.csv', 5, { code: 'csv/start', line: 4 }),
      row('old.csv', 6, { code: 'csv/start', line: 5 }),
    ]);
    expect(
      lines.map((line) => [line.file, failedOutcome(line).label, failedSentence(line, METRIC)]),
    ).toEqual([
      ['account.zip', 'Passed over', '2 pictures, documents and the like.'],
      ['account.zip', 'Passed over', '2 of other sports.'],
      ['account.zip › 9.fit', 'Failed', 'The file is damaged or cut off.'],
      ['account.zip › log.csv', 'Failed', 'The start in line 4 is no date.'],
      ['account.zip › old.csv', 'Failed', 'The start in line 5 is no date.'],
    ]);
    const [, sports] = lines;
    expect(rowSentence(sports!.rows[1]!, sports!, METRIC)).toBe(
      '8.fit: It is not a bicycle ride but swim.',
    );
  });
});
