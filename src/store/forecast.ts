import { fail, ok, type Result } from '@/core/problem';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';
import { hourOf, type WeatherHour } from '@/core/weather/hours';
import type { Cell } from '@/core/weather/cells';
import { weatherService } from '@/work/weatherSource';
import { selectSettings } from './selectors';
import type { AppThunk } from './store';

const FORECAST_DAYS = 10;

/** Hours of forecast for a square, the first of which starts at `from`. */
export interface Forecast {
  from: number;
  hours: WeatherHour[];
}

/** The next ten days' hours for a square, from the service the settings name. */
export const fetchForecast =
  (cell: Cell): AppThunk<Promise<Result<Forecast>>> =>
  async (_, getState, edge) => {
    if (selectSettings(getState()).weatherSource !== 'service') return fail('weather/no-forecast');
    const from = hourOf(edge.now()) * MS_PER_HOUR;
    const reply = await weatherService().hours(cell, from, from + FORECAST_DAYS * MS_PER_DAY);
    if (!reply.ok) return reply;
    const { rainMm, temperatureC, humidity, windMs, sunMj } = reply.value;
    const hours = rainMm.flatMap((mm, n): WeatherHour[] => {
      const [celsius, share, wind] = [temperatureC[n], humidity[n], windMs[n]];
      return mm === null ||
        typeof celsius !== 'number' ||
        typeof share !== 'number' ||
        typeof wind !== 'number'
        ? []
        : [
            {
              rainMm: mm,
              temperatureC: celsius,
              humidity: share,
              windMs: wind,
              sunMj: sunMj?.[n] ?? null,
            },
          ];
    });
    return hours.length > 0 ? ok({ from, hours }) : fail('outside/nonsense');
  };
