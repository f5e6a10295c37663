import {
  coatKind,
  exhaustively,
  problemFor,
  randomProblem,
  rideExposure,
  workOf,
} from '@/test/plan';
import { follow } from '../simulate/follow';
import type { Days } from '../simulate/policies';
import {
  betterJobs,
  budgetFor,
  hasDeadlines,
  holding,
  isAllowed,
  weighedTotal,
} from '../simulate/search';
import type { PlannedJob } from '../simulate/sequences';
import type { BenchSlot, BikeProblem, Work } from '../solver/problem';

const topUp = workOf('top-up', 'solvent wipe', 'wet', { handsOn: 12, money: 0.4 });
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 3, money: 0 });
const clean = workOf('on-bike clean', 'brush', 'wet', { handsOn: 25, money: 0.8 });
const dryTopUp = { ...workOf('top-up', 'solvent wipe', 'dry', { handsOn: 10 }), coat: 1 };

const daysOf = (problem: BikeProblem, more: Partial<Days> = {}): Days => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
  ...more,
});
const costOf = (problem: BikeProblem, jobs: readonly PlannedJob[]) =>
  weighedTotal(follow(problem, holding(jobs), []));
const search = (problem: BikeProblem, start: PlannedJob[], tries = 1e4) =>
  betterJobs(problem, start, daysOf(problem), budgetFor(problem, daysOf(problem), tries));
const inOrder = (jobs: PlannedJob[]) => [...jobs].sort((a, b) => a.day - b.day);

/** So many days of long and dirty rides, on a chain that wants something done. */
function hardDays(seed: number, count: number, works: Work[], minutes = 60): BikeProblem {
  const drawn = randomProblem(seed, count, 2);
  const benches = drawn.benches.map((b) => ({
    ...b,
    minutes,
    rides: b.rides.map((r) => ({
      ...r,
      exposure: r.exposure.map((x) => ({ ...x, km: 2 * x.km, hours: 2 * x.hours })),
    })),
  }));
  return { ...drawn, benches, works, coats: [coatKind('wet'), coatKind('dry')] };
}

describe('the search beside the grid', () => {
  it('finds the best of all sequences from nothing, and from a top-up each evening', () => {
    for (const seed of [1, 2, 3, 4]) {
      const problem = hardDays(seed, 4, [topUp, wipe, clean]);
      const best = exhaustively(problem, () => true);
      const each = problem.benches.map((_, day) => ({ day, work: topUp }));
      for (const start of [[], each]) {
        const found = search(problem, start);
        expect([seed, found.total]).toEqual([seed, expect.closeTo(best.total, 9)]);
        expect(costOf(problem, found.jobs)).toBe(found.total);
      }
    }
  });

  /** The plan one step away: a job less, elsewhere, of another kind; two made one or changed about; one more. */
  function* neighbours(problem: BikeProblem, jobs: PlannedJob[]): Generator<PlannedJob[]> {
    const { benches, works } = problem;
    const free = (list: PlannedJob[], day: number) => !list.some((j) => j.day === day);
    for (const job of jobs) {
      const others = jobs.filter((j) => j !== job);
      yield others;
      for (const by of [-2, -1, 1, 2])
        if (free(others, job.day + by)) yield [...others, { ...job, day: job.day + by }];
      const kinds = works.filter(
        (w) =>
          w.depth !== job.work.depth &&
          (w.coat === job.work.coat || w.coat === null || job.work.coat === null),
      );
      for (const work of kinds) {
        const changed = [...others, { ...job, work }];
        yield changed;
        for (let day = 0; day < benches.length; day++)
          if (free(changed, day)) for (const more of works) yield [...changed, { day, work: more }];
      }
      const next = inOrder(others).find((j) => j.day > job.day);
      if (!next) continue;
      const rest = others.filter((j) => j !== next);
      for (let day = job.day; day <= next.day; day++)
        for (const work of works) yield [...rest, { day, work }];
      yield [...rest, { ...job, work: next.work }, { ...next, work: job.work }];
    }
    for (let day = 0; day < benches.length; day++)
      if (free(jobs, day)) for (const work of works) yield [...jobs, { day, work }];
  }

  it('leaves nothing better one step away: a job less, more, elsewhere, another kind, two made one or changed about', () => {
    const bottled = { ...topUp, bottleId: 'b', coatsLeft: 1 };
    for (const [seed, works] of [
      [11, [topUp, wipe, clean]],
      [12, [bottled]],
      [13, [bottled, wipe]],
      [14, [topUp, dryTopUp, wipe]],
      [15, [clean, wipe]],
    ] as const) {
      const problem = hardDays(seed, 9, [...works]);
      const days = daysOf(problem);
      for (const start of [[], [{ day: 0, work: works[0] }], [{ day: 8, work: works[0] }]]) {
        const found = search(problem, start);
        expect(found.total).toBeLessThanOrEqual(costOf(problem, start));
        for (const near of neighbours(problem, found.jobs)) {
          const jobs = inOrder(near);
          if (jobs.every((j) => isAllowed(problem, j, jobs, days)))
            expect(costOf(problem, jobs)).toBeGreaterThan(found.total - 1e-8);
        }
      }
    }
  });

  it('goes no further than it may: no try, no change', () => {
    const problem = hardDays(11, 6, [topUp, wipe, clean]);
    const start = [{ day: 3, work: wipe }];
    expect(search(problem, start, 0).jobs).toEqual(start);
    const few = budgetFor(problem, daysOf(problem), 5);
    betterJobs(problem, start, daysOf(problem), few);
    expect(few.tries).toBe(0);
  });

  it('finds the same from one start after another as from each alone', () => {
    for (let seed = 0; seed < 20; seed++) {
      const problem = randomProblem(seed, 8, 4);
      const days = daysOf(problem);
      const starts = [
        [],
        [{ day: 3, work: problem.works[0]! }],
        [{ day: 5, work: problem.works[1]! }],
      ];
      const budget = budgetFor(problem, days, 1e4);
      const after = starts.map((start) => betterJobs(problem, start, days, budget));
      expect(after).toEqual(starts.map((start) => search(problem, start)));
    }
  });

  it('looks into the first ten futures only, and never moves what the rider or a deadline has fixed', () => {
    const problem = hardDays(11, 6, [topUp, wipe, clean]);
    const jobs = [{ day: 2, work: clean }];
    const marked = problem.benches.map((b, d) =>
      d === 2 ? { ...b, mark: 'on-bike clean' as const } : b,
    );
    for (const fixed of [{ benches: marked }, { capDays: 40 }])
      expect(search({ ...problem, ...fixed }, jobs).jobs).toContainEqual(jobs[0]);
    const many = Array.from({ length: 14 }, (_, k) => ({ life: 1, grit: k < 10 ? 1 : 9, wear: 1 }));
    const x = rideExposure(150, { dirtPerKm: 3 });
    const ride = many.map(() => x);
    const alike = problemFor([{ ride }, { ride }, { ride }], { works: [topUp, wipe, clean] });
    const ten = { ...alike, natures: many.slice(0, 10) };
    expect(search({ ...alike, natures: many }, [])).toEqual(search(ten, []));
  });
});

describe('whether a job may be planned', () => {
  const works = [topUp, wipe, clean];
  const week = (d: number, bench: Partial<BenchSlot> = {}, more: Partial<BikeProblem> = {}) => {
    const plain = problemFor(
      Array.from({ length: 7 }, () => ({})),
      { works, ...more },
    );
    return { ...plain, benches: plain.benches.map((b, e) => (e === d ? { ...b, ...bench } : b)) };
  };
  const allowed = (
    problem: BikeProblem,
    job: PlannedJob,
    { jobs = [job], ...days }: Partial<Days> & { jobs?: PlannedJob[] } = {},
  ) => isAllowed(problem, job, jobs, daysOf(problem, days));

  it('asks for a day of the plan on which it is not to be left alone', () => {
    expect(allowed(week(2), { day: 2, work: topUp })).toBe(true);
    expect(allowed(week(2), { day: 7, work: topUp })).toBe(false);
    expect(allowed(week(2, { mark: 'leave' }), { day: 2, work: topUp })).toBe(false);
    expect(allowed(week(2, { mark: 'wipe-down' }), { day: 2, work: topUp })).toBe(true);
  });

  it('asks for the minutes, fewer where another bike is on the stand', () => {
    const minutes = [60, 60, 10, 60, 60, 60, 60];
    expect(allowed(week(2), { day: 2, work: topUp }, { minutes })).toBe(false);
    expect(allowed(week(2), { day: 3, work: topUp }, { minutes })).toBe(true);
    const shared = minutes.map(() => true);
    expect(allowed(week(2), { day: 2, work: topUp }, { minutes, shared })).toBe(true);
    expect(allowed(week(2), { day: 2, work: topUp }, { minutes: [], shared: [] })).toBe(false);
  });

  it('holds in all weathers: on the eve of a race no coat, though a wet chain might have one', () => {
    const eve = week(2, { raceEve: true });
    expect(allowed(eve, { day: 2, work: topUp })).toBe(false);
    expect(allowed(eve, { day: 2, work: wipe })).toBe(true);
  });

  it('counts the coats in the bottle, with those of other bikes', () => {
    const one = { ...topUp, bottleId: 'b', coatsLeft: 2 };
    const problem = week(2);
    const jobs = [1, 3, 5].map((day) => ({ day, work: one }));
    expect(allowed(problem, jobs[0]!, { jobs: jobs.slice(0, 2) })).toBe(true);
    expect(allowed(problem, jobs[0]!, { jobs })).toBe(false);
    expect(allowed(problem, jobs[0]!, { jobs: jobs.slice(0, 1), used: { b: 1 } })).toBe(true);
    expect(allowed(problem, jobs[0]!, { jobs: jobs.slice(0, 2), used: { b: 1 } })).toBe(false);
    expect(allowed(problem, jobs[0]!, { jobs: jobs.slice(0, 2), used: { x: 9 } })).toBe(true);
  });

  it('goes by what the jobs before it leave on the chain, and by what is on where there are none', () => {
    const waxes = { ...coatKind('drip wax'), family: 'wax' as const };
    const waxed = week(2, {}, { coats: [coatKind('wet'), waxes] });
    const onWax = { ...workOf('top-up', 'dry wipe', 'drip wax'), coat: 1, over: ['wax'] as const };
    const reset = { ...workOf('wax reset', 'wax reset', 'drip wax'), coat: 1, deep: true };
    const job = { day: 4, work: onWax };
    const after = (...jobs: PlannedJob[]) => allowed(waxed, job, { jobs: [...jobs, job] });
    expect(after()).toBe(false);
    expect(after({ day: 2, work: reset })).toBe(true);
    expect(after({ day: 2, work: reset }, { day: 3, work: wipe })).toBe(true);
    expect(after({ day: 2, work: reset }, { day: 3, work: topUp })).toBe(false);
    expect(after({ day: 5, work: reset })).toBe(false);
    expect(after({ day: 4, work: reset })).toBe(false);
    expect(allowed({ ...waxed, coatNow: 1 }, job)).toBe(true);
    expect(allowed({ ...waxed, coatNow: 9 }, job)).toBe(false);
  });

  it('knows whether a clean has a day by which it must be done', () => {
    expect(hasDeadlines(week(2))).toBe(false);
    expect(hasDeadlines(week(2, {}, { capDays: 40 }))).toBe(true);
    expect(hasDeadlines(week(2, { raceBy: 20_000 }))).toBe(true);
  });
});
