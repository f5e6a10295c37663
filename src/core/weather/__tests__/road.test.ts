import fc from 'fast-check';
import { FAIR } from '@/test/weather';
import {
  cellName,
  cellNamed,
  cellOf,
  dustOf,
  isSalted,
  placeOfCell,
  rainWord,
  ROAD,
  ROAD_UNKNOWN,
  roadAfter,
  wetShareOf,
  WORKSHOP_AIR,
  type WeatherHour,
} from '..';

const hour = fc.record({
  rainMm: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 12, noNaN: true })),
  temperatureC: fc.double({ min: -8, max: 32, noNaN: true }),
  humidity: fc.double({ min: 0.2, max: 1, noNaN: true }),
  windMs: fc.double({ min: 0, max: 25, noNaN: true }),
});
const after = (hours: readonly WeatherHour[]) => hours.reduce(roadAfter, ROAD_UNKNOWN);

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
  it('is wet after rain and dries at the rate of its constants', () => {
    const still = { ...FAIR, ...WORKSHOP_AIR, windMs: 0 };
    const soaked = after([{ ...still, rainMm: 5 }]);
    expect(soaked.storeMm).toBeCloseTo(ROAD.storeMaxMm - ROAD.evaporationMmPerH, 9);
    expect(wetShareOf(soaked)).toBe(1);
    const hours = Math.ceil(soaked.storeMm / ROAD.evaporationMmPerH);
    expect(wetShareOf(after([{ ...still, rainMm: 5 }, ...Array(hours).fill(still)]))).toBe(0);
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
