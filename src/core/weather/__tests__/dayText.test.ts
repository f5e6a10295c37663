import fc from 'fast-check';
import { readDay, writeDay } from '../dayText';
import type { HourColumn } from '../hours';

const day = (at: (hour: number) => number | null): HourColumn =>
  Array.from({ length: 24 }, (_, hour) => at(hour));
const columnOf = (value: fc.Arbitrary<number | null>) =>
  fc.array(value, { minLength: 24, maxLength: 24 });
/** As a source tells it: so many decimal places, some hours missing. */
const told = fc
  .record({
    places: fc.integer({ min: 0, max: 6 }),
    most: fc.constantFrom(0, 3, 254, 255, 256, 65_534, 65_535, 400_000),
    low: fc.integer({ min: -60_000, max: 60_000 }),
    gaps: fc.boolean(),
  })
  .chain(({ places, most, low, gaps }) => {
    const value = fc
      .integer({ min: 0, max: most })
      .map((above) => Number(`${low + above}e-${places}`));
    return columnOf(gaps ? fc.option(value, { nil: null }) : value);
  });

describe('a day of weather as a text', () => {
  it('is read as the same numbers, to the last bit, and each sign of it is a byte', () => {
    fc.assert(
      fc.property(fc.array(told, { minLength: 1, maxLength: 5 }), (columns) => {
        const text = writeDay(columns) ?? '';
        expect(readDay(text)).toEqual(columns);
        expect(/^[\0-\xff]+$/.test(text)).toBe(true);
      }),
      { numRuns: 2000, seed: 23 },
    );
  });

  it('is refused or read as the same numbers, whatever they are', () => {
    const any = fc.oneof(
      fc.double(),
      fc.double({ min: -60, max: 400 }),
      fc.constantFrom(
        -0,
        0,
        null,
        1e300,
        0.1 + 0.2,
        2 ** 23,
        -(2 ** 23),
        2 ** 23 - 1,
        -(2 ** 23) - 1,
        2 ** 53,
      ),
      fc.integer({ min: -4e9, max: 4e9 }).map((n) => n / 1000),
    );
    let written = 0;
    fc.assert(
      fc.property(
        fc.oneof(
          columnOf(any),
          any.map((one) => day(() => one)),
        ),
        (column) => {
          const text = writeDay([column]);
          if (text === null) return;
          written += 1;
          readDay(text)[0]?.forEach((value, hour) => expect(value).toBe(column[hour]));
        },
      ),
      { numRuns: 3000, seed: 23 },
    );
    expect(written).toBeGreaterThan(150);
  });

  it.each<[string, HourColumn]>([
    ['Numbers too far apart', day((h) => (h === 0 ? 1.7e308 : -1.7e308))],
    ['Whole numbers too far apart', day((h) => (h === 0 ? -8e6 : 9e6))],
    ['Numbers below the lowest', day(() => -9e6)],
    ['23 hours', Array.from({ length: 23 }, () => 1)],
    ['25 hours', Array.from({ length: 25 }, () => 1)],
    ['no hours', []],
  ])('%s are no day', (_, column) => expect(writeDay([column])).toBeNull());

  it('takes a byte an hour of usual weather, and four in all where every hour is alike', () => {
    const mild = day((h) => 8 + h / 10);
    expect(writeDay([mild])).toHaveLength(28);
    expect(writeDay([day(() => 0)])).toHaveLength(4);
    expect(writeDay([day(() => 0), mild, mild, mild])).toHaveLength(88);
    expect(writeDay([day((h) => (h === 0 ? 0 : 30.5))])).toHaveLength(52);
  });

  it('knows hours that are not known beside others that are alike, and a day of which none is', () => {
    for (const column of [day((h) => (h < 3 ? null : 7)), day(() => null), day(() => 7)])
      expect(readDay(writeDay([column]) ?? '')).toEqual([column]);
  });
});
