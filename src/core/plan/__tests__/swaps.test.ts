import type { ReplayStep } from '@/core/care/replay/step';
import type { Bike, Chain } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { SWAP_MINUTES, swapsAhead, type PlanAround } from '../agenda/swaps';

const { c1, c2 } = TEST_GARAGE.chains as { c1: Chain; c2: Chain };
const b1 = TEST_GARAGE.bikes.b1 as Bike;

/** Two chains that were on the bike; the one that is on wore `on` % over its last 1,500 km. */
function played(on: number, next: number) {
  const state = (wear: number) => ({ wear, wearFactor: 1 });
  const step = (type: string, chainId: string, wear: number, from = 0, distanceKm = 0) =>
    ({
      event: { type, bikeId: 'b1', distanceKm, at: '2026-11-01T08:00:00.000Z' },
      chainId,
      from: state(from),
      after: state(wear),
    }) as unknown as ReplayStep;
  const steps = [
    step('chainFitted', 'c2', next, next),
    step('chainFitted', 'c1', on - 0.12, on - 0.12),
    // 0.12 % in 1,500 km, with 300 km of the average: 0.093 % in 1,000 km.
    step('rideLogged', 'c1', on, on - 0.12, 1500),
  ];
  return { steps, book: { fitted: new Map([['b1', 'c1']]) } };
}
const day = (n: number) => `2026-12-0${n}`;
const ride = (n: number, km: number, bikeId = 'b1') => ({ bikeId, date: day(n), km });
const around = (more: Partial<PlanAround> = {}): PlanAround => ({
  days: [1, 2, 3, 4, 5, 6, 7].map((n) => ({
    date: day(n),
    minutes: n === 1 ? 0 : 40,
    taken: n === 2 ? 35 : 0,
  })),
  rides: [2, 3, 4, 5, 6].map((n) => ride(n, 100)) as unknown as PlanAround['rides'],
  jobs: [],
  ...more,
});
const swaps = (on: number, next: number, more: Partial<PlanAround> = {}) =>
  swapsAhead(played(on, next), [b1], { c1, c2 }, around(more)).map(({ date, beside }) => [
    date,
    beside,
  ]);

describe('swaps of the plan', () => {
  it('fall, where due, on the first evening that has the minutes', () => {
    expect(SWAP_MINUTES).toBe(15);
    expect(swaps(0.32, 0.2)).toEqual([[day(3), null]]);
  });

  it('fall on the day of the ride that makes the difference, as the chain wears', () => {
    // 0.02 % are missing: 215 km by 0.093 % in 1,000 km, so that the third ride of 100 km reaches it.
    expect(swaps(0.28, 0.2)).toEqual([[day(4), null]]);
    // Those of another bike do not count.
    const others = [2, 3, 4, 5, 6].map((n) => ride(n, 100, 'b2')) as unknown as PlanAround['rides'];
    expect(swaps(0.28, 0.2, { rides: others })).toEqual([]);
    // Nor is a swap planned that lies beyond the plan, or of which the other chain is worn more.
    expect(swaps(0.2, 0.2)).toEqual([]);
    expect(swaps(0.2, 0.5)).toEqual([]);
  });

  it('wait a week for a job for which the chain comes off anyway, and no longer', () => {
    const job = (n: string, depth: 'wax reset' | 'top-up', chainId = 'c1') => ({
      chainId,
      date: n,
      depth,
    });
    expect(swaps(0.32, 0.2, { jobs: [job(day(6), 'wax reset')] })).toEqual([[day(6), 'wax reset']]);
    expect(swaps(0.32, 0.2, { jobs: [job(day(6), 'top-up')] })).toEqual([[day(3), null]]);
    expect(swaps(0.32, 0.2, { jobs: [job(day(6), 'wax reset', 'c2')] })).toEqual([[day(3), null]]);
    expect(swaps(0.32, 0.2, { jobs: [job('2026-12-09', 'wax reset')] })).toEqual([[day(3), null]]);
  });

  it('are none where nobody has the time, or the bike has one chain', () => {
    const days = [{ date: day(1), minutes: 10, taken: 0 }];
    expect(swaps(0.32, 0.2, { days })).toEqual([]);
    expect(swapsAhead(played(0.32, 0.2), [b1], { c1 }, around())).toEqual([]);
  });
});
