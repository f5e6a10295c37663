import * as fc from 'fast-check';
import { weatherDay } from '@/test/weather';
import { placeOfCell } from '../cells';
import { roadAfter, ROAD_UNKNOWN } from '../road';
import { startOfDay, type WeatherDay } from '../hours';
import { WeatherRecord } from '../record';

const CELL = 831_234;
const FIRST = 20_000;
const DAYS = 10;

/** The road after an hour, plainly: hour by hour from the first of the known days without a gap before it. */
function plainly(days: ReadonlyMap<number, WeatherDay>, day: number, hour: number) {
  let first = day;
  while (days.has(first - 1)) first -= 1;
  let road = ROAD_UNKNOWN;
  for (let d = first; d <= day; d++)
    for (let h = 0; h < 24 && (d < day || h <= hour); h++) {
      const { rainMm, temperatureC, humidity, windMs, sunMj } = days.get(d) as WeatherDay;
      const known = {
        rainMm: rainMm[h] ?? null,
        temperatureC: temperatureC[h] ?? null,
        humidity: humidity[h] ?? null,
        windMs: windMs[h] ?? null,
      };
      if (Object.values(known).some((value) => value === null)) continue;
      const at = startOfDay(d) + h * 3_600_000;
      const told = sunMj ? { ...known, sunMj: sunMj[h] } : known;
      road = roadAfter(road, told as never, placeOfCell(CELL), at);
    }
  return road;
}

/** Mostly dry, at times wet, freezing or with hours nobody knows. */
const dayOfWeather = fc
  .record({
    day: fc.integer({ min: FIRST, max: FIRST + DAYS }),
    rain: fc.constantFrom(0, 0, 0.4, 3),
    from: fc.nat(23),
    celsius: fc.constantFrom(-3, 0.4, 12),
    unknown: fc.option(fc.nat(23), { nil: -1 }),
    sun: fc.constantFrom(null, 0, 2.5),
  })
  .map(({ day, rain, from, celsius, unknown, sun }) => ({
    day,
    hours: {
      ...(sun === null ? {} : { sunMj: Array.from({ length: 24 }, () => sun) }),
      ...weatherDay(CELL, new Date(startOfDay(day)).toISOString(), (h) =>
        h === unknown
          ? null
          : { rainMm: h >= from ? rain : 0, temperatureC: celsius, humidity: 0.9, windMs: 2 },
      ),
    },
  }));

const asked = fc.record({
  day: fc.integer({ min: FIRST, max: FIRST + DAYS }),
  hour: fc.nat(23),
});

it('tells of the road what following it hour by hour tells, in whatever order it is put and asked', () => {
  fc.assert(
    fc.property(
      fc.array(fc.oneof(dayOfWeather, asked), { maxLength: 60, size: 'max' }),
      (doings) => {
        const record = new WeatherRecord();
        const days = new Map<number, WeatherDay>();
        for (const doing of doings)
          if ('hours' in doing) {
            record.put(doing.hours, doing.hours);
            days.set(doing.day, doing.hours);
          } else {
            const ms = startOfDay(doing.day) + doing.hour * 3_600_000;
            const found = record.hour(CELL, ms);
            if ((days.get(doing.day)?.rainMm[doing.hour] ?? null) === null)
              expect(found).toBeNull();
            else expect(found?.road).toEqual(plainly(days, doing.day, doing.hour));
          }
      },
    ),
    { numRuns: 300 },
  );
});
