import { coatKind, problemFor, workOf } from '@/test/plan';
import { CARE } from '../../care/model/constants';
import type { PlanSettings } from '../../records/plan';
import { follow } from '../simulate/follow';
import type { Done, Future } from '../simulate/future';
import { idle } from '../simulate/policies';
import { routine } from '../simulate/routine';
import type { BenchSlot, BikeProblem } from '../solver/problem';

const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 5 });
const dryTopUp = workOf('top-up', 'solvent wipe', 'dry', { coat: 1 });
const topUp = workOf('top-up', 'solvent wipe', 'wet');
const clean = workOf('on-bike clean', 'brush', 'wet', { handsOn: 30 });
const bareClean = workOf('on-bike clean', 'brush', null, { handsOn: 30 });
const works = [wipe, bareClean, dryTopUp, topUp, clean];
const coats = [coatKind('wet'), coatKind('dry'), coatKind('dry')];

/** Five weeks of evenings without rides, from a Tuesday on. */
const problemOf = (minutes: (d: number) => number = () => 60) =>
  problemFor(
    Array.from({ length: 35 }, (_, d) => ({ minutes: minutes(d) })),
    { works, coats },
  );
const daysOf = (problem: BikeProblem) => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
});
const futureOf = (problem: BikeProblem, more: Partial<Future> = {}): Future => {
  const [future] = follow({ ...problem, benches: [] }, idle, []);
  return { ...future!, done: [], ...more };
};

/** Evenings something is done on, and what, of one future. */
function done(habit: PlanSettings['routine'], minutes?: (d: number) => number) {
  const problem = problemOf(minutes);
  const policy = routine(problem, habit, daysOf(problem));
  const future = futureOf(problem);
  problem.benches.forEach((bench, d) => {
    const [work] = policy(d, bench, [future]);
    if (work) future.done.push({ day: d, work } as Done);
  });
  return future.done.map(({ day, work }) => [day, work]);
}

describe('a routine by the calendar', () => {
  it('is a round a week on its weekday, and every fourth a clean: Thursday is the third evening', () => {
    expect(done({ name: 'weekly', weekday: 4 })).toEqual([
      [2, topUp],
      [9, topUp],
      [16, topUp],
      [23, clean],
      [30, topUp],
    ]);
  });

  it('is a round a fortnight, every second a clean; or one in four weeks, each a clean', () => {
    expect(done({ name: 'fortnightly', weekday: 4 })).toEqual([
      [2, topUp],
      [16, clean],
      [30, topUp],
    ]);
    expect(done({ name: 'monthly', weekday: 4 })).toEqual([
      [2, clean],
      [30, clean],
    ]);
  });

  it('is made up for on the next evening with time, which does not move the rounds after it', () => {
    const late = done({ name: 'weekly', weekday: 4 }, (d) => (d === 2 || d === 3 ? 0 : 60));
    expect(late.map(([day]) => day)).toEqual([4, 9, 16, 23, 30]);
  });

  it('lubes where there is no time to clean', () => {
    expect(done({ name: 'monthly', weekday: 4 }, () => 20)).toEqual([
      [2, topUp],
      [30, topUp],
    ]);
  });
});

describe('a routine by ear', () => {
  const problem = problemOf();
  const policy = routine(problem, { name: 'squeak', weekday: 4 }, daysOf(problem));
  const bench = problem.benches[3] as BenchSlot;
  const heard = 0.02 * CARE.reserve.value;
  const filmed = (film: number, more: Partial<Future> = {}) => {
    const f = futureOf(problem, more);
    return { ...f, truth: { ...f.truth, film } };
  };

  it('lubes the chains that squeak, and no other', () => {
    expect(policy(3, bench, [filmed(heard), filmed(heard * 1.01)])).toEqual([topUp, null]);
  });

  it('with the lube that is on, or the first there is', () => {
    const on = (coat: number) => policy(3, bench, [filmed(0, { coat })])[0];
    expect([on(0), on(1), on(2)]).toEqual([topUp, dryTopUp, dryTopUp]);
  });
});
