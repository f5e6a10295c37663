import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { plannedRide } from '@/test/plannedRide';
import { Replay } from '../../care/replay/replay';
import { isFirstWithTime } from '../agenda/agenda';
import { dueKm } from '../ask';
import type { PlannedRide } from '../../records/plan';
import { comingRides, dayReached, lastDaySaid } from '../rides/coming';

/** Tuesday 24 November 2026. */
const NOW = Date.parse('2026-11-24T10:00:00Z');
const DAY = 86_400_000;

/** A rider who has ridden 30 km each Saturday at 9 for eight weeks. */
const saturdays = Array.from({ length: 8 }, (_, n) =>
  rideBody(new Date(Date.parse('2026-11-21T09:00:00Z') - n * 7 * DAY).toISOString(), 'b1', 30),
);
const fitted = {
  type: 'chainFitted' as const,
  at: '2026-01-01T00:00:00.000Z',
  chainId: 'c1',
  bikeId: 'b1',
  start: null,
};
const planned = (more: Partial<PlannedRide>) =>
  plannedRide({ date: '2026-11-26', time: '18:00', distanceKm: 20, ...more });
const coming = (list: PlannedRide[], events: object[] = saturdays) =>
  comingRides({
    replay: new Replay(TEST_GARAGE, stamped([fitted, ...events] as never)),
    planned: list,
    bikeIds: ['b1'],
    now: NOW,
    to: lastDaySaid(NOW, 'UTC'),
    zone: 'UTC',
  });

describe('rides to come, and the day a distance is reached', () => {
  it('are those planned, and the habit on the other days', () => {
    const { rides, habits } = coming([
      planned({}),
      planned({ id: 'q', date: '2026-11-28', distanceKm: 90 }),
    ]);
    expect(habits).toHaveLength(1);
    expect(rides.slice(0, 3).map((r) => [r.date, r.km, r.assumed])).toEqual([
      ['2026-11-26', 20, false],
      ['2026-11-28', 90, false],
      ['2026-12-05', 30, true],
    ]);
    expect(lastDaySaid(NOW, 'UTC')).toBe('2027-01-23');
    expect(rides.at(-1)?.date).toBe('2027-01-23');
  });

  it('reach a distance on the day of the ride on which it is passed', () => {
    const { rides } = coming([planned({})]);
    const day = (km: number) => dayReached(rides, 'b1', km);
    expect([day(1), day(20), day(20.1), day(50), day(50.1)]).toEqual([
      '2026-11-26',
      '2026-11-26',
      '2026-11-28',
      '2026-11-28',
      '2026-12-05',
    ]);
    expect(day(5000)).toBeNull();
    expect(dayReached(rides, 'b2', 1)).toBeNull();
  });

  it('know no day of a rider without a habit or a plan', () => {
    expect(coming([], []).rides).toEqual([]);
  });
});

describe('what the plan is told of the verdict, and of evenings', () => {
  const spread = (mid: number) => ({ low: mid, mid, high: mid });
  const outlook = (clock: 'film' | 'outside' | 'inside', km: number | null, beyond = false) => ({
    clock,
    km: km === null ? null : spread(km),
    beyondHorizon: beyond,
  });

  it('is the kilometres till lube and dirt, none now, nothing beyond sight, and whether it rusts', () => {
    const good = { lube: outlook('film', 330.4), dirt: outlook('outside', 1500, true) };
    expect(dueKm({ ...good, kind: 'good for' })).toEqual({
      lube: 330,
      dirt: null,
      inside: false,
      quiet: true,
      rusts: false,
    });
    const spent = { lube: outlook('film', null), dirt: outlook('inside', 20) };
    expect(dueKm({ ...spent, kind: 're-lube' })).toMatchObject({
      lube: 0,
      inside: true,
      rusts: false,
    });
    for (const kind of ['rescue', 'inspect'] as const)
      expect(dueKm({ ...spent, kind })).toMatchObject({ quiet: false, rusts: true });
  });

  it('knows the first evening with the time', () => {
    expect(isFirstWithTime([10, 14, 15], 2, 15)).toBe(true);
    expect(isFirstWithTime([10, 15, 15], 2, 15)).toBe(false);
    expect(isFirstWithTime([15], 0, 15)).toBe(false);
  });
});
