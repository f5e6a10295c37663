import fc from 'fast-check';
import { weatherDay } from '@/test/weather';
import { cellOf, isCovered, WeatherRecord, wetShareOf, type WeatherDay } from '..';

const CELL = cellOf(54.2, -2.9);
const at = (text: string) => Date.parse(`2026-05-${text}:00Z`);
const recordOf = (...days: WeatherDay[]) => {
  const record = new WeatherRecord();
  for (const day of days) record.put(day);
  return record;
};
const rainAt =
  (h: number, mm = 3) =>
  (hour: number) => ({ rainMm: hour === h ? mm : 0 });

describe('the record of weather', () => {
  const first = weatherDay(CELL, '2026-05-01T00:00Z', rainAt(23));
  const second = weatherDay(CELL, '2026-05-02T00:00Z');

  it('knows the hours it was told, and carries the road over midnight', () => {
    const record = recordOf(first, second);
    expect(record.hour(CELL, at('01T23:59'))?.rainMm).toBe(3);
    expect(wetShareOf(record.hour(CELL, at('02T01:00'))!.road)).toBe(1);
    expect(wetShareOf(record.hour(CELL, at('02T22:00'))!.road)).toBe(0);
    expect(record.hour(CELL, at('03T01:00'))).toBeNull();
    expect(record.hour(cellOf(0, 0), at('01T23:00'))).toBeNull();
  });

  it('tells the same whatever order it was told in, and when asked in between', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 }),
        fc.nat(3),
        (order, asked) => {
          const days = order.map((d) =>
            weatherDay(CELL, `2026-05-0${d + 1}T00:00Z`, rainAt(d * 5, d + 1)),
          );
          const record = new WeatherRecord();
          for (const [n, day] of days.entries()) {
            record.put(day);
            if (n === asked) record.hour(CELL, at('04T12:00'));
          }
          const straight = recordOf(...[...days].sort((a, b) => a.day - b.day));
          for (let d = 1; d <= 4; d++)
            expect(record.hour(CELL, at(`0${d}T12:00`))).toEqual(
              straight.hour(CELL, at(`0${d}T12:00`)),
            );
        },
      ),
      { seed: 21 },
    );
  });

  it('takes a day told anew for the one before', () => {
    const record = recordOf(first, second);
    record.hour(CELL, at('02T01:00'));
    record.put(weatherDay(CELL, '2026-05-01T00:00Z'));
    expect(wetShareOf(record.hour(CELL, at('02T01:00'))!.road)).toBe(0);
  });

  it('knows what is covered, hour by hour', () => {
    const half = weatherDay(CELL, '2026-05-02T00:00Z', (h) => (h < 12 ? {} : null));
    const record = recordOf(first, half);
    expect(isCovered(record, CELL, at('01T05:00'), at('02T11:00'))).toBe(true);
    expect(isCovered(record, CELL, at('01T05:00'), at('02T12:00'))).toBe(false);
    expect(isCovered(record, CELL, at('03T05:00'), at('03T06:00'))).toBe(false);
    expect(record.hour(CELL, at('02T13:00'))).toBeNull();
  });

  it('gives the mean air over a while, null where none is known', () => {
    const warm = weatherDay(CELL, '2026-05-01T00:00Z', (h) => ({ temperatureC: h < 12 ? 10 : 20 }));
    const record = recordOf(warm);
    expect(record.airOver(CELL, at('01T00:00'), at('01T09:00'))?.temperatureC).toBe(10);
    const day = record.airOver(CELL, at('01T00:00'), at('01T21:00'));
    expect(day?.temperatureC).toBeCloseTo(15, 0);
    expect(record.airOver(CELL, at('09T00:00'), at('09T09:00'))).toBeNull();
  });
});
