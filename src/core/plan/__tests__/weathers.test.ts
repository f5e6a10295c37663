import { regionAt } from '../../climate/climates';
import { futureHours } from '../../climate/futures';
import { MS_PER_HOUR } from '../../units/convert';
import { hourOf } from '../../weather/hours';
import { dustOf, isSalted, roadAfter, wetShareOf, type Road } from '../../weather/road';
import { demoPlan } from '@/test/demoPlan';
import { benchesFor } from '../agenda/benches';
import { weathersFor, type WeatherToCome } from '../agenda/weathers';

const { request } = demoPlan();
const few = { ...request, futures: 3 };
const bike = request.bikes[0]!;
const place = { lat: 58.2, lon: -6.4 };

describe('the weathers that may come', () => {
  it('are the hours of each future and the road they leave, column by column', () => {
    const salted: Road = { storeMm: 0.2, dryHours: 3, hoursSinceSalt: 5 };
    const from = hourOf(few.now) * MS_PER_HOUR;
    const count = (few.settings.plan.days + 2) * 24;
    const weathers = weathersFor(few, { ...bike, place, road: salted });
    const saltedHours = weathers.map((w) => w.salted.reduce((sum, s) => sum + s, 0));
    expect(Math.min(...saltedHours)).toBeGreaterThan(0);
    expect(Math.max(...saltedHours)).toBeLessThan(count);
    weathers.forEach((weather, number) => {
      const region = regionAt(place.lat, place.lon);
      const { seed } = few;
      const hours = futureHours({ seed, number, region, forecast: bike.forecast, from, count });
      let road = salted;
      hours.forEach((hour, h) => {
        road = roadAfter(road, hour, place, from + h * MS_PER_HOUR);
        expect([weather.rainMm[h], weather.temperatureC[h], weather.humidity[h]]).toEqual([
          hour.rainMm,
          hour.temperatureC,
          hour.humidity,
        ]);
        expect([weather.wetShare[h], weather.dust[h], weather.salted[h] === 1]).toEqual([
          wetShareOf(road),
          dustOf(road),
          isSalted(road),
        ]);
      });
    });
  });

  it('salt a ride where its road is salted and wet at once', () => {
    const count = 40 * 24;
    const weather = (wet: number, salt: number): WeatherToCome => ({
      from: hourOf(few.now) * MS_PER_HOUR,
      rainMm: new Float64Array(count),
      temperatureC: new Float64Array(count),
      humidity: new Float64Array(count),
      wetShare: new Float64Array(count).fill(wet),
      dust: new Float64Array(count),
      salted: new Uint8Array(count).fill(salt),
    });
    const all = [weather(0, 1), weather(0.5, 0), weather(0.5, 1)];
    const rides = benchesFor(few, bike, all).benches.flatMap((b) => b.rides);
    expect(rides.length).toBeGreaterThan(3);
    for (const { exposure } of rides)
      expect(exposure.map((x) => x.salted)).toEqual([false, false, true]);
  });
});
