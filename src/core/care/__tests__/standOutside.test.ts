import fc from 'fast-check';
import { cellOf } from '@/core/weather/cells';
import { STORAGE_AIR } from '@/core/weather/drying';
import { dayOf, startOfDay } from '@/core/weather/hours';
import { WeatherRecord } from '@/core/weather/record';
import { MS_PER_HOUR } from '@/core/units/convert';
import { TEST_GARAGE } from '@/test/arbitraries';
import { put, weatherDay } from '@/test/weather';
import { copyState } from '../model/copyState';
import { standOn } from '../model/stand';
import { standWhere } from '../model/standOutside';
import { startState } from '../model/state';

const CELL = cellOf(54.2, -2.9);
const FROM = Date.parse('2026-03-01T05:10:00.000Z');
const wet = {
  ...startState(
    { lube: 'wet', kmSinceLube: 40, look: 'used', kmBefore: 0, wearPercent: null },
    FROM,
  ),
  wetLeftH: 9,
};

/** A wet chain on a bike kept outdoors, so many hours on, under the weather of these days. */
function stoodUnder(days: readonly number[], hours: number) {
  const weather = new WeatherRecord();
  for (const day of days) {
    const instant = new Date(startOfDay(day)).toISOString();
    put(
      weather,
      weatherDay(CELL, instant, () => ({ rainMm: 1 })),
    );
  }
  const state = copyState(wet);
  const air = STORAGE_AIR.outdoors;
  const { b2: bike } = TEST_GARAGE.bikes;
  standWhere(state, FROM + hours * MS_PER_HOUR, { bike, cell: CELL, weather, air });
  return state;
}

describe('a chain that stands outdoors', () => {
  it('is moved by no weather of other days, not even in a last digit', () => {
    const alone = (hours: number) => {
      const state = copyState(wet);
      standOn(state, FROM + hours * MS_PER_HOUR, STORAGE_AIR.outdoors);
      return state;
    };
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 3000, noNaN: true }), fc.nat(40), (hours, apart) => {
        // Of a long stand sixty days are looked at.
        const last = dayOf(FROM + Math.min(hours, 60 * 24) * MS_PER_HOUR);
        const others = [last + 1 + apart, dayOf(FROM) - 1 - apart];
        expect(stoodUnder(others, hours)).toEqual(alone(hours));
      }),
    );
  });

  it('is wetted by the rain of its first day and of its last', () => {
    const hours = 50;
    const [first, last] = [dayOf(FROM), dayOf(FROM + hours * MS_PER_HOUR)];
    expect(startOfDay(last)).toBeLessThan(FROM + hours * MS_PER_HOUR);
    const dry = stoodUnder([], hours);
    expect([dry.wetLeftH, dry.wetHours]).toEqual([0, 0]);
    expect(stoodUnder([last], hours).wetLeftH).toBeGreaterThan(0);
    expect(stoodUnder([first], hours).rust).toBeGreaterThan(dry.rust);
  });
});
