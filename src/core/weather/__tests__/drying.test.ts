import psychrolib from 'psychrolib';
import { LUBE_CLASSES } from '@/core/lube/classes';
import {
  dryingHours,
  saturationKpa,
  settingHours,
  vapourPressureDeficitKpa,
  WORKSHOP_AIR,
} from '../drying';

describe('drying', () => {
  it.each([
    [20, 2.339],
    [25, 3.169],
  ])('has the saturation pressure of the ASHRAE Fundamentals tables at %d C', (celsius, kpa) => {
    expect(Math.abs(saturationKpa(celsius) / kpa - 1)).toBeLessThan(0.003);
  });

  it('stays within 0.5 % of npm psychrolib (ASHRAE equations) from 0 to 40 C', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let celsius = 0; celsius <= 40; celsius += 5) {
      const reference = psychrolib.GetSatVapPres(celsius) / 1000;
      expect(Math.abs(saturationKpa(celsius) / reference - 1)).toBeLessThan(0.005);
    }
  });

  it('has no thirst at full humidity', () => {
    expect(vapourPressureDeficitKpa(20, 1)).toBe(0);
    expect(dryingHours(1, { temperatureC: 5, humidity: 1 })).toBeLessThan(30);
  });

  it.each([
    [20, 0.5, 2, 2],
    [8, 0.85, 12, 16],
    [30, 0.3, 0.5, 1],
  ])(
    'sets drip wax at %d C and %d humidity in %d to %d h (common practice)',
    (c, rh, low, high) => {
      const hours = settingHours(LUBE_CLASSES['drip wax'], { temperatureC: c, humidity: rh });
      expect(hours).toBeGreaterThanOrEqual(low - 0.01);
      expect(hours).toBeLessThanOrEqual(high + 0.01);
    },
  );

  it('doubles a solvent carrier’s time for every 10 C colder, and leaves oils alone', () => {
    const cold = { temperatureC: 10, humidity: 0.5 };
    expect(settingHours(LUBE_CLASSES.dry, cold)).toBeCloseTo(4, 10);
    expect(settingHours(LUBE_CLASSES.wet, cold)).toBe(settingHours(LUBE_CLASSES.wet, WORKSHOP_AIR));
  });
});
