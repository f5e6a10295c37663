import fc from 'fast-check';
import { FAIR } from '@/test/weather';
import { readWeatherFile, writeWeatherFile } from '../weatherFile';
import { cases } from '@/test/cases';

const HEADER = 'time,rain_mm,temperature_c,humidity_percent,wind_m_s';

describe('a file of hourly weather', () => {
  it('reads back as it was written', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 490_000, max: 500_000 }), { minLength: 1, maxLength: 40 }),
        fc.double({ min: 0, max: 90, noNaN: true }),
        (numbers, rainMm) => {
          const hours = new Map(numbers.map((n) => [n, { ...FAIR, rainMm }]));
          const read = readWeatherFile(writeWeatherFile(hours));
          expect(read.ok && read.value).toEqual(hours);
        },
      ),
      { seed: 41, numRuns: cases(40) },
    );
  });

  it('takes columns in any order, others beside them, a byte order mark, and any zone', () => {
    const text = `\uFEFFWind_m_s,station,Time,humidity_percent,temperature_c,rain_mm\r\n4,"Pier, east",2026-05-01T10:00+02:00,80,9.5,0.2\r\n`;
    const read = readWeatherFile(text);
    const hour = Date.parse('2026-05-01T08:00:00Z') / 3_600_000;
    expect(read.ok && [...read.value]).toEqual([
      [hour, { rainMm: 0.2, temperatureC: 9.5, humidity: 0.8, windMs: 4 }],
    ]);
  });

  it.each([
    ['another table', 'date,km\n2026-05-01,40\n', 'weather/columns', undefined],
    ['a header alone', `${HEADER}\n`, 'csv/no-rows', undefined],
    ['a local time', `${HEADER}\n2026-05-01T08:00,0,9,80,4\n`, 'weather/row', 2],
    [
      'rain of inches gone wrong',
      `${HEADER}\n2026-05-01T08:00Z,0,9,80,4\n2026-05-01T09:00Z,-1,9,80,4\n`,
      'weather/row',
      3,
    ],
    ['humidity that cannot be', `${HEADER}\n2026-05-01T08:00Z,0,9,180,4\n`, 'weather/row', 2],
    ['a gap in a row', `${HEADER}\n2026-05-01T08:00Z,0,,80,4\n`, 'weather/row', 2],
  ])('with %s is refused whole', (_, text, code, line) => {
    expect(readWeatherFile(text)).toMatchObject({
      ok: false,
      problem: { code, ...(line ? { line } : {}) },
    });
  });
});
