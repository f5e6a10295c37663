import Papa from 'papaparse';
import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units';
import { hourOf, type WeatherHour } from '../weather';
import { WEATHER_COLUMNS } from './weatherColumns';

/** What each column may hold; beyond it the file is of other units or spoilt. */
const LIMITS = {
  rain_mm: [0, 400],
  temperature_c: [-60, 60],
  humidity_percent: [0, 100],
  wind_m_s: [0, 120],
} as const;

/** Hours of weather by the hour's number since 1970, UTC. */
export type HoursOfFile = ReadonlyMap<number, WeatherHour>;

const MOST_ROWS = 200_000;

/**
 * Reads hourly weather of one place from CSV: a header with the columns above in any order, then a row
 * an hour, its time an ISO instant with zone (2026-11-24T10:00Z). A row that cannot be read refuses the
 * file: half a wet day would be worse than none.
 */
export function readWeatherFile(text: string): Result<HoursOfFile> {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const header = parsed.meta.fields ?? [];
  if (WEATHER_COLUMNS.some((name) => !header.includes(name)))
    return fail('weather/columns', { detail: WEATHER_COLUMNS.join(', ') });
  if (parsed.data.length > MOST_ROWS) return fail('file/too-large');
  if (parsed.data.length === 0) return fail('csv/no-rows');
  const hours = new Map<number, WeatherHour>();
  for (const [i, row] of parsed.data.entries()) {
    const at = instant(row.time ?? '');
    const rainMm = cell(row, 'rain_mm');
    const temperatureC = cell(row, 'temperature_c');
    const percent = cell(row, 'humidity_percent');
    const windMs = cell(row, 'wind_m_s');
    if (at === null || rainMm === null || temperatureC === null)
      return fail('weather/row', { detail: String(i + 2) });
    if (percent === null || windMs === null) return fail('weather/row', { detail: String(i + 2) });
    hours.set(hourOf(at), { rainMm, temperatureC, humidity: percent / 100, windMs });
  }
  return ok(hours);
}

/** Writes what `readWeatherFile` reads. */
export function writeWeatherFile(hours: HoursOfFile): string {
  const rows = [...hours].map(([hour, { rainMm, temperatureC, humidity, windMs }]) => ({
    time: new Date(hour * MS_PER_HOUR).toISOString(),
    rain_mm: rainMm,
    temperature_c: temperatureC,
    humidity_percent: Number((humidity * 100).toFixed(6)),
    wind_m_s: windMs,
  }));
  return `${Papa.unparse(rows, { columns: [...WEATHER_COLUMNS] })}\r\n`;
}

/** A moment with its zone, ms; a local time would be right in one place only. */
const ZONED = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(:\d{2}(\.\d+)?)?\s*(Z|[+-]\d{2}:?\d{2})$/i;

function instant(text: string): number | null {
  const trimmed = text.trim();
  if (!ZONED.test(trimmed)) return null;
  const at = Date.parse(trimmed.replace(' ', 'T').replace(/([+-]\d{2})(\d{2})$/, '$1:$2'));
  return Number.isFinite(at) ? at : null;
}

function cell(row: Record<string, string>, name: keyof typeof LIMITS): number | null {
  const text = row[name]?.trim() ?? '';
  const value = Number(text);
  const [low, high] = LIMITS[name];
  return text === '' || !(value >= low && value <= high) ? null : value;
}
