import { fail, ok, type Result } from '../problem';
import { MS_PER_HOUR } from '../units/convert';
import { hourOf, type WeatherHour } from '../weather/hours';
import { readTable } from './table/read';
import { toCsv } from './toCsv';
import { SUN_COLUMN, WEATHER_COLUMNS } from './weatherColumns';

type Column = (typeof WEATHER_COLUMNS)[number] | typeof SUN_COLUMN;

/** What each column may hold; beyond it the file is of other units or spoilt. */
const LIMITS = {
  rain_mm: [0, 400],
  temperature_c: [-60, 60],
  humidity_percent: [0, 100],
  wind_m_s: [0, 120],
  radiation_mj_m2: [0, 6],
} as const;

/** Hours of weather by the hour's number since 1970, UTC. */
export type HoursOfFile = ReadonlyMap<number, WeatherHour>;

/**
 * Reads hourly weather of one place from CSV: a header with the columns above in any order, perhaps the sun's, then a row
 * an hour, its time an ISO instant with zone (2026-11-24T10:00Z). A row that cannot be read refuses the
 * file: half a wet day would be worse than none.
 */
export function readWeatherFile(text: string): Result<HoursOfFile> {
  const table = readTable(text.replace(/^\uFEFF/, ''));
  const columns = () => fail('weather/columns', { columns: [...WEATHER_COLUMNS] });
  if (!table.ok) return table.problem.code === 'file/unknown' ? columns() : table;
  const header = table.value.header.map((name) => name.toLowerCase());
  const needed = Object.fromEntries(WEATHER_COLUMNS.map((name) => [name, header.indexOf(name)]));
  if (Object.values(needed).includes(-1)) return columns();
  const at: Record<string, number> = { ...needed, [SUN_COLUMN]: header.indexOf(SUN_COLUMN) };
  const hours = new Map<number, WeatherHour>();
  for (const [i, row] of table.value.rows.entries()) {
    const cell = (name: Column): string => row[at[name] ?? -1]?.trim() ?? '';
    const moment = instant(cell('time'));
    const rainMm = within(cell('rain_mm'), 'rain_mm');
    const temperatureC = within(cell('temperature_c'), 'temperature_c');
    const percent = within(cell('humidity_percent'), 'humidity_percent');
    const windMs = within(cell('wind_m_s'), 'wind_m_s');
    const line = table.value.lines[i] ?? i + 2;
    if (moment === null || rainMm === null || temperatureC === null)
      return fail('weather/row', { line });
    if (percent === null || windMs === null) return fail('weather/row', { line });
    const told = cell(SUN_COLUMN);
    const sunMj = told === '' ? null : within(told, SUN_COLUMN);
    if (told !== '' && sunMj === null) return fail('weather/row', { line });
    const hour = { rainMm, temperatureC, humidity: percent / 100, windMs };
    hours.set(hourOf(moment), sunMj === null ? hour : { ...hour, sunMj });
  }
  return ok(hours);
}

/** Writes what `readWeatherFile` reads. */
export function writeWeatherFile(hours: HoursOfFile): string {
  const rows = [...hours].map(([hour, { rainMm, temperatureC, humidity, windMs, sunMj }]) => ({
    time: new Date(hour * MS_PER_HOUR).toISOString(),
    rain_mm: rainMm,
    temperature_c: temperatureC,
    humidity_percent: Number((humidity * 100).toFixed(6)),
    wind_m_s: windMs,
    [SUN_COLUMN]: sunMj ?? null,
  }));
  return toCsv(rows, [...WEATHER_COLUMNS, SUN_COLUMN]);
}

/** A moment with its zone, ms; a local time would be right in one place only. */
const ZONED = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(:\d{2}(\.\d+)?)?\s*(Z|[+-]\d{2}:?\d{2})$/i;

/** `2026-11-24T10:00:00.000+01:00` with room to spare. */
const LONGEST_MOMENT = 40;

function instant(text: string): number | null {
  if (text.length > LONGEST_MOMENT || !ZONED.test(text)) return null;
  const at = Date.parse(text.replace(' ', 'T').replace(/([+-]\d{2})(\d{2})$/, '$1:$2'));
  return Number.isFinite(at) ? at : null;
}

function within(text: string, name: keyof typeof LIMITS): number | null {
  const value = Number(text);
  const [low, high] = LIMITS[name];
  return text === '' || !(value >= low && value <= high) ? null : value;
}
