import type { WeatherSeen } from '@/core/records/event';
import { cellName, type Cell } from '@/core/weather/cells';
import { dayOf, type WeatherDay, type WeatherHour } from '@/core/weather/hours';
import type { WeatherRecord } from '@/core/weather/record';

/** Mild dry air, as a test's weather is unless it says otherwise. */
export const FAIR: WeatherHour = { rainMm: 0, temperatureC: 15, humidity: 0.7, windMs: 3 };

/** A day of weather in a square: each hour as `hour` tells, fair where it does not. */
export function weatherDay(
  cell: Cell,
  instant: string,
  hour: (h: number) => Partial<WeatherHour> | null = () => ({}),
): WeatherDay {
  const hours = Array.from({ length: 24 }, (_, h) => {
    const told = hour(h);
    return told && { ...FAIR, ...told };
  });
  const column = (key: keyof WeatherHour) => hours.map((h) => h?.[key] ?? null);
  return {
    cell,
    day: dayOf(Date.parse(instant)),
    rainMm: column('rainMm'),
    temperatureC: column('temperatureC'),
    humidity: column('humidity'),
    windMs: column('windMs'),
  };
}

/** The same as an event of the log, told by a source. */
export function weatherSeen(
  cell: Cell,
  day: string,
  hour?: (h: number) => Partial<WeatherHour> | null,
  more: Partial<WeatherSeen> = {},
): WeatherSeen {
  const at = `${day}T00:00:00.000Z`;
  const { rainMm, temperatureC, humidity, windMs } = weatherDay(cell, at, hour);
  return {
    type: 'weatherSeen',
    id: `w ${cellName(cell)} ${day}`,
    at,
    zone: 'UTC',
    recordedAt: at,
    source: 'service',
    cell: cellName(cell),
    rainMm: [...rainMm],
    temperatureC: [...temperatureC],
    humidity: [...humidity],
    windMs: [...windMs],
    ...more,
  };
}

/** Puts a day into a record. */
export const put = (record: WeatherRecord, day: WeatherDay): void => record.put(day, day);
