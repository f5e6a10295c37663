import type { HoursOfFile } from '@/core/formats/weatherFile';
import { ok, type Result } from '@/core/problem';
import { MS_PER_HOUR } from '@/core/units/convert';
import { hourOf, type HourColumn, type WeatherHour } from '@/core/weather/hours';
import { placeOfCell, type Cell } from '@/core/weather/cells';
import { askJson } from './ask';

/** Hours of weather, in columns from `from` on; fewer, or null, where a source does not know. */
export type WeatherHours = { readonly [key in Exclude<keyof WeatherHour, 'sunMj'>]: HourColumn } & {
  sunMj?: HourColumn | undefined;
  from: string;
  /** Hours from this moment on are forecast; null when none are. */
  forecastFrom: string | null;
};

/** Where weather comes from: a service, a file, nowhere. All answer alike. */
export interface WeatherSource {
  /** How its hours are marked in the log; null where it never has any. */
  name: 'service' | 'file' | null;
  /** The hours from..to (ms, starts of hours) at a square of the weather. */
  hours(cell: Cell, from: number, to: number): Promise<Result<WeatherHours>>;
}

/** The weather service under this app's own address, or any that answers as it does. */
export const weatherService = (base = '/api/weather'): WeatherSource => ({
  name: 'service',
  hours(cell, from, to) {
    const { lat, lon } = placeOfCell(cell);
    const query = new URLSearchParams({
      lat: String(lat),
      lon: String(lon),
      from: new Date(from).toISOString(),
      to: new Date(to).toISOString(),
    });
    return askJson(`${base}?${query.toString()}`, (shapes) => shapes.weatherReplySchema);
  },
});

/** The hours of a file the rider picked: of one place, taken for wherever weather is wanted. */
export const weatherOfFile = (file: HoursOfFile): WeatherSource => ({
  name: 'file',
  hours: async (_, from, to) => {
    const numbers = Array.from(
      { length: hourOf(to) - hourOf(from) + 1 },
      (_, n) => file.get(hourOf(from) + n) ?? null,
    );
    const column = (key: keyof WeatherHour) => numbers.map((hour) => hour?.[key] ?? null);
    return ok({
      from: new Date(hourOf(from) * MS_PER_HOUR).toISOString(),
      forecastFrom: null,
      rainMm: column('rainMm'),
      temperatureC: column('temperatureC'),
      humidity: column('humidity'),
      windMs: column('windMs'),
      sunMj: column('sunMj'),
    });
  },
});

/** No source: conditions stay unknown until the rider says them. */
export const noWeather: WeatherSource = {
  name: null,
  hours: weatherOfFile(new Map()).hours,
};
