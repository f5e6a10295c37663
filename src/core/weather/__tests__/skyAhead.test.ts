import { skyAhead } from '../skyAhead';
import type { WeatherHour } from '../hours';

const H = 3_600_000;
const FROM = Date.parse('2026-11-24T00:00:00Z');
const hour = (n: number): WeatherHour => ({
  rainMm: n === 30 ? 2.5 : n === 5 ? 9 : 0,
  temperatureC: 5 + (n % 24) / 4,
  humidity: 0.8,
  windMs: 3,
});
const hours = Array.from({ length: 51 }, (_, n) => hour(n));

describe('the weather ahead by days', () => {
  it('is the rest of today and the days after, in the rider’s zone', () => {
    const days = skyAhead({ from: FROM, hours }, FROM + 10 * H, 'UTC');
    // The rain of five in the morning has been; of the third day three hours are no day.
    expect(days).toEqual([
      { date: '2026-11-24', lowC: 7.5, highC: 10.75, rainMm: 0 },
      { date: '2026-11-25', lowC: 5, highC: 10.75, rainMm: 2.5 },
    ]);
    expect(skyAhead({ from: FROM, hours }, FROM, 'Pacific/Kiritimati')[0]!.date).toBe('2026-11-24');
    expect(skyAhead({ from: FROM, hours }, FROM, 'Pacific/Kiritimati')[1]!.date).toBe('2026-11-25');
  });

  it('says nothing of a day that is nearly over, or beyond the forecast', () => {
    expect(skyAhead({ from: FROM, hours }, FROM + 19 * H, 'UTC').map((d) => d.date)).toEqual([
      '2026-11-25',
    ]);
    expect(skyAhead({ from: FROM, hours }, FROM + 60 * H, 'UTC')).toEqual([]);
  });
});
