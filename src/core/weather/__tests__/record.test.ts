import fc from 'fast-check';
import { FAIR, put, weatherDay } from '@/test/weather';
import { MS_PER_HOUR } from '../../units/convert';
import { cellOf, placeOfCell } from '../cells';
import { isCovered, WeatherRecord } from '../record';
import { roadAfter, ROAD_UNKNOWN, wetShareOf } from '../road';
import { storedAir, STORAGE_AIR } from '../drying';
import type { WeatherDay } from '../hours';

const CELL = cellOf(54.2, -2.9);
const at = (text: string) => Date.parse(`2026-05-${text}:00Z`);
const recordOf = (...days: WeatherDay[]) => {
  const record = new WeatherRecord();
  for (const day of days) record.put(day, day);
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
            record.put(day, day);
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
    put(record, weatherDay(CELL, '2026-05-01T00:00Z'));
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

describe('the record, hour by hour', () => {
  const cell = cellOf(53.2, -4.1);
  const DAY = Date.parse('2026-02-10T00:00:00Z');
  const at = (h: number) => DAY + h * MS_PER_HOUR;
  const record = (...days: WeatherDay[]) => {
    const found = new WeatherRecord();
    for (const day of days) found.put(day, day);
    return found;
  };
  const dayAt = (offset: number, hour?: Parameters<typeof weatherDay>[2]) =>
    weatherDay(cell, new Date(at(24 * offset)).toISOString(), hour);

  it('knows whether it knows anything', () => {
    expect(record().isEmpty).toBe(true);
    expect(record(dayAt(0)).isEmpty).toBe(false);
  });

  it('has no hour where one of its four figures is missing', () => {
    for (const key of ['rainMm', 'temperatureC', 'humidity', 'windMs'] as const) {
      const day = dayAt(0);
      const holed = { ...day, [key]: day[key].map((v, h) => (h === 7 ? null : v)) };
      expect(record(holed).hour(cell, at(7))).toBeNull();
      expect(record(holed).hour(cell, at(8))).toMatchObject({ temperatureC: 15 });
    }
  });

  it('means the air of every third hour, of those that are known', () => {
    const warming = dayAt(0, (h) => ({ temperatureC: h, humidity: 0.5 + h / 100 }));
    // 0, 3, 6, 9 and 12 o'clock: mean 6 °C, 0.56.
    expect(record(warming).airOver(cell, at(0), at(12))).toEqual({
      temperatureC: 6,
      humidity: expect.closeTo(0.56, 10),
    });
    const holed = { ...warming, humidity: warming.humidity.map((v, h) => (h === 12 ? null : v)) };
    // Without noon: 4.5 °C, 0.545.
    expect(record(holed).airOver(cell, at(0), at(12))).toEqual({
      temperatureC: 4.5,
      humidity: expect.closeTo(0.545, 10),
    });
    const cold = { ...warming, temperatureC: warming.temperatureC.map(() => null) };
    expect(record(cold).airOver(cell, at(0), at(12))).toBeNull();
    expect(record().airOver(cell, at(0), at(12))).toBeNull();
  });

  it('means the air of each of several days, but of those that are not known', () => {
    const warmer = [0, 1, 3].map((n) => dayAt(n, () => ({ temperatureC: 4 * n, humidity: 0.5 })));
    // Eight hours looked at of each day but the third, and the first hour of the fourth: 0, 4 and 12 °C.
    expect(record(...warmer).airOver(cell, at(0), at(72))).toEqual({
      temperatureC: expect.closeTo((8 * 0 + 8 * 4 + 12) / 17, 10),
      humidity: expect.closeTo(0.5, 10),
    });
  });

  it('looks at three days of air at most', () => {
    const days = [0, 1, 2, 3, 4].map((n) => dayAt(n, () => ({ temperatureC: n < 4 ? 10 : 40 })));
    expect(record(...days).airOver(cell, at(0), at(120))?.temperatureC).toBe(10);
  });

  it('follows the road as hours played one after the other do, over days and holes', () => {
    const rain = (n: number) => (h: number) =>
      (h + n) % 9 === 8
        ? null
        : {
            rainMm: (h * 7 + n) % 5 === 0 ? 0.8 : 0,
            temperatureC: ((h + n) % 6) - 2,
            windMs: h % 4,
          };
    const days = [0, 1, 2].map((n) => dayAt(n, rain(n)));
    const whole = record(...days);
    let road = ROAD_UNKNOWN;
    for (let h = 0; h < 72; h++) {
      const day = days[Math.floor(h / 24)] as WeatherDay;
      const hour = rain(Math.floor(h / 24))(h % 24);
      if (hour) {
        road = roadAfter(road, { ...FAIR, ...hour }, placeOfCell(cell), at(h));
        expect(whole.hour(cell, at(h))?.road).toEqual(road);
      } else expect(day.rainMm[h % 24]).toBeNull();
    }
  });

  it('follows the road anew when an earlier day comes in, and not from a day that is missing', () => {
    const wet = dayAt(0, () => ({ rainMm: 1, humidity: 0.99 }));
    const late = record(dayAt(1));
    expect(late.hour(cell, at(24))?.road.storeMm).toBe(0);
    late.put(wet, wet);
    expect(late.hour(cell, at(24))?.road.storeMm).toBeGreaterThan(0.5);
    const apart = record(wet, dayAt(2));
    expect(apart.hour(cell, at(48))?.road).toEqual(
      roadAfter(ROAD_UNKNOWN, FAIR, placeOfCell(cell), at(48)),
    );
  });

  it('is covered from a moment to another when no hour between them is missing', () => {
    const from7 = record(
      dayAt(0, (h) => (h < 7 ? null : {})),
      dayAt(1),
    );
    expect(isCovered(from7, cell, at(7), at(30))).toBe(true);
    expect(isCovered(from7, cell, at(7.5), at(30))).toBe(true);
    expect(isCovered(from7, cell, at(6.5), at(30))).toBe(false);
    const to7 = record(dayAt(0, (h) => (h > 7 ? null : {})));
    expect(isCovered(to7, cell, at(0), at(7.9))).toBe(true);
    expect(isCovered(to7, cell, at(0), at(8))).toBe(false);
    expect(isCovered(to7, cell, at(7), at(24))).toBe(false);
  });
});

describe('the air a chain is kept in', () => {
  const outside = { temperatureC: 4, humidity: 0.98 };
  it('is the house’s own, half of it the shed’s, and the weather’s outdoors', () => {
    expect(storedAir('indoors', outside)).toEqual({ temperatureC: 18, humidity: 0.55 });
    expect(storedAir('shed', outside)).toEqual({
      temperatureC: 5,
      humidity: expect.closeTo(0.88, 10),
    });
    expect(storedAir('outdoors', outside)).toEqual(outside);
    for (const place of ['indoors', 'shed', 'outdoors'] as const)
      expect(storedAir(place, null)).toEqual(STORAGE_AIR[place]);
  });
});
