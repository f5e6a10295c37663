/** @jest-environment node */
import { readWeatherFile, writeWeatherFile } from '@/core/formats/weatherFile';
import { allEvents } from '@/core/logbook/chunks';
import type { RideLogged } from '@/core/records/event';
import { PRESETS } from '@/core/garage/presets';
import { fail, ok } from '@/core/problem';
import { MS_PER_HOUR } from '@/core/units/convert';
import { hourOf, type WeatherHour } from '@/core/weather/hours';
import { testEdge } from '@/test/edge';
import { rideBody } from '@/test/events';
import { FAIR } from '@/test/weather';
import type { WeatherSource } from '@/work/weatherSource';
import { changeSettings } from '../commands/settings';
import { record } from '../commands/perform';
import { startWithBike } from '../commands/start';
import { selectHasFileWeather, selectMainReport, selectRides } from '../selectors';
import { createStore } from '../store';
import { fillWeather, keepWeather } from '../weather';
import { forgetFileWeather, takeWeatherFile } from '../weatherFile';
import { phaseChanged, ticked } from '../sessionSlice';

const START = {
  lube: 'dry',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 900,
  wearPercent: null,
} as const;
const NOW = Date.parse('2026-05-10T12:20:00.000Z');

function started(
  path: RideLogged['path'] = [
    [54.2, -2.9, 0],
    [54.2, -2.9, 120],
  ],
) {
  const edge = testEdge(Date.parse('2026-05-01T12:00:00.000Z'));
  const store = createStore(edge);
  store.dispatch(startWithBike(PRESETS.road, START));
  edge.at = NOW;
  store.dispatch(phaseChanged({ phase: 'open', problem: null }));
  const bikeId = selectMainReport(store.getState())?.bike.id ?? '';
  const more = { weather: 'unknown' as const, durationH: 2, path };
  store.dispatch(record('Ride logged', [rideBody('2026-05-09T08:00:00.000Z', bikeId, 45, more)]));
  store.dispatch(ticked(NOW));
  const sky = () => selectRides(store.getState())[0]?.sky;
  const film = () => selectMainReport(store.getState())?.state.film ?? NaN;
  const seen = () =>
    allEvents(store.getState().logbook.log).filter((e) => e.type === 'weatherSeen').length;
  return { edge, store, sky, film, seen };
}

/** A source of steady weather, up to `until`. */
function source(hour: Partial<WeatherHour>, until = Infinity): WeatherSource & { asked: number } {
  const told = { ...FAIR, ...hour };
  const steady: WeatherSource & { asked: number } = {
    asked: 0,
    name: 'service',
    hours: async (_, from, to) => {
      steady.asked += 1;
      const hours = Math.floor((Math.min(to, until) - from) / MS_PER_HOUR) + 1;
      const column = (key: Exclude<keyof WeatherHour, 'sunMj'>) =>
        Array<number>(Math.max(0, hours)).fill(told[key]);
      return ok({
        from: new Date(from).toISOString(),
        forecastFrom: null,
        rainMm: column('rainMm'),
        temperatureC: column('temperatureC'),
        humidity: column('humidity'),
        windMs: column('windMs'),
      });
    },
  };
  return steady;
}

const tick = () => new Promise((resolve) => setTimeout(resolve, 350));

describe('weather of the log', () => {
  it('turns a guess into what hourly weather says, and moves film and verdict', async () => {
    const { store, sky, film } = started();
    expect(sky()).toMatchObject({ basis: 'guess', word: 'unknown' });
    const guessed = film();
    await store.dispatch(fillWeather(source({ rainMm: 2, humidity: 0.95 })));
    expect(sky()).toMatchObject({ basis: 'weather', word: 'wet', wetShare: 1 });
    expect(film()).toBeLessThan(guessed - 0.2);
    // Common practice: rain takes a dry lube off at once.
    expect(selectMainReport(store.getState())?.verdict.kind).not.toBe('good for');
    expect(film()).toBeLessThan(0.15);
  });

  it('is asked for once', async () => {
    const { store, seen } = started();
    const steady = source({});
    await store.dispatch(fillWeather(steady));
    const { asked } = steady;
    const days = seen();
    await store.dispatch(fillWeather(steady));
    expect([steady.asked, seen()]).toEqual([asked, days]);
  });

  it('a source that knows only part is not asked again and again for the same', async () => {
    const { store, seen } = started();
    const partly = source({}, Date.parse('2026-05-09T09:00:00Z'));
    await store.dispatch(fillWeather(partly));
    const days = seen();
    expect(days).toBeGreaterThan(0);
    expect(await store.dispatch(fillWeather(partly))).toBe(0);
    expect(seen()).toBe(days);
  });

  it('says when the source does not answer, keeps the guess, and goes on when it does', async () => {
    const { store, sky } = started();
    const deaf: WeatherSource = { name: 'service', hours: async () => fail('outside/offline') };
    await store.dispatch(fillWeather(deaf));
    expect(store.getState().session.weather).toMatchObject({ kind: 'failed' });
    expect(sky()?.basis).toBe('guess');
    await store.dispatch(fillWeather(source({})));
    expect(store.getState().session.weather.kind).toBe('idle');
    expect(sky()?.basis).toBe('weather');
  });

  it('is kept up by itself where a service is set, and not where none is', async () => {
    const answer = jest.spyOn(globalThis, 'fetch').mockImplementation(async (address) => {
      const query = new URL(String(address), 'http://localhost').searchParams;
      const from = Date.parse(query.get('from') ?? '');
      const hours = (Date.parse(query.get('to') ?? '') - from) / MS_PER_HOUR + 1;
      const column = (value: number) => Array<number>(hours).fill(value);
      return Response.json({
        from: new Date(from).toISOString(),
        forecastFrom: null,
        rainMm: column(0),
        probability: column(0),
        temperatureC: column(12),
        humidity: column(0.7),
        windMs: column(2),
      });
    });
    const { store, sky } = started();
    keepWeather(store);
    await tick();
    expect(answer).not.toHaveBeenCalled();
    store.dispatch(changeSettings('Source', { weatherSource: 'service' }));
    await tick();
    expect(sky()?.basis).toBe('weather');
    const calls = answer.mock.calls.length;
    store.dispatch(ticked(NOW + 60_000));
    await tick();
    expect(answer).toHaveBeenCalledTimes(calls);
    answer.mockRestore();
  });
});

describe('a file of weather', () => {
  const hoursFrom = (instant: string, count: number) =>
    new Map(
      Array.from({ length: count }, (_, n) => [
        hourOf(Date.parse(instant)) + n,
        { ...FAIR, rainMm: 1 },
      ]),
    );

  it('fills what is missing, and can be forgotten', async () => {
    const { store, sky } = started();
    const file = readWeatherFile(writeWeatherFile(hoursFrom('2026-05-06T00:00Z', 120)));
    if (!file.ok) throw new Error(file.problem.code);
    expect(await store.dispatch(takeWeatherFile(file.value))).toMatchObject({ ok: true });
    expect(sky()).toMatchObject({ basis: 'weather', word: 'wet' });
    expect(selectHasFileWeather(store.getState())).toBe(true);
    store.dispatch(forgetFileWeather());
    expect(sky()?.basis).toBe('guess');
    expect(selectHasFileWeather(store.getState())).toBe(false);
  });

  it('of other days, or with nothing to fill, says so and changes nothing', async () => {
    const { store, seen } = started();
    const other = await store.dispatch(takeWeatherFile(hoursFrom('2025-05-06T00:00Z', 48)));
    expect(other).toMatchObject({ ok: false, problem: { code: 'weather/other-days' } });
    expect(seen()).toBe(0);
    await store.dispatch(fillWeather(source({})));
    const full = await store.dispatch(takeWeatherFile(hoursFrom('2026-05-06T00:00Z', 120)));
    expect(full).toMatchObject({ ok: false, problem: { code: 'weather/none-missing' } });
    const nowhere = started(null);
    const lost = await nowhere.store.dispatch(takeWeatherFile(hoursFrom('2026-05-06T00:00Z', 99)));
    expect(lost).toMatchObject({ ok: false, problem: { code: 'weather/no-place' } });
  });
});
