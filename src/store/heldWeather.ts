import type { WeatherSeen } from '@/core/records/event';
import { readDay, writeDay } from '@/core/weather/dayText';
import { keepText, readersOf } from './heldText';

const COLUMNS = ['rainMm', 'temperatureC', 'humidity', 'windMs', 'sunMj'] as const;
type Columns = Pick<WeatherSeen, (typeof COLUMNS)[number]>;
/** What an event of weather says besides; one that says more is kept as it was read. */
const SAID_BESIDES = 7;

const READERS = readersOf(COLUMNS, readDay);
const READERS_BUT_SUN = READERS.slice(0, -1);

/**
 * The same event with its hours in a short text, read when they are asked for: of twenty years of them, a few days are. Its columns
 * are its own as before, so that it is copied, compared and written like any other.
 */
export function heldWeather(event: WeatherSeen): WeatherSeen {
  const { type, id, at, zone, recordedAt, source, cell } = event;
  const columns = event.sunMj ? COLUMNS : COLUMNS.slice(0, -1);
  if (Object.keys(event).length !== SAID_BESIDES + columns.length) return event;
  const text = writeDay(columns.map((name) => event[name] ?? []));
  if (text === null) return event;
  const held = { type, id, at, zone, recordedAt, source, cell };
  keepText(held, text);
  for (const [name, reader] of event.sunMj ? READERS : READERS_BUT_SUN)
    Object.defineProperty(held, name, reader);
  return held as typeof held & Columns;
}
