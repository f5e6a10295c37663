import { evaporationMm, WET_ROAD } from '../evaporation';
import { dayOfYear, solarHour, sunAboveAirMj, sunOf } from '../sun';

/**
 * Allen et al. 1998, FAO Irrigation and Drainage Paper 56, example 19 (values from memory): N'Diaye, Senegal,
 * 16.22° N, 16.25° W, 1 October. Short grass: albedo 0.23, resistance 0.34.
 */
const GRASS = { albedo: 0.23, resistance: 0.34 };
const NDIAYE = { lat: 16.2167, lon: -16.25 };
// The example counts in local time of 15° W.
const at = (hour: number) => Date.UTC(2026, 9, 1, hour + 1);

describe('Penman’s equation, hour by hour', () => {
  it('gives 0.63 mm for 14 to 15 h and 0.00 for 2 to 3 h, as the handbook does', () => {
    const day = evaporationMm(
      { temperatureC: 38, humidity: 0.52, windMs: 3.3 },
      { mj: 2.45, ofClear: 0.922 },
      GRASS,
    );
    expect(day).toBeCloseTo(0.63, 2);
    const night = evaporationMm(
      { temperatureC: 28, humidity: 0.9, windMs: 1.9 },
      { mj: 0, ofClear: 0.8 },
      GRASS,
    );
    expect(night).toBeCloseTo(0, 2);
  });

  it('has the sun above the air of the handbook: 3.543 MJ/m² from 14 to 15 h, none by night', () => {
    expect(sunAboveAirMj(NDIAYE, at(14))).toBeCloseTo(3.543, 1);
    expect(sunAboveAirMj(NDIAYE, at(2))).toBe(0);
    expect(sunOf({ rainMm: 0, temperatureC: 20, humidity: 0.5, windMs: 1 }, NDIAYE, at(2)).mj).toBe(
      0,
    );
  });

  it('lets more go from a wet road than from grass, and more in sun, wind and dry air', () => {
    const air = { temperatureC: 15, humidity: 0.7, windMs: 3 };
    const sun = { mj: 1, ofClear: 0.6 };
    const road = evaporationMm(air, sun, WET_ROAD);
    expect(road).toBeGreaterThan(evaporationMm(air, sun, GRASS));
    expect(evaporationMm(air, { ...sun, mj: 2 }, WET_ROAD)).toBeGreaterThan(road);
    expect(evaporationMm({ ...air, windMs: 6 }, sun, WET_ROAD)).toBeGreaterThan(road);
    expect(evaporationMm({ ...air, humidity: 0.4 }, sun, WET_ROAD)).toBeGreaterThan(road);
    expect(evaporationMm({ ...air, humidity: 1 }, { mj: 0, ofClear: 1 }, WET_ROAD)).toBe(0);
  });
});

describe('the sun', () => {
  it('adds up over a day to what the handbook gives for one', () => {
    // FAO 56, example 8: 20° S on 3 September, 32.2 MJ/m² a day; annex 2: 25.1 at 0° on 15 June... of a year without leap day.
    const day = (lat: number, month: number, date: number) => {
      let sum = 0;
      for (let h = 0; h < 24; h++)
        sum += sunAboveAirMj({ lat, lon: 0 }, Date.UTC(2026, month - 1, date, h));
      return sum;
    };
    expect(day(-20, 9, 3)).toBeCloseTo(32.2, 0);
    // Beyond the polar circle there is none in midwinter, and it never sets in midsummer.
    expect(day(75, 12, 21)).toBe(0);
    expect(sunAboveAirMj({ lat: 75, lon: 0 }, Date.UTC(2026, 5, 21, 0))).toBeGreaterThan(0);
  });

  it('is reckoned by the day of the year of the calendar', () => {
    for (let day = Date.UTC(1972, 0, 1) / 86_400_000; day < 40_000; day += 13) {
      const date = new Date(day * 86_400_000);
      const newYear = Date.UTC(date.getUTCFullYear(), 0, 1) / 86_400_000;
      expect([date.toISOString(), dayOfYear(day)]).toEqual([date.toISOString(), day - newYear + 1]);
    }
  });

  it('stands highest at noon, earlier in the east', () => {
    const noon = Date.UTC(2026, 3, 15, 12);
    expect(solarHour(0, noon)).toBeCloseTo(12, 0);
    expect(solarHour(15, noon)).toBeCloseTo(13, 0);
    expect(solarHour(-90, noon)).toBeCloseTo(6, 0);
  });

  it('is taken as measured, else dimmer in damp air and dimmest in rain', () => {
    const place = { lat: 52, lon: 0 };
    const at = Date.UTC(2026, 6, 1, 12);
    const hour = { rainMm: 0, temperatureC: 18, humidity: 0.5, windMs: 2 };
    expect(sunOf({ ...hour, sunMj: 1.5 }, place, at).mj).toBe(1.5);
    const [dry, humid, full, rain] = [
      hour,
      { ...hour, humidity: 0.8 },
      { ...hour, humidity: 0.98 },
      { ...hour, rainMm: 1 },
    ].map((h) => sunOf(h, place, at).mj);
    expect(dry! / humid!).toBeCloseTo(0.7 / 0.475, 6);
    expect(rain! / humid!).toBeCloseTo(0.25 / 0.475, 6);
    expect(full).toBe(rain);
  });
});
