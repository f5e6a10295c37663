import type { WeatherSeen } from '@/core/records/event';
import { readDay, writeDay } from '@/core/weather/dayText';

const COLUMNS = ['rainMm', 'temperatureC', 'humidity', 'windMs', 'sunMj'] as const;
type Columns = Pick<WeatherSeen, (typeof COLUMNS)[number]>;
/** What an event of weather says besides; one that says more is kept as it was read. */
const SAID_BESIDES = 7;

/** Under this an event keeps its hours as a text; whoever copies, compares or writes events does not see it. */
const TEXT = Symbol('hours');

/** The days read last: whoever asks for one hour of a day asks for others, and for the days beside it. */
const lately = Array.from({ length: 4 }, () => ({
  event: null as object | null,
  columns: [] as (number | null)[][],
}));
let oldest = 0;

function columnsOf(event: { [TEXT]: string }): (number | null)[][] {
  for (const day of lately) if (day.event === event) return day.columns;
  const day = lately[oldest]!;
  oldest = (oldest + 1) % lately.length;
  day.columns = readDay(event[TEXT]);
  day.event = event;
  return day.columns;
}

const READERS = COLUMNS.map((name, place) => {
  const get = function (this: { [TEXT]: string }) {
    return columnsOf(this)[place];
  };
  return [name, { enumerable: true, get }] as const;
});
const READERS_BUT_SUN = READERS.slice(0, -1);

/**
 * The same event with its hours in a short text, read when they are asked for: of twenty years of them, a few days are. Its columns
 * are its own as before, so that it is copied, compared and written like any other.
 */
export function heldWeather(event: WeatherSeen): WeatherSeen {
  const { type, id, at, zone, recordedAt, source, cell } = event;
  const readers = event.sunMj ? READERS : READERS_BUT_SUN;
  if (Object.keys(event).length !== SAID_BESIDES + readers.length) return event;
  const text = writeDay(readers.map(([name]) => event[name] ?? []));
  if (text === null) return event;
  const held = { type, id, at, zone, recordedAt, source, cell };
  Object.defineProperty(held, TEXT, { value: text });
  for (const [name, reader] of readers) Object.defineProperty(held, name, reader);
  return held as typeof held & Columns;
}
