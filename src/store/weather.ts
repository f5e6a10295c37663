import { neededWeather, type WantedWeather } from '@/core/care/replay/neededWeather';
import type { LogEvent } from '@/core/records/event';
import type { Problem } from '@/core/problem';
import { MS_PER_HOUR } from '@/core/units/convert';
import { cellName } from '@/core/weather/cells';
import { dayOf, startOfDay, type HourColumn } from '@/core/weather/hours';
import type { WeatherRecord } from '@/core/weather/record';
import {
  noWeather,
  weatherService,
  type WeatherHours,
  type WeatherSource,
} from '@/work/weatherSource';
import type { Edge } from './edge';
import { enter } from './enter';
import { selectNow, selectReplay, selectSettings } from './selectors';
import { weatherMoved } from './sessionSlice';
import { breath } from './slices';
import type { AppStore, AppThunk } from './store';

/** A failed source is left alone for this long, unless the rider asks. */
const RETRY_MS = 5 * 60_000;
const SETTLE_MS = 250;
/** A page that has just been opened may be busy for so long before it rests. */
const REST_MS = 3000;

/** The source the settings name; a file is handed in when the rider picks one. */
const sourceOf = (name: 'none' | 'service' | 'file'): WeatherSource =>
  name === 'service' ? weatherService() : noWeather;

/**
 * Fetches the weather rides still lack and writes it into the log. Not an action of the rider: there is
 * nothing to undo. Returns how many days came.
 */
export const fillWeather =
  (chosen?: WeatherSource): AppThunk<Promise<number>> =>
  async (dispatch, getState, edge) => {
    const source = chosen ?? sourceOf(selectSettings(getState()).weatherSource);
    if (source.name === null || getState().session.weather.kind === 'fetching') return 0;
    const { replay } = selectReplay(getState());
    const wanted = neededWeather(replay.steps, replay.weather, edge.now());
    if (wanted.length === 0) {
      dispatch(weatherMoved({ kind: 'idle' }));
      return 0;
    }
    dispatch(weatherMoved({ kind: 'fetching' }));
    const events: LogEvent[] = [];
    let problem: Problem | null = null;
    for (const want of wanted) {
      const hours = await source.hours(want.cell, want.from, want.to);
      if (hours.ok)
        events.push(
          ...daysSeen(want, hours.value, { source: source.name, record: replay.weather, edge }),
        );
      else {
        problem = hours.problem;
        break;
      }
    }
    if (events.length > 0) dispatch(enter({ events }));
    dispatch(
      weatherMoved(problem ? { kind: 'failed', problem, at: edge.now() } : { kind: 'idle' }),
    );
    return events.length;
  };

interface Seen {
  source: 'service' | 'file';
  record: WeatherRecord;
  edge: Edge;
}

/**
 * The past hours of an answer as events, a day each. Days without an hour, and days of which the record
 * knows as much, are left out: they would be asked for for ever.
 */
function daysSeen(
  { cell, from, to }: WantedWeather,
  hours: WeatherHours,
  { source, record, edge }: Seen,
): LogEvent[] {
  const first = Date.parse(hours.from);
  const last = Math.min(to, Date.parse(hours.forecastFrom ?? '9999') - MS_PER_HOUR);
  const recordedAt = new Date(edge.now()).toISOString();
  const events: LogEvent[] = [];
  for (let day = dayOf(from); startOfDay(day) <= to; day++) {
    const start = startOfDay(day);
    const column = (values: HourColumn) =>
      Array.from({ length: 24 }, (_, h) => {
        const at = start + h * MS_PER_HOUR;
        return at > last ? null : (values[(at - first) / MS_PER_HOUR] ?? null);
      });
    const rainMm = column(hours.rainMm);
    const known = record.day(cell, day)?.rainMm ?? [];
    if (!rainMm.some((mm, h) => mm !== null && (known[h] ?? null) === null)) continue;
    events.push({
      type: 'weatherSeen',
      id: edge.newId(),
      at: new Date(start).toISOString(),
      zone: edge.zone,
      recordedAt,
      source,
      cell: cellName(cell),
      rainMm,
      temperatureC: column(hours.temperatureC),
      humidity: column(hours.humidity),
      windMs: column(hours.windMs),
      ...(hours.sunMj ? { sunMj: column(hours.sunMj) } : {}),
    });
  }
  return events;
}

/** Keeps the weather of the log up: after rides came in, and as the hours go by. */
export function keepWeather(store: AppStore): void {
  let seen: { log: unknown; source: string; hour: number } | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  const fetchMissing = () => {
    const state = store.getState();
    const { weatherSource: source } = selectSettings(state);
    if (state.session.phase !== 'open' || source === 'none') return;
    const { log } = state.logbook;
    const hour = Math.floor(selectNow(state) / MS_PER_HOUR);
    if (seen?.log === log && seen.source === source && seen.hour === hour) return;
    const { weather } = state.session;
    // Rides that came meanwhile are looked at when it is done.
    if (weather.kind === 'fetching') return;
    if (weather.kind === 'failed' && seen?.source === source && !isStale(weather.at, state)) return;
    seen = { log, source, hour };
    if (timer) clearTimeout(timer);
    // What a rider waits for is drawn first.
    timer = setTimeout(async () => {
      await breath(REST_MS);
      void store.dispatch(fillWeather());
    }, SETTLE_MS);
  };
  store.subscribe(fetchMissing);
  fetchMissing();
}

const isStale = (at: number, state: ReturnType<AppStore['getState']>): boolean =>
  selectNow(state) - at > RETRY_MS;
