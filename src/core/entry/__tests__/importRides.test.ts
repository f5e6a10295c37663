import type { Fitting, RideLogged } from '@/core/logbook';
import { ok, fail } from '@/core/problem';
import { planImport } from '..';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const fittings: Fitting[] = [
  { chainId: 'c1', bikeId: 'b1', from: '2026-05-01T08:00:00.000Z', to: null },
];
const file = (startedAt: string, distanceKm: number) => ({
  name: `${startedAt}.gpx`,
  rides: ok([{ startedAt, distanceKm, movingH: 1, disagrees: false, name: 'Lap' }]),
});
const logged = { at: '2026-05-05T08:00:00.000Z', distanceKm: 40 } as RideLogged;
const outcomes = (files: Parameters<typeof planImport>[0], rides: RideLogged[] = [logged]) =>
  planImport(files, 'b1', { rides, fittings, now }).map((r) => r.outcome);

describe('an import', () => {
  it('adds what is new with weather not known', () => {
    const [row] = planImport([file('2026-05-06T08:00:00.000Z', 30)], 'b1', {
      rides: [],
      fittings,
      now,
    });
    expect(row).toMatchObject({
      outcome: 'added',
      ride: { weather: 'unknown', note: 'Lap', durationH: 1 },
    });
  });

  it('knows a ride again by its start within 2 minutes and its distance within 2 %', () => {
    expect(outcomes([file('2026-05-05T08:01:59.000Z', 40.7)])).toEqual(['duplicate']);
    expect(outcomes([file('2026-05-05T08:02:01.000Z', 40)])).toEqual(['added']);
    expect(outcomes([file('2026-05-05T08:00:00.000Z', 41)])).toEqual(['added']);
    expect(
      outcomes([file('2026-05-07T08:00:00.000Z', 9), file('2026-05-07T08:00:30.000Z', 9)]),
    ).toEqual(['added', 'duplicate']);
  });

  it('gives each file its own result; a bad one does not keep the others out', () => {
    const rows = planImport(
      [
        { name: 'bad.gpx', rides: fail('file/not-xml', { detail: '7' }) },
        file('2026-04-30T08:00:00.000Z', 20),
        file('2026-05-11T08:00:00.000Z', 20),
        file('2026-05-08T08:00:00.000Z', 1200),
        file('2026-05-09T08:00:00.000Z', 20),
      ],
      'b1',
      { rides: [], fittings, now },
    );
    expect(rows.map((r) => (r.outcome === 'failed' ? r.problem.code : r.outcome))).toEqual([
      'file/not-xml',
      'date/before-fitted',
      'date/future',
      'distance/too-long',
      'added',
    ]);
  });
});
