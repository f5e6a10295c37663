import Papa from 'papaparse';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { Replay } from '@/core/care/replay/replay';
import { headerKey } from '@/core/formats/csvMapping';
import { readRideFiles } from '@/core/formats/rideFile';
import { writeRidesCsv } from '@/core/formats/ridesCsv';
import type { RideLogged } from '@/core/records/event';
import { changeRides } from '../bulk';
import { EVERY_RIDE, filterRides, isFiltered, type RideFilter } from '../filter';
import { piecesOf, totalsOf, weeksOf } from '../weeks';
import { rideEntries } from '../entries';
import { yearOf } from '../year';
import { weekOf } from '../../time/weeks';

const START = Date.parse('2026-05-20T12:00:00.000Z');
const body = (at: string, km: number, more: Partial<RideLogged> = {}) =>
  rideBody(`2026-${at}:00.000Z`, more.bikeId ?? 'b1', km, more);

const entries = rideEntries(
  new Replay(
    TEST_GARAGE,
    stamped([
      body('05-03T10:00', 30, { note: 'Quay, then "home"\r\nby bus', climbM: 100 }),
      body('05-04T10:00', 10, { weather: 'wet', bikeId: 'b2', salted: true }),
      body('05-09T10:00', 20, { weather: 'unknown', surface: 'gravel', mud: true, climbM: 50 }),
      body('06-01T10:00', 40, { weather: 'damp', note: '=2+3' }),
    ]),
  ).steps,
).reverse();

const ids = (list: readonly (typeof entries)[number][]) => list.map((e) => e.ride.id);

describe('weeks', () => {
  it('run from Monday to Sunday and add up what was ridden', () => {
    const weeks = weeksOf(entries, 1);
    expect(weeks.map((w) => ids(w.rides))).toEqual([['e3'], ['e2', 'e1'], ['e0']]);
    expect(weeks.map(totalsOf).map(({ km, climbM }) => [km, climbM])).toEqual([
      [40, null],
      [30, 50],
      [30, 100],
    ]);
    for (const week of weeks) {
      const start = new Date(week.start);
      expect([start.getDay(), start.getHours()]).toEqual([1, 0]);
    }
  });

  it('are those each ride by itself falls in, also on the first and last moment of a week', () => {
    const [entry] = entries;
    const week = 7 * 86_400_000;
    const edges = Array.from({ length: 60 }, (_, n) => weekOf(START - n * week, 1));
    const moments = edges.flatMap((ms) => [ms + 1, ms, ms - 1, ms - 100_000_000]);
    const rides = moments.map((ms) => ({
      ...entry!,
      ride: { ...entry!.ride, at: new Date(ms).toISOString() },
    }));
    const starts = weeksOf(rides, 1).flatMap(({ start, rides: own }) => own.map(() => start));
    expect(starts).toEqual(moments.map((ms) => weekOf(ms, 1)));
    expect(new Set(starts).size).toBe(weeksOf(rides, 1).length);
  });

  it('are laid out in the order ridden, each ride as long as it was', () => {
    const [, week] = weeksOf(entries, 1);
    const pieces = piecesOf(week!);
    expect(pieces.map((p) => p.entry.ride.id)).toEqual(['e1', 'e2']);
    expect(pieces[0]).toMatchObject({ from: 0 });
    expect(pieces[1]?.from).toBeCloseTo(1 / 3, 12);
    expect(pieces[1]?.share).toBeCloseTo(2 / 3, 12);
  });
});

describe('finding rides', () => {
  const find = (part: Partial<RideFilter>) =>
    ids(filterRides(entries, { ...EVERY_RIDE, ...part }, TEST_GARAGE.bikes)).sort();

  it.each([
    [{}, ['e0', 'e1', 'e2', 'e3']],
    [{ bikeId: 'b2' }, ['e1']],
    [{ sky: 'wet' }, ['e1', 'e3']],
    [{ sky: 'dry' }, ['e0']],
    [{ sky: 'guessed' }, ['e2']],
    [{ text: 'QUAY' }, ['e0']],
    [{ text: 'mud gravel' }, ['e2']],
    [{ text: 'salt two' }, ['e1']],
    [{ text: '2026-05' }, ['e0', 'e1', 'e2']],
    [{ text: 'moon' }, []],
  ] as const)('%j', (part, found) => {
    expect(find(part as Partial<RideFilter>)).toEqual(found);
    expect(isFiltered({ ...EVERY_RIDE, ...(part as Partial<RideFilter>) })).toBe(
      Object.keys(part).length > 0,
    );
  });
});

describe('a year', () => {
  it('is twelve months of distance by weather', () => {
    const months = yearOf(entries, Date.parse('2026-06-15T00:00:00Z'));
    expect(months).toHaveLength(12);
    expect(months.slice(-2)).toMatchObject([
      { dry: 30, wet: 10, guessed: 20, damp: 0 },
      { dry: 0, damp: 40 },
    ]);
    expect(months.slice(0, 10).every((m) => m.dry + m.damp + m.wet + m.guessed === 0)).toBe(true);
    const later = yearOf(entries, Date.parse('2027-05-15T00:00:00Z'));
    expect(later[0]).toMatchObject({ damp: 40 });
  });
});

describe('rides as CSV', () => {
  const text = writeRidesCsv(entries, TEST_GARAGE.bikes);

  it('keeps to RFC 4180: commas, CRLF after every row, quotes doubled', () => {
    expect(text.split('\r\n')[0]).toMatch(/^start,zone,bike,distance_km,/);
    expect(text.endsWith('\r\n')).toBe(true);
    expect(text).toContain('"Quay, then ""home""\r\nby bus"');
    // An independent reader (npm papaparse) finds a row a ride and no fault.
    const parsed = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(parsed.errors).toEqual([]);
    expect(parsed.data).toHaveLength(4);
    expect(parsed.data[1]).toMatchObject({ weather: 'unknown', weather_from: 'guess', mud: 'yes' });
  });

  it('lets no note pass as a formula', () => expect(text).toContain("'=2+3"));

  it('can be read in again as a table of rides', () => {
    const bytes = new TextEncoder().encode(text);
    const { table } = [...readRideFiles('rides.csv', bytes, {})][0]!;
    const [file] = [
      ...readRideFiles('rides.csv', bytes, { [headerKey(table!.header)]: table!.guess }),
    ];
    const read = file!.rides.ok ? file!.rides.value.map((r) => (r.ok ? r.value : null)) : [];
    expect(read.map((r) => [r?.startedAt, r?.distanceKm, r?.clues.gear])).toEqual(
      entries.map(({ ride }) => [ride.at, ride.distanceKm, TEST_GARAGE.bikes[ride.bikeId]?.name]),
    );
  });
});

describe('changing many rides', () => {
  const rides = entries.map((e) => e.ride);
  const fittings = [{ chainId: 'c2', bikeId: 'b2', from: '2026-05-05T00:00:00.000Z', to: null }];

  it('changes those it does something to', () => {
    const { changed, refused } = changeRides(rides, { weather: 'damp' }, fittings);
    expect(changed.map((c) => c.target.id)).toEqual(['e2', 'e1', 'e0']);
    expect(changed.every((c) => c.replacement.weather === 'damp')).toBe(true);
    expect(refused).toBe(0);
  });

  it('takes rides to a bike from before its chain was fitted too, to none that never had one', () => {
    const { changed, refused } = changeRides(rides, { bikeId: 'b2' }, fittings);
    expect(changed.map((c) => c.target.id)).toEqual(['e3', 'e2', 'e0']);
    expect(refused).toBe(0);
    expect(changeRides(rides, { bikeId: 'b3' }, fittings)).toEqual({ changed: [], refused: 4 });
  });
});
