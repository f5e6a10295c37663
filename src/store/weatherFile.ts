import { neededWeather } from '@/core/care/replay/neededWeather';
import type { HoursOfFile } from '@/core/formats/weatherFile';
import { allEvents } from '@/core/logbook/chunks';
import { weatherFromFiles } from '@/core/logbook/weatherSeen';
import type { LogEvent } from '@/core/records/event';
import { fail, ok, type Result } from '@/core/problem';
import { weatherOfFile } from '@/work/weatherSource';
import { enter } from './enter';
import { selectReplay } from './selectors';
import { noticed } from './sessionSlice';
import type { AppThunk } from './store';
import { fillWeather } from './weather';

/**
 * Takes the hours of a file in, for the rides that lack weather. Returns the result in a sentence
 * for the rider.
 */
export const takeWeatherFile =
  (hours: HoursOfFile): AppThunk<Promise<Result<number>>> =>
  async (dispatch, getState, edge) => {
    const { replay } = selectReplay(getState());
    if (neededWeather(replay.steps, replay.weather, edge.now()).length === 0)
      return fail(replay.book.cells.size === 0 ? 'weather/no-place' : 'weather/none-missing');
    const days = await dispatch(fillWeather(weatherOfFile(hours)));
    return days > 0 ? ok(days) : fail('weather/other-days');
  };

/** Forgets the weather that came from files: those rides are guessed again, or looked up. */
export const forgetFileWeather = (): AppThunk => (dispatch, getState, edge) => {
  const recordedAt = new Date(edge.now()).toISOString();
  const unknown = Array<null>(24).fill(null);
  const events = weatherFromFiles(allEvents(getState().logbook.log)).map((event): LogEvent => ({
    ...event,
    id: edge.newId(),
    recordedAt,
    rainMm: unknown,
    temperatureC: unknown,
    humidity: unknown,
    windMs: unknown,
  }));
  if (events.length > 0) dispatch(enter({ events }));
  dispatch(noticed({ text: 'Weather of files forgotten', undo: false }));
};
