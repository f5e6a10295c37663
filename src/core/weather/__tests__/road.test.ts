import fc from 'fast-check';
import { FAIR } from '@/test/weather';
import { cellName, cellNamed, cellOf, placeOfCell } from '../cells';
import { dustOf, isSalted, ROAD, ROAD_UNKNOWN, roadAfter, wetShareOf } from '../road';
import { rainWord, type WeatherHour } from '../hours';

const hour = fc.record({
  rainMm: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 12, noNaN: true })),
  temperatureC: fc.double({ min: -8, max: 32, noNaN: true }),
  humidity: fc.double({ min: 0.2, max: 1, noNaN: true }),
  windMs: fc.double({ min: 0, max: 25, noNaN: true }),
});
const MIDDLE = { lat: 52, lon: 0 };
/** The road after hours that begin at midnight of a day of the year. */
const after = (hours: readonly WeatherHour[], from = '2026-04-15T00:00Z') =>
  hours.reduce(
    (road, h, n) => roadAfter(road, h, MIDDLE, Date.parse(from) + n * 3_600_000),
    ROAD_UNKNOWN,
  );

describe('rain in words', () => {
  // AMS Glossary of Meteorology, "rain": light to 2.5, moderate to 7.6, heavy above, mm/h.
  it.each([
    [0, 'none'],
    [0.1, 'light'],
    [2.5, 'light'],
    [2.6, 'moderate'],
    [7.6, 'moderate'],
    [7.7, 'heavy'],
  ])('%d mm/h is %s', (mm, word) => expect(rainWord(mm)).toBe(word));
});

describe('the road', () => {
  it('is full after rain, holds no more, and loses to the air and by day to traffic', () => {
    const damp = { ...FAIR, humidity: 1, windMs: 0, rainMm: 5 };
    // By night in saturated air nothing leaves it.
    const night = after([damp]);
    expect(night.storeMm).toBeCloseTo(ROAD.storeMaxMm, 9);
    expect(wetShareOf(night)).toBe(1);
    // From 8 to 10 in the morning traffic throws off half of it, and what little sun there is drinks too.
    const morning = after(
      [damp, { ...damp, rainMm: 0 }, { ...damp, rainMm: 0 }],
      '2026-12-15T07:00Z',
    );
    expect(morning.storeMm).toBeLessThan(0.5);
    expect(morning.storeMm).toBeGreaterThan(0.3);
  });

  // Common practice: what a rider sees; "gone" is less than 0.05 mm of the one there was.
  it.each([
    ['a summer noon', '2026-07-01T11:00Z', { temperatureC: 24, humidity: 0.45, windMs: 3 }, 1, 2.5],
    [
      'a cloudy autumn day',
      '2026-10-20T06:00Z',
      { temperatureC: 11, humidity: 0.88, windMs: 3 },
      6,
      12,
    ],
    [
      'a winter night and day',
      '2026-12-20T18:00Z',
      { temperatureC: 3, humidity: 0.93, windMs: 2 },
      14,
      24,
    ],
  ])('dries 1 mm on %s within hours a rider would name', (_, from, air, least, most) => {
    let hours = 0;
    for (; hours < 48; hours++) {
      const dry = Array<WeatherHour>(hours).fill({ ...FAIR, ...air });
      const start = new Date(Date.parse(from) - 3_600_000).toISOString();
      if (after([{ ...FAIR, ...air, humidity: 1, rainMm: 5 }, ...dry], start).storeMm < 0.05) break;
    }
    expect(hours).toBeGreaterThanOrEqual(Math.floor(least));
    expect(hours).toBeLessThanOrEqual(Math.ceil(most));
  });

  it('dries slower in damp air, faster in wind', () => {
    const wet = { ...FAIR, rainMm: 3 };
    const store = (air: Partial<WeatherHour>) =>
      after([wet, ...Array<WeatherHour>(3).fill({ ...FAIR, ...air })]).storeMm;
    expect(store({ humidity: 0.95 })).toBeGreaterThan(store({}));
    expect(store({ windMs: 12 })).toBeLessThan(store({}));
  });

  it('more rain never leaves it drier, dustier or less wet', () => {
    fc.assert(
      fc.property(
        fc.array(hour, { minLength: 1, maxLength: 48 }),
        fc.nat(47),
        fc.double({ min: 0, max: 9, noNaN: true }),
        (hours, n, more) => {
          const wetter = hours.map((h, i) =>
            i === n % hours.length ? { ...h, rainMm: h.rainMm + more } : h,
          );
          expect(after(wetter).storeMm).toBeGreaterThanOrEqual(after(hours).storeMm);
          expect(dustOf(after(wetter))).toBeLessThanOrEqual(dustOf(after(hours)));
        },
      ),
      { seed: 11 },
    );
  });

  it('stays within what a road can be', () => {
    fc.assert(
      fc.property(fc.array(hour, { maxLength: 100 }), (hours) => {
        const road = after(hours);
        expect(road.storeMm).toBeGreaterThanOrEqual(0);
        expect(road.storeMm).toBeLessThanOrEqual(ROAD.storeMaxMm);
        for (const share of [wetShareOf(road), dustOf(road)]) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
      }),
      { seed: 12 },
    );
  });

  it('gets dusty in three dry days and is salted when it freezes damp, until rain rinses it', () => {
    const dry = (n: number) => Array<WeatherHour>(n).fill(FAIR);
    const rained = { ...FAIR, rainMm: 1 };
    expect(dustOf(after([rained, ...dry(36)]))).toBeCloseTo(0.5, 2);
    expect(dustOf(after([rained, ...dry(72)]))).toBe(1);
    const frost = { ...FAIR, rainMm: 0.2, temperatureC: -1, humidity: 0.95 };
    expect(isSalted(after([frost, ...dry(20)]))).toBe(true);
    expect(isSalted(after([frost, ...dry(60)]))).toBe(false);
    expect(isSalted(after([frost, { ...rained, rainMm: 6 }]))).toBe(false);
    // A dry road that freezes is not treated.
    expect(isSalted(after([{ ...frost, rainMm: 0 }]))).toBe(false);
    expect(isSalted(after([{ ...frost, temperatureC: 3 }]))).toBe(false);
  });
});

describe('squares of the weather', () => {
  it('hold the places around their middle', () => {
    expect(cellName(cellOf(54.2, -2.9))).toBe('54.125,-2.875');
    expect(cellNamed('54.125,-2.875')).toBe(cellOf(54.2, -2.9));
    expect(placeOfCell(cellOf(54.2, -2.9))).toEqual({ lat: 54.125, lon: -2.875 });
    fc.assert(
      fc.property(
        fc.double({ min: -89, max: 89, noNaN: true }),
        fc.double({ min: -179, max: 179, noNaN: true }),
        (lat, lon) => {
          const middle = placeOfCell(cellOf(lat, lon));
          expect(Math.abs(middle.lat - lat)).toBeLessThanOrEqual(0.1251);
          expect(Math.abs(middle.lon - lon)).toBeLessThanOrEqual(0.1251);
          expect(cellOf(middle.lat, middle.lon)).toBe(cellOf(lat, lon));
          expect(cellNamed(cellName(cellOf(lat, lon)))).toBe(cellOf(lat, lon));
        },
      ),
      { seed: 13 },
    );
  });
});
