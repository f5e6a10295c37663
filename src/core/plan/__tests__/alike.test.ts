import { problemFor, rideExposure } from '@/test/plan';
import { alike } from '../solver/alike';
import { dripFor, LEAST_WET_H, towelledFor, wetHoursAt } from '../solver/wetness';

const HOUR = 3_600_000;
const wet = (onChainMm: number) => rideExposure(40, { waterMm: onChainMm, onChainMm });

describe('futures that meet the same', () => {
  const of = (rides: Parameters<typeof rideExposure>[1][]) => {
    const day = { ride: rides.map((x) => rideExposure(40, x)) };
    return alike(problemFor([day]).benches[0]!, rides.length);
  };

  it('are one where nobody rides, and the bike stands dry', () => {
    const [bench] = problemFor([{}]).benches;
    expect(alike(bench!, 4)).toEqual([[0, 1, 2, 3]]);
    const parked = { at: bench!.from, mm: [0, 3, 0, 3] };
    expect(alike({ ...bench!, parked }, 4)).toEqual([
      [0, 2],
      [1, 3],
    ]);
  });

  it('differ by water, water on the chain, wet road or dirt, each by itself, and by no less than 0.04', () => {
    for (const key of ['waterMm', 'onChainMm', 'wetShare', 'dirtPerKm'] as const)
      expect([key, of([{ [key]: 0.4 }, { [key]: 0.41 }, { [key]: 0.9 }])]).toEqual([
        key,
        [[0, 1], [2]],
      ]);
  });
});

describe('how long a chain stays wet', () => {
  const { benches } = problemFor([{}]);
  const { air } = benches[0]!;

  it('grows with the water on it up to a soaked chain, and not at all without', () => {
    expect(dripFor(0, air)).toBe(0);
    expect(dripFor(-1, air)).toBe(0);
    expect(dripFor(0.5, air)).toBeCloseTo(dripFor(1, air) / 2, 9);
    expect(dripFor(40, air)).toBe(dripFor(4, air));
    expect(towelledFor(air)).toBeLessThan(dripFor(40, air));
  });

  it('at a bench is what is left since the ride, on the average of the futures it is wet in', () => {
    const problem = problemFor([{ ride: [wet(4), wet(0), wet(1)] }, {}]);
    problem.benches[0]!.rides[0]!.at = problem.benches[1]!.from - 0.5 * HOUR;
    const left = [4, 1].map((mm) => dripFor(mm, air) - 0.5);
    expect(Math.min(...left)).toBeGreaterThan(LEAST_WET_H);
    const mean = left.reduce((a, b) => a + b, 0) / left.length;
    expect(wetHoursAt(problem, 1)).toBeCloseTo(mean, 9);
  });

  it('counts rain on a parked bike where that leaves it wetter than the ride did', () => {
    const problem = problemFor([{ ride: [wet(0)] }, {}]);
    const bench = problem.benches[0]!;
    const at = problem.benches[1]!.from - 2 * HOUR;
    bench.parked = { at, mm: [4] };
    expect(wetHoursAt(problem, 1)).toBeCloseTo(dripFor(4, air) - 2, 9);
    bench.parked = { at, mm: [] };
    expect(wetHoursAt(problem, 1)).toBe(0);
    bench.rides = [];
    bench.parked = { at, mm: [4] };
    expect(wetHoursAt(problem, 1)).toBeCloseTo(dripFor(4, air) - 2, 9);
  });

  it('at the first bench is what the chain has left, or what the rides before it leave', () => {
    const problem = problemFor([{}]);
    problem.state.wetLeftH = 7;
    expect(wetHoursAt(problem, 0)).toBe(7);
    expect(wetHoursAt(problem, 1)).toBe(0);
    const at = problem.benches[0]!.from - 3 * HOUR;
    problem.before = [{ date: '', at, hours: 2, weight: 'ordinary', exposure: [wet(4)] }];
    expect(wetHoursAt(problem, 0)).toBeCloseTo(dripFor(4, air) - 3, 9);
  });
});
