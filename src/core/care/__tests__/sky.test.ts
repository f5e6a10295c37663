import fc from 'fast-check';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { put, weatherDay, weatherSeen } from '@/test/weather';
import type { PlainEvent, RideLogged } from '@/core/records/event';
import { cellOf, type Cell } from '@/core/weather/cells';
import { WeatherRecord } from '@/core/weather/record';
import type { WeatherHour } from '@/core/weather/hours';
import { airOfRide, stripOf } from '../replay/strip';
import { exposureOf, ridingHours } from '../model/exposure';
import { HANDBOOK } from '../model/personal';
import { neededWeather } from '../replay/neededWeather';
import { rainMmOf, skyFromRecord, skyOf, wordOf } from '../model/sky';
import { Replay } from '../replay/replay';
import { ride as rideChain } from '../model/ride';
import { startState } from '../model/state';

const NORTH = { lat: 54.2, lon: -2.9 };
const SOUTH = { lat: 53.2, lon: -2.9 };
const NORTH_CELL = cellOf(NORTH.lat, NORTH.lon);
const SOUTH_CELL = cellOf(SOUTH.lat, SOUTH.lon);

/** A ride of two hours from ten, by default around the northern place, with its weather not said. */
const rode = (more: Partial<RideLogged> = {}): RideLogged => {
  const [event] = stamped([
    rideBody('2026-05-10T10:00:00.000Z', 'b1', 50, {
      weather: 'unknown',
      durationH: 2,
      path: [
        [NORTH.lat, NORTH.lon, 0],
        [NORTH.lat, NORTH.lon, 120],
      ],
      ...more,
    }),
  ]);
  return event as RideLogged;
};

type Hours = (hour: number) => Partial<WeatherHour> | null;
const recordOf = (north: Hours, south: Hours = () => ({})) => {
  const record = new WeatherRecord();
  for (const day of ['2026-05-08', '2026-05-09', '2026-05-10', '2026-05-11']) {
    const rideDay = day === '2026-05-10';
    put(record, weatherDay(NORTH_CELL, `${day}T00:00Z`, rideDay ? north : undefined));
    put(record, weatherDay(SOUTH_CELL, `${day}T00:00Z`, rideDay ? south : undefined));
  }
  return record;
};
const rainFrom =
  (from: number, to: number, rainMm: number): Hours =>
  (h) =>
    h >= from && h < to ? { rainMm, humidity: 0.95 } : {};
const sky = (ride: RideLogged, record: WeatherRecord, home?: Cell) =>
  skyOf(ride, ridingHours(ride), record, home);

describe('the weather of a ride', () => {
  it('is what the rider said, whatever hourly weather says', () => {
    const said = rode({ weather: 'dry' });
    const met = sky(said, recordOf(rainFrom(0, 24, 5)));
    expect(met).toMatchObject({ basis: 'said', word: 'dry', wetShare: 0, rainMmPerH: 0 });
    const worked = skyFromRecord(said, 2, recordOf(rainFrom(0, 24, 5)), undefined);
    expect(worked).toMatchObject({ basis: 'weather', word: 'downpour' });
  });

  it('is worked out from the hours it was ridden in, not those around it', () => {
    expect(sky(rode(), recordOf(rainFrom(13, 20, 5)))).toMatchObject({
      basis: 'weather',
      word: 'dry',
      wetShare: 0,
    });
    const wet = sky(rode(), recordOf(rainFrom(10, 12, 2)));
    expect(wet).toMatchObject({ basis: 'weather', word: 'wet', wetShare: 1, rainMmPerH: 2 });
    expect(rainMmOf(wet, 2)).toBe(4);
  });

  it('is wet after the rain, while the road still is', () => {
    const murky = (h: number) => ({ humidity: 0.97, rainMm: h >= 8 && h < 10 ? 3 : 0 });
    const soon = sky(rode(), recordOf(murky));
    expect(soon.rainMmPerH).toBe(0);
    expect(soon.wetShare).toBeGreaterThan(0.1);
    const later = sky(rode({ at: '2026-05-11T12:00:00.000Z' }), recordOf(rainFrom(8, 10, 3)));
    expect(later.wetShare).toBe(0);
    // In the sun of May the road is dry within the hour.
    expect(sky(rode(), recordOf(rainFrom(8, 10, 3))).wetShare).toBeLessThan(0.5);
  });

  it('leaves on the chain what came late: rain at the start is shed by the end', () => {
    const [early, late] = [rainFrom(10, 11, 2), rainFrom(11, 12, 2)].map(
      (rain) => exposureOf(rode(), 2, sky(rode(), recordOf(rain)), {}).onChainMm,
    );
    expect(late!).toBeGreaterThan(3 * early!);
    // All along at 2 mm/h and on a wet road: half an hour's worth of both, near enough.
    const all = exposureOf(rode(), 2, sky(rode(), recordOf(rainFrom(0, 24, 2))), {});
    expect(all.onChainMm).toBeCloseTo(
      (2 + 0.5 * (rode().distanceKm / 50) ** 2) * 0.5 * (1 - Math.exp(-4)),
      6,
    );
  });

  it('is that of each place at the time the ride was there', () => {
    const path: RideLogged['path'] = [
      [NORTH.lat, NORTH.lon, 0],
      [NORTH.lat, NORTH.lon, 60],
      [SOUTH.lat, SOUTH.lon, 61],
      [SOUTH.lat, SOUTH.lon, 120],
    ];
    const record = recordOf(() => ({}), rainFrom(11, 12, 4));
    const met = sky(rode({ path }), record);
    expect(met.wetShare).toBeCloseTo(59 / 120, 1);
    expect(met.rainMmPerH).toBeCloseTo((4 * 59) / 120, 0);
    expect(sky(rode({ path }), recordOf(rainFrom(11, 12, 4))).rainMmPerH).toBeLessThan(0.1);
  });

  it('of a ride without a way is that of where the bike stood; else a guess', () => {
    const bare = rode({ path: null });
    expect(sky(bare, recordOf(rainFrom(10, 12, 2)), NORTH_CELL).word).toBe('wet');
    expect(sky(bare, recordOf(rainFrom(10, 12, 2)))).toMatchObject({
      basis: 'guess',
      word: 'unknown',
    });
  });

  it('is a guess while a good part of the way is not known', () => {
    const half = recordOf((h) => (h < 11 ? {} : null));
    expect(sky(rode(), half).basis).toBe('guess');
  });

  it('has salt where it froze damp, and dust after days of drought', () => {
    const frost = recordOf((h) =>
      h < 10 ? { rainMm: 0.3, temperatureC: -2 } : { humidity: 0.99 },
    );
    expect(sky(rode(), frost).salted).toBe(true);
    const drought = new WeatherRecord();
    for (let d = 1; d <= 10; d++)
      put(drought, weatherDay(NORTH_CELL, `2026-05-${String(d).padStart(2, '0')}T00:00Z`));
    const dusty = rode({ surface: 'gravel' });
    expect(sky(dusty, drought)).toMatchObject({ word: 'dusty', dust: 1 });
    const dirt = (ride: RideLogged) => exposureOf(ride, 2, sky(ride, drought), {}).dirtPerKm;
    expect(dirt(dusty)).toBeCloseTo(1.8 * 1.6, 6);
    expect(dirt(rode())).toBe(1);
  });

  it('more rain never leaves more film or less water', () => {
    const film = (record: WeatherRecord) => {
      const exposure = exposureOf(rode(), 2, sky(rode(), record), { bike: TEST_GARAGE.bikes.b1 });
      const chain = startState(
        { lube: 'dry', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
        0,
      );
      return [rideChain(chain, 0, exposure, HANDBOOK).state.film, exposure.waterMm] as const;
    };
    fc.assert(
      fc.property(
        fc.nat(23),
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (at, mm, more) => {
          const [less, dry] = film(recordOf(rainFrom(at, at + 2, mm)));
          const [wetter, water] = film(recordOf(rainFrom(at, at + 2, mm + more)));
          expect(wetter).toBeLessThanOrEqual(less + 1e-12);
          expect(water).toBeGreaterThanOrEqual(dry - 1e-12);
        },
      ),
      { seed: 31 },
    );
  });

  it('an hour of steady rain worked out finishes a dry lube (common practice)', () => {
    const hour = rode({
      durationH: 1,
      distanceKm: 22,
      path: [
        [54.2, -2.9, 0],
        [54.2, -2.9, 60],
      ],
    });
    const met = sky(hour, recordOf(rainFrom(9, 12, 2.5)));
    const chain = startState(
      { lube: 'dry', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
      0,
    );
    const after = rideChain(chain, 0, exposureOf(hour, 1, met, {}), HANDBOOK).state;
    expect(after.film).toBeLessThan(0.15);
  });

  it.each([
    [{ wetShare: 1, rainMmPerH: 2.6, dust: 0 }, false, 'downpour'],
    [{ wetShare: 1, rainMmPerH: 0, dust: 0 }, false, 'wet'],
    [{ wetShare: 0.3, rainMmPerH: 0, dust: 0 }, false, 'damp'],
    [{ wetShare: 0, rainMmPerH: 0, dust: 1 }, true, 'dusty'],
    [{ wetShare: 0, rainMmPerH: 0, dust: 1 }, false, 'dry'],
  ] as const)('%j on loose ground %s is %s', (met, loose, word) =>
    expect(wordOf(met, loose)).toBe(word),
  );
});

describe('the strip of a ride', () => {
  it('shows two hours before and after, and marks those ridden', () => {
    const strip = stripOf(rode(), 2, recordOf(rainFrom(10, 11, 3)), undefined);
    expect(strip.map((s) => [new Date(s.at).getUTCHours(), s.riding])).toEqual([
      [8, false],
      [9, false],
      [10, true],
      [11, true],
      [12, false],
      [13, false],
    ]);
    expect(strip.map((s) => s.hour?.rainMm)).toEqual([0, 0, 3, 0, 0, 0]);
    expect(airOfRide(strip)?.temperatureC).toBe(15);
  });

  it('is empty without a place, and unknown where nothing is known', () => {
    expect(
      stripOf(
        rode({ path: null }),
        2,
        recordOf(() => ({})),
        undefined,
      ),
    ).toEqual([]);
    const strip = stripOf(rode(), 2, new WeatherRecord(), undefined);
    expect(strip.every((s) => s.hour === null)).toBe(true);
    expect(airOfRide(strip)).toBeNull();
  });
});

describe('the weather that is wanted', () => {
  const now = Date.parse('2026-05-12T08:30:00Z');
  const stepsOf = (...events: PlainEvent[]) => new Replay(TEST_GARAGE, events).steps;
  const FITTED_OUT = stamped(
    ['b1', 'b2'].map((bikeId, n) => ({
      type: 'chainFitted',
      at: '2026-05-01T08:00:00.000Z',
      chainId: `c${n + 1}`,
      bikeId,
      start: null,
    })),
  );

  it('reaches from some days before a ride to the day after, in whole days', () => {
    expect(neededWeather(stepsOf(rode()), new WeatherRecord(), now)).toEqual([
      {
        cell: NORTH_CELL,
        from: Date.parse('2026-05-07T00:00Z'),
        to: Date.parse('2026-05-11T23:00Z'),
      },
    ]);
  });

  it('never reaches beyond the last whole hour', () => {
    const ridden = rode({ at: '2026-05-12T06:00:00.000Z' });
    const [want] = neededWeather(stepsOf(ridden), new WeatherRecord(), now);
    expect(new Date(want?.to ?? 0).toISOString()).toBe('2026-05-12T07:00:00.000Z');
  });

  it('is not wanted of rides whose weather was said, nor of what is known', () => {
    expect(neededWeather(stepsOf(rode({ weather: 'wet' })), new WeatherRecord(), now)).toEqual([]);
    const known = recordOf(() => ({}));
    put(known, weatherDay(NORTH_CELL, '2026-05-07T00:00Z'));
    expect(neededWeather(stepsOf(rode()), known, now)).toEqual([]);
  });

  it('is wanted of the days a bike stands outdoors, from its ride to now, whoever told the weather', () => {
    const on = (bikeId: string) => stepsOf(rode({ bikeId, weather: 'wet' }), ...FITTED_OUT);
    const days = neededWeather(on('b2'), new WeatherRecord(), now);
    expect(days.map((d) => [d.cell, new Date(d.from).toISOString()])).toEqual([
      [NORTH_CELL, '2026-05-10T00:00:00.000Z'],
    ]);
    expect(new Date(days[0]!.to).toISOString()).toBe('2026-05-12T07:00:00.000Z');
    expect(neededWeather(on('b1'), new WeatherRecord(), now)).toEqual([]);
    // What stands for a year is followed for sixty days.
    const later = neededWeather(on('b2'), new WeatherRecord(), now + 365 * 86_400_000);
    expect(new Date(later.at(-1)!.to).toISOString()).toBe('2026-07-09T23:00:00.000Z');
  });

  it('asks for stretches, each place by itself', () => {
    const rides = [
      rode(),
      rode({ id: 'x', at: '2026-04-01T10:00:00.000Z' }),
      rode({
        id: 'y',
        at: '2026-05-09T10:00:00.000Z',
        path: [
          [53.2, -2.9, 0],
          [53.2, -2.9, 60],
        ],
      }),
    ];
    const wanted = neededWeather(stepsOf(...rides), new WeatherRecord(), now);
    expect(wanted.map((w) => [w.cell, new Date(w.from).toISOString().slice(0, 10)]).sort()).toEqual(
      [
        [SOUTH_CELL, '2026-05-06'],
        [NORTH_CELL, '2026-03-29'],
        [NORTH_CELL, '2026-05-07'],
      ].sort(),
    );
  });
});

describe('where the bike is kept', () => {
  it('decides how long its chain stays wet after a ride, under the weather there', () => {
    const after = (storage: 'indoors' | 'shed' | 'outdoors') => {
      const bike = { ...TEST_GARAGE.bikes.b1!, storage };
      const garage = { ...TEST_GARAGE, bikes: { ...TEST_GARAGE.bikes, b1: bike } };
      const start = { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null };
      const fit = stamped([
        {
          type: 'chainFitted',
          at: '2026-05-01T08:00:00.000Z',
          chainId: 'c1',
          bikeId: 'b1',
          start: start as never,
        },
      ]);
      const replay = new Replay(garage, [
        ...fit,
        rode({ id: 'ride' }),
        ...['08', '09', '10', '11', '12', '13'].map((d) =>
          weatherSeen(NORTH_CELL, `2026-05-${d}`, () => ({
            rainMm: d === '10' ? 2 : 0,
            temperatureC: 6,
            humidity: 0.93,
          })),
        ),
      ]);
      return replay.book.chains.get('c1')?.wetLeftH ?? 0;
    };
    expect(after('outdoors')).toBeGreaterThan(after('shed'));
    expect(after('shed')).toBeGreaterThan(after('indoors'));
    expect(after('indoors')).toBeGreaterThan(0);
  });
});
