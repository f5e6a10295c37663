import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import type { RideFromFile } from '@/core/formats/rideFromFile';
import type { Fitting } from '@/core/logbook/fittings';
import type { RideLogged } from '@/core/records/event';
import { fail, ok } from '@/core/problem';
import { bikeOfClue, clueGroups, clueOf, groupOf } from '../bikeRules';
import { planImport } from '../importRides';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const fittings: Fitting[] = [
  { chainId: 'c1', bikeId: 'b1', from: '2026-05-01T08:00:00.000Z', to: null },
];
const ride = (startedAt: string, distanceKm: number, more: Partial<RideFromFile> = {}) => ({
  startedAt,
  zone: 'Europe/London',
  distanceKm,
  movingH: 1,
  timed: true,
  trackKm: null,
  gears: [],
  unplacedH: 0,
  gapKm: 0,
  elapsedH: null,
  eBike: false,
  sportUnknown: false,
  cleaned: false,
  climbM: 120,
  path: null,
  indoors: false,
  name: 'Lap',
  clues: { device: '', sport: '', gear: '' },
  ...more,
});
const file = (startedAt: string, distanceKm: number, more: Partial<RideFromFile> = {}) => ({
  name: `${startedAt}.gpx`,
  rides: ok([ok(ride(startedAt, distanceKm, more))]),
});
const logged = {
  at: '2026-05-05T08:00:00.000Z',
  distanceKm: 40,
  bikeId: 'b1',
  surface: 'gravel',
} as RideLogged;
const context = { rides: [logged], fittings, now, bikeOf: () => 'b1' };
const outcomes = (files: Parameters<typeof planImport>[0]) =>
  planImport(files, context).map((r) => r.outcome);

describe('an import', () => {
  it('adds what is new: weather to be looked up, the surface of the bike’s last ride', () => {
    const [row] = planImport([file('2026-05-06T08:00:00.000Z', 30)], context);
    expect(row).toMatchObject({
      outcome: 'added',
      ride: {
        weather: 'unknown',
        surface: 'gravel',
        note: 'Lap',
        durationH: 1,
        climbM: 120,
        zone: 'Europe/London',
      },
    });
  });

  it('gives a ride on the spot dry air: no road wets it', () => {
    const [row] = planImport([file('2026-05-06T08:00:00.000Z', 30, { indoors: true })], context);
    expect(row).toMatchObject({ ride: { weather: 'dry' } });
  });

  it('knows a ride again by its start within 2 minutes and its distance within 2 %', () => {
    expect(outcomes([file('2026-05-05T08:01:59.000Z', 40.7)])).toEqual(['duplicate']);
    expect(outcomes([file('2026-05-05T08:02:01.000Z', 40)])).toEqual(['added']);
    expect(outcomes([file('2026-05-05T08:00:00.000Z', 41)])).toEqual(['added']);
    expect(
      outcomes([file('2026-05-07T08:00:00.000Z', 9), file('2026-05-07T08:00:30.000Z', 9)]),
    ).toEqual(['added', 'duplicate']);
  });

  it('gives each file and each ride in it a result; a bad one does not keep the others out', () => {
    const rows = planImport(
      [
        { name: 'bad.gpx', rides: fail('file/not-xml', { line: 7 }) },
        {
          name: 'two.gpx',
          rides: ok([fail('track/no-times'), ok(ride('2026-05-02T08:00:00.000Z', 8))]),
        },
        file('2026-04-30T08:00:00.000Z', 20),
        file('2026-05-11T08:00:00.000Z', 20),
        file('2026-05-08T08:00:00.000Z', 1200),
        file('2026-05-09T08:00:00.000Z', 20),
      ],
      context,
    );
    expect(rows.map((r) => (r.outcome === 'failed' ? r.problem.code : r.outcome))).toEqual([
      'file/not-xml',
      'track/no-times',
      'added',
      'added',
      'date/future',
      'held',
      'added',
    ]);
  });
});

describe('which bike', () => {
  const bike = (id: string, name: string): Bike => ({
    ...PRESETS.road.specs,
    id,
    name,
    retired: false,
    changedAt: '2026-01-01T00:00:00.000Z',
  });
  const bikes = [bike('b1', 'Racer'), bike('b2', 'Old faithful')];
  const from = (clues: Partial<RideFromFile['clues']>, name = '2026-05-06.gpx') =>
    clueOf(
      ride('2026-05-06T08:00:00.000Z', 30, {
        clues: { device: '', sport: '', gear: '', ...clues },
      }),
      name,
    );

  it('is told by the gear’s name, else recorder and sport, else the file’s name', () => {
    expect(from({ gear: 'Old Faithful', device: 'Shed one' })).toBe('gear old faithful');
    expect(from({ device: 'Shed one', sport: 'Biking' })).toBe('recorder shed one biking');
    expect(from({}, 'all.zip › may/Commute-2026-05-06.gpx')).toBe('name commute');
    expect(from({})).toBe('name');
  });

  it('is what the rider said last time, or the bike that bears the name', () => {
    expect(bikeOfClue('recorder x', { 'recorder x': 'b2' }, bikes)).toBe('b2');
    expect(bikeOfClue('gear old faithful', {}, bikes)).toBe('b2');
    expect(bikeOfClue('recorder x', { 'recorder x': 'sold' }, bikes)).toBeNull();
    expect(bikeOfClue('name commute', {}, bikes)).toBeNull();
  });

  it('is asked once for each clue of a batch, the commonest first', () => {
    const files = ['a1.gpx', 'commute-1.gpx', 'b.gpx', 'commute-2.gpx'].map((name, i) => ({
      name,
      rides: ok([ok(ride(`2026-05-0${i + 2}T08:00:00.000Z`, 30))]),
    }));
    const commute = { clue: 'name commute', words: 'in files named “commute”', rides: 2, work: 0 };
    const rest = { clue: 'name', words: 'in files that do not tell', rides: 2, work: 0 };
    expect(clueGroups(files, {})).toEqual([commute, rest]);
    expect(groupOf(clueGroups(files, {}), 'name a')).toEqual(rest);
    expect(clueGroups(files, { 'name a': 'b1' })).toContainEqual({
      clue: 'name a',
      words: 'in files named “a”',
      rides: 1,
      work: 0,
    });
  });
});

describe('rides held back', () => {
  const odd = (more: Partial<RideFromFile>, km = 30) => {
    const [row] = planImport([file('2026-05-06T08:00:00.000Z', km, more)], context);
    return row?.outcome === 'held' ? row.doubt : null;
  };
  const hows = (more: Partial<RideFromFile>, km = 30) => odd(more, km)?.mends.map((m) => m.how);

  it('are those whose figures no ride has, each with what would mend it', () => {
    expect(odd({})).toBeNull();
    // "52:10" read as hours: 0.58 km/h.
    expect(odd({ movingH: 52.17 })).toMatchObject({ odd: ['walking pace', 'many hours'], asItIs: false }); // prettier-ignore
    expect(hows({ movingH: 52.17 })).toEqual(['minutes', 'without hours']);
    expect(hows({ movingH: 1.5 }, 80)).toEqual(['in km', 'without hours']);
    expect(hows({ movingH: 0.5, elapsedH: 1.4 })).toContain('elapsed');
    expect(odd({ movingH: null }, 42_195)).toMatchObject({ odd: ['very long'], asItIs: false });
    expect(hows({ movingH: null }, 42_195)).toEqual(['in metres']);
    expect(hows({ climbM: 2664 })).toEqual(['feet', 'without climb']);
    expect(odd({ trackKm: 20 })).toMatchObject({ odd: ['two distances'], asItIs: true });
    expect(odd({ trackKm: 28 })).toBeNull();
    // The track lacks what was ridden before it knew where it was.
    expect(odd({ trackKm: 20, unplacedH: 0.4 })).toBeNull();
    expect(hows({ gapKm: 12 })).toEqual(['with the gap']);
    expect(odd({ sportUnknown: true })).toMatchObject({ odd: ['unknown sport'], mends: [] });
    expect(odd({}, 0.3)?.odd).toEqual(['walking pace', 'very short']);
  });

  it('go in as the rider says, and not before', () => {
    const files = [file('2026-05-06T08:00:00.000Z', 30, { movingH: 52 })];
    const decide = (decision: string) =>
      planImport(files, { ...context, decisions: { '0.0': decision as never } })[0];
    expect(decide('minutes')).toMatchObject({ outcome: 'added', mended: true, ride: { distanceKm: 30 } }); // prettier-ignore
    const row = decide('minutes');
    expect(row?.outcome === 'added' && row.ride.durationH).toBeCloseTo(52 / 60, 9);
    expect(decide('without hours')).toMatchObject({ outcome: 'added', ride: { durationH: null } });
    expect(decide('leave out')).toMatchObject({ outcome: 'left out' });
    // The log takes no ride of half a kilometre an hour; a mend it does not have changes nothing.
    expect(decide('as it is')).toMatchObject({ outcome: 'held' });
    expect(decide('feet')).toMatchObject({ outcome: 'held' });
  });

  it('two recorders on one bike at once are asked about; on two bikes they are two riders', () => {
    const path: [number, number, number][] = [[54, -3, 0], [54.2, -3, 60]]; // prettier-ignore
    const one = file('2026-05-06T08:00:00.000Z', 30, { path, elapsedH: 1 });
    const two = file('2026-05-06T08:10:00.000Z', 29, { path, elapsedH: 1 });
    const rows = planImport([one, two], context);
    expect(rows[1]).toMatchObject({ outcome: 'held', doubt: { odd: ['at the same time'] } });
    let n = 0;
    const apart = planImport([one, two], { ...context, bikeOf: () => (n++ === 0 ? 'b1' : 'b2') });
    expect(apart.map((r) => r.outcome)).not.toContain('held');
  });

  it('out and home of one day without times are two rides, and neither comes in twice', () => {
    const rows = [ride('2026-05-06T12:00:00.000Z', 8, { timed: false }), ride('2026-05-06T12:00:00.000Z', 8, { timed: false })]; // prettier-ignore
    const table = { name: 'work.csv', rides: ok(rows.map((r) => ok(r))) };
    expect(outcomes([table])).toEqual(['added', 'added']);
    const added = planImport([table], context).flatMap((r) =>
      r.outcome === 'added' ? [r.ride] : [],
    );
    const again = planImport([table], { ...context, rides: added as unknown as RideLogged[] });
    expect(again.map((r) => r.outcome)).toEqual(['duplicate', 'duplicate']);
  });
});

it('today’s ride of a table without times is no ride of the future, and is known again', () => {
  const noon = { ...context, now: Date.parse('2026-05-10T09:00:00.000Z') };
  const today = file('2026-05-10T12:00:00.000Z', 25, { timed: false });
  const [row] = planImport([today], noon);
  expect(row).toMatchObject({ outcome: 'added', ride: { at: '2026-05-10T09:00:00.000Z' } });
  const rides = row?.outcome === 'added' ? [row.ride as unknown as RideLogged] : [];
  expect(planImport([today], { ...context, rides })[0]?.outcome).toBe('duplicate');
  const timed = file('2026-05-10T12:00:00.000Z', 25);
  expect(planImport([timed], noon)[0]).toMatchObject({ problem: { code: 'date/future' } });
});

it('a day out with long stops is a ride; as slow in motion it is asked about', () => {
  const out = (more: Partial<RideFromFile>) =>
    planImport([file('2026-05-06T08:00:00.000Z', 50, more)], context)[0]?.outcome;
  expect(out({ movingH: null, elapsedH: 9 })).toBe('added');
  expect(out({ movingH: 9 })).toBe('held');
});
