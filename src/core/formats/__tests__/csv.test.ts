import Papa from 'papaparse';
import { say } from '@/core/words/problems';
import { KM_PER_MILE, METRIC } from '@/core/units/convert';
import { headerKey, unknownTables } from '../csvMapping';
import type { CsvMapping } from '../../records/csvMapping';
import { readNumber } from '../table/cells';
import { readMoment } from '../table/moments';
import { readRideFiles, type CsvMappings } from '../rideFile';

const readOne = (text: string, mappings: CsvMappings = {}) =>
  [...readRideFiles('rides.csv', new TextEncoder().encode(text), mappings)][0]!;

/** Reads a table as a rider does who takes the guess as it is, or changed. */
function explained(text: string, change: Partial<CsvMapping> = {}) {
  const { table } = readOne(text);
  if (!table) throw new Error('no table');
  const read = readOne(text, { [headerKey(table.header)]: { ...table.guess, ...change } });
  if (!read.rides.ok) throw new Error(say(read.rides.problem, METRIC));
  return read.rides.value;
}

/** The rides that could be read, shortly. */
const rides = (text: string, change: Partial<CsvMapping> = {}) =>
  explained(text, change).flatMap((r) => (r.ok ? [r.value] : []));

describe('a table of rides', () => {
  it('is asked about once, and read by what was said the next time', () => {
    const text = 'Date,Distance (km),Bike\n2026-05-01 08:00,42.5,Racer\n';
    const first = readOne(text);
    expect(first.rides).toMatchObject({ ok: false, problem: { code: 'csv/unexplained' } });
    expect(first.table?.guess).toMatchObject({
      start: 'Date',
      distance: 'Distance (km)',
      gear: 'Bike',
      unit: 'km',
    });
    expect(rides(text)).toMatchObject([{ distanceKm: 42.5, clues: { gear: 'Racer' } }]);
  });

  it('may have its columns in any order and words for them of its own', () => {
    const [ride] = rides(
      'Notes,Moving time,Miles,Elevation gain (m),When\n"Mill, twice",1:30:00,20,310,2026-05-01T08:00:00+02:00\n',
    );
    expect(ride?.distanceKm).toBeCloseTo(20 * KM_PER_MILE, 6);
    expect(ride).toMatchObject({
      startedAt: '2026-05-01T06:00:00.000Z',
      movingH: 1.5,
      climbM: 310,
      name: 'Mill, twice',
    });
  });

  it('is read with semicolons, decimal commas, a byte order mark and dates of its country', () => {
    const text =
      '\uFEFFDatum;Uhrzeit;Strecke km;Dauer\n31.05.2026;08:15;42,5;1:45\n01.06.2026;09:00;1.0;0:30\n';
    expect(rides(text).map((r) => [r.distanceKm, r.movingH])).toEqual([
      [42.5, 1.75],
      [1, 0.5],
    ]);
    const local = new Date(2026, 4, 31, 8, 15).toISOString();
    expect(rides(text)[0]?.startedAt).toBe(local);
  });

  it('reads its numbers in the unit the rider says', () => {
    const text = 'date,distance,duration\n2026-05-01,42500,5400\n';
    expect(rides(text, { unit: 'm', durationUnit: 's' })).toMatchObject([
      { distanceKm: 42.5, movingH: 1.5 },
    ]);
  });

  it('guesses the order of day and month from the rows', () => {
    const guess = (date: string, distance = 'km') =>
      readOne(`date,${distance}\n${date},40\n`).table?.guess.dayOrder;
    expect([
      guess('25/4/2026'),
      guess('4/25/2026'),
      guess('4/5/2026'),
      guess('4/5/2026', 'miles'),
    ]).toEqual(['day first', 'month first', 'day first', 'month first']);
  });

  it('tells the line of a row that cannot be read; the other rows stand', () => {
    const read = explained(
      'date,km\n2026-05-01,40\nnever,40\n2026-05-03,far\n2026-02-30,40\n2026-05-04,20\n',
    );
    expect(read.map((r) => (r.ok ? r.value.distanceKm : say(r.problem, METRIC)))).toEqual([
      40,
      'The start in line 3 is no date.',
      'The distance in line 4 is no number.',
      'The start in line 5 is no date.',
      20,
    ]);
  });

  it.each([
    ['a quotation mark never closed', 'date,km\n"2026-05-01,40\n', 'csv/quotes'],
    ['a header alone', 'date,km\n', 'csv/no-rows'],
    ['columns that mean nothing here', 'fruit,colour\napple,green\n', 'file/unknown'],
    ['one column', 'date\n2026-05-01\n', 'file/unknown'],
  ])('with %s is refused', (_, text, code) => {
    expect(readOne(text).rides).toMatchObject({ ok: false, problem: { code } });
  });

  it('takes quotes, commas and line ends within fields as RFC 4180 has them', () => {
    const rows = [
      ['start', 'name', 'km'],
      ['2026-05-01T08:00:00Z', 'Mill, then "the quay"\r\nand home', '40'],
    ];
    // Sections 2.5 to 2.7 of RFC 4180, as an independent writer (papaparse) applies them.
    const [ride] = rides(Papa.unparse(rows));
    expect(ride?.name).toBe('Mill, then "the quay"\r\nand home');
  });
});

describe('loose numbers and moments', () => {
  it.each([
    ['42.5', 42.5],
    ['42,5', 42.5],
    ['1.042,5', 1042.5],
    ['1,042.5', 1042.5],
    ["1'042.5", 1042.5],
    ['42.5 km', 42.5],
    ['0', 0],
    ['', null],
    ['far', null],
    ['-5', null],
    ['4.2.1.0', null],
  ])('%s is %s', (text, value) => expect(readNumber(text)?.value ?? null).toBe(value));

  it.each([
    ['2026-05-01T08:00:00Z', '2026-05-01T08:00:00.000Z'],
    ['2026-05-01 08:00:00.250+0530', '2026-05-01T02:30:00.000Z'],
    ['5/1/2026, 8:05 PM Z', '2026-05-01T20:05:00.000Z'],
    ['5/1/26 12:05 am Z', '2026-05-01T00:05:00.000Z'],
  ])('%s is %s', (text, iso) =>
    expect(new Date(readMoment(text, 'month first')?.at ?? NaN).toISOString()).toBe(iso),
  );

  it.each(['', 'soon', '2026-13-01', '2026-02-29', '2026-05-01 25:00', '1850-01-01', '32/1/2026'])(
    '“%s” is no moment',
    (text) => expect(readMoment(text, 'day first')).toBeNull(),
  );

  it('without a zone is local time where the app runs, noon without a time', () => {
    expect(readMoment('1.5.2026', 'day first')).toEqual({
      at: new Date(2026, 4, 1, 12).getTime(),
      timed: false,
    });
    // A quarter past one of the night the clocks go forward does not exist in some zones: no crash.
    expect(readMoment('2026-03-29 01:15', 'day first')).not.toBeNull();
  });
});

describe('tables whose columns are asked for', () => {
  it('are asked for once a header, in the order they came', () => {
    const file = (name: string, header?: string[]) => ({
      name,
      ...(header && { table: { header } }),
    });
    const files = [
      file('a', ['Day', 'Km']),
      file('ride'),
      file('b', ['Date', 'Miles']),
      file('c', ['day', 'KM']),
    ];
    expect(unknownTables(files).map(({ name }) => name)).toEqual(['a', 'b']);
  });
});

describe('what is no table of rides', () => {
  it('is not asked about for a number alone: a weight beside a name is no distance', () => {
    expect(readOne('First name,Weight\nA,70\nB,62\n')).toMatchObject({
      rides: { problem: { code: 'file/unknown' } },
    });
  });

  it('is asked about where it came alone and has days, as nobody else could know', () => {
    expect(readOne('Comment date,Comment\n2026-05-10,Nice\n').table?.guess.start).toBe(
      'Comment date',
    );
  });

  it('climbs too steep for metres are feet, and then the distances miles, whatever the dates', () => {
    const [ride] = rides(
      'Date,Distance,Elevation Gain\n2026-05-10,26.41,2034\n2026-05-12,38.06,3543\n',
    );
    expect(ride!.distanceKm).toBeCloseTo(26.41 * KM_PER_MILE, 6);
    expect(ride!.climbM).toBeCloseTo(2034 * 0.3048, 6);
  });
});
