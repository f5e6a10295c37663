import { FIRST, problemFor, rideExposure, workOf } from '@/test/plan';
import { MS_PER_DAY, MS_PER_HOUR } from '../../units/convert';
import { follow } from '../simulate/follow';
import type { BenchSlot } from '../solver/problem';
import { routine } from '../simulate/routine';
import { allowedAt, mayDo, minutesOf, mustWork, readyHours, startBy } from '../solver/rules';
import type { PlanSettings } from '../../records/plan';

const topUp = workOf('top-up', 'solvent wipe', 'dry', { handsOn: 15, elapsed: 30 });
const clean = workOf('on-bike clean', 'brush', 'dry', { handsOn: 35 });
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 5, elapsed: 5 });
const bench = (more: Partial<BenchSlot> = {}): BenchSlot => ({
  ...problemFor([{}]).benches[0]!,
  air: { temperatureC: 20, humidity: 0.5 },
  ...more,
});
const on = { family: 'oil' as const, coat: 0, wet: false, minutes: 60, shared: false };

describe('the rules of an evening', () => {
  it('let a coat set before the next ride: 2 h by its label at 20 °C, twice that 10 °C colder', () => {
    expect(readyHours(topUp, bench().air)).toBeCloseTo(2.5, 9);
    expect(readyHours(topUp, { temperatureC: 10, humidity: 0.5 })).toBeCloseTo(4.5, 9);
    const at = (hours: number) => bench({ nextRideAt: FIRST + hours * MS_PER_HOUR });
    expect(mayDo(topUp, at(2.6), on)).toBe(true);
    expect(mayDo(topUp, at(2.4), on)).toBe(false);
    expect(mayDo(wipe, at(2.4), on)).toBe(true);
    expect(startBy(topUp, at(12))).toBe(FIRST + 9.5 * MS_PER_HOUR);
    expect(startBy(topUp, bench({ nextRideAt: null }))).toBeNull();
  });

  it('keep to the minutes there are; a second bike needs a few less', () => {
    expect(mayDo(clean, bench(), { ...on, minutes: 34 })).toBe(false);
    expect(mayDo(clean, bench(), { ...on, minutes: 34, shared: true })).toBe(true);
    expect(minutesOf(wipe, true)).toBe(2);
  });

  it('keep wax off oil, bottles from the cold, and the shelf from running dry', () => {
    const wax = workOf('top-up', 'dry wipe', 'drip wax', { over: ['wax', 'bare'] });
    expect(mayDo(wax, bench(), on)).toBe(false);
    expect(mayDo(wax, bench(), { ...on, family: 'wax' })).toBe(true);
    const warm = { ...topUp, leastC: 10 };
    expect(mayDo(warm, bench({ air: { temperatureC: 9, humidity: 0.5 } }), on)).toBe(false);
    expect(mayDo({ ...topUp, coatsLeft: 0 }, bench(), on)).toBe(false);
  });

  it('allow before a race no new coat but on a wet chain, and for a week no other lube', () => {
    expect(mayDo(topUp, bench({ raceEve: true }), on)).toBe(false);
    expect(mayDo(wipe, bench({ raceEve: true }), on)).toBe(true);
    expect(mayDo(topUp, bench({ raceEve: true }), { ...on, wet: true })).toBe(true);
    expect(mayDo(topUp, bench({ sameLube: true }), { ...on, coat: 3 })).toBe(false);
  });

  it('follow the rider’s word: nothing, or the one depth, a rescue being a top-up on a wet chain', () => {
    const works = [topUp, clean, wipe];
    expect(allowedAt(works, bench({ mark: 'leave' }), on)).toEqual([]);
    expect(allowedAt(works, bench({ mark: 'on-bike clean' }), on)).toEqual([clean]);
    expect(allowedAt(works, bench({ mark: 'rescue' }), { ...on, wet: true })).toEqual([topUp]);
    expect(mustWork(bench({ mark: 'top-up' }), [topUp])).toBe(true);
    expect(mustWork(bench({ mark: 'top-up' }), [])).toBe(false);
  });
});

describe('the routine', () => {
  const days = (problem: ReturnType<typeof problemFor>) => ({
    minutes: problem.benches.map((b) => b.minutes),
    shared: problem.benches.map(() => false),
  });
  const done = (habit: PlanSettings['routine'], km: number, minutes = 60) => {
    const ride = km > 0 ? [rideExposure(km)] : undefined;
    const problem = problemFor(
      Array.from({ length: 28 }, () => (ride ? { ride, minutes } : { minutes })),
    );
    const [future] = follow(problem, routine(problem, habit, days(problem)), []);
    return future!.done.map((d) => [d.day, d.work.depth]);
  };

  it('works on its weekday, and cleans every fourth time (the first evening is a Tuesday)', () => {
    expect(done({ name: 'weekly', weekday: 7 }, 20)).toEqual([
      [5, 'top-up'],
      [12, 'top-up'],
      [19, 'top-up'],
      [26, 'on-bike clean'],
    ]);
    expect(done({ name: 'monthly', weekday: 2 }, 20)).toEqual([[0, 'on-bike clean']]);
  });

  it('lubes where there is no time to clean, and waits where there is none at all', () => {
    expect(done({ name: 'monthly', weekday: 2 }, 20, 20)).toEqual([[0, 'top-up']]);
    expect(done({ name: 'monthly', weekday: 2 }, 20, 5)).toEqual([]);
  });

  it('by ear comes when the coat is gone: a wet lube of 400 km at 50 km a day in the second week', () => {
    const [first] = done({ name: 'squeak', weekday: 1 }, 50);
    expect(first?.[1]).toBe('top-up');
    expect(first?.[0]).toBeGreaterThanOrEqual(7);
    expect(first?.[0]).toBeLessThanOrEqual(10);
  });
});

it('starts its days on the evening the tests say', () => {
  expect(problemFor([{}, {}]).benches[1]!.from - FIRST).toBe(MS_PER_DAY);
});
