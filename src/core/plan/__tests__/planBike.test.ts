import { coatKind, problemFor, randomProblem, rideExposure, workOf } from '@/test/plan';
import { DEFAULT_PLAN } from '../../settings/planDefaults';
import { follow } from '../simulate/follow';
import { planBike } from '../simulate/planBike';
import { adaptive, common, idle } from '../simulate/policies';
import { routine } from '../simulate/routine';
import { holding, isAllowed, meanTotal, weighedTotal } from '../simulate/search';
import { solve } from '../solver/backward';
import { STATES } from '../solver/grid';
import type { BikeProblem } from '../solver/problem';

const daysOf = (problem: BikeProblem) => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
});
const NEVER = { ...DEFAULT_PLAN, routine: { name: 'squeak' as const, weekday: 1 } };
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 3, money: 0 });
const topUp = workOf('top-up', 'solvent wipe', 'wet');
const clean = workOf('on-bike clean', 'brush', 'wet', { handsOn: 30 });

describe('the plan of a bike', () => {
  it('follows whichever is cheapest in its futures: its dates, day by day, the routine or nothing', () => {
    const met = new Set<string>();
    for (let seed = 0; seed < 12; seed++) {
      const problem = randomProblem(seed, 10, 3);
      const days = daysOf(problem);
      const plan = planBike(problem, DEFAULT_PLAN, days);
      const values = solve(problem, days.minutes, days.shared);
      const run = (policy: Parameters<typeof follow>[1]) => follow(problem, policy, days.shared);
      const by = {
        adaptive: run(adaptive(problem, values, days)),
        held: run(holding(plan.jobs)),
        routine: run(routine(problem, DEFAULT_PLAN.routine, days)),
        nothing: run(idle),
      };
      const least = Math.min(...Object.values(by).map(weighedTotal));
      expect(weighedTotal(by[plan.basis])).toBeCloseTo(least, 9);
      expect(plan.plan).toEqual(by[plan.basis].map((f) => f.costs));
      expect(plan.routine).toEqual(by.routine.map((f) => f.costs));
      expect(plan.nothing).toEqual(by.nothing.map((f) => f.costs));
      expect(plan.held).toEqual(by.held.map((f) => f.done));
      expect(plan.free.map((f) => f.costs)).toEqual(by.adaptive.map((f) => f.costs));
      expect(plan.jobs.every((j) => isAllowed(problem, j, plan.jobs, days))).toBe(true);
      // What the solved values alone would write on a calendar is no cheaper.
      expect(weighedTotal(by.held)).toBeLessThanOrEqual(
        weighedTotal(run(common(problem, values, days))) + 1e-9,
      );
      met.add(plan.basis);
    }
    expect(met.size).toBeGreaterThan(1);
  });

  it('is nothing where nobody rides a chain that wants nothing', () => {
    const problem = problemFor([{}, {}, {}, {}], { works: [topUp, wipe, clean] });
    const { jobs, plan, nothing } = planBike(problem, NEVER, daysOf(problem));
    expect(jobs).toEqual([]);
    expect(plan).toEqual(nothing);
  });

  it('does what the rider pinned, and cleans by the calendar’s day, though nothing were cheaper', () => {
    const problem = problemFor([{}, {}, {}, {}], { works: [topUp, wipe, clean] });
    const benches = problem.benches.map((b, d) =>
      d === 2 ? { ...b, mark: 'wipe-down' as const } : b,
    );
    const pinned = planBike({ ...problem, benches }, NEVER, daysOf(problem));
    expect(pinned.jobs).toEqual([{ day: 2, work: wipe }]);
    expect(['adaptive', 'held']).toContain(pinned.basis);
    const first = problem.benches[0]!.day;
    const capped = { ...problem, capDays: 30, lastCleanDay: first - 28 };
    const cleaned = planBike(capped, NEVER, daysOf(problem));
    expect(cleaned.jobs).toEqual([{ day: 2, work: clean }]);
    expect(['adaptive', 'held']).toContain(cleaned.basis);
  });

  it('takes up jobs it is given where they are better, with its own works in place of theirs', () => {
    const seeds = [3, 5, 8];
    for (const seed of seeds) {
      const problem = randomProblem(seed, 12, 3);
      const days = daysOf(problem);
      const own = planBike(problem, DEFAULT_PLAN, days);
      const given = own.jobs.map((j) => ({ ...j, work: { ...j.work, money: 99 } }));
      const foreign = { day: 1, work: { ...topUp, coat: 5 } };
      const again = planBike(problem, DEFAULT_PLAN, days, {
        values: own.values,
        jobs: [...given, foreign],
      });
      expect(meanTotal(again.plan)).toBeLessThanOrEqual(meanTotal(own.plan) + 1e-9);
      for (const { work } of again.jobs) expect(problem.works).toContain(work);
      expect(again.values).toBe(own.values);
    }
  });

  it('follows jobs it is given where there is no time to search, each with its own work of that kind', () => {
    // Four hundred days leave four tries: what is not given is not found, and the values know nothing.
    const ride = [rideExposure(60, { dirtPerKm: 0.2 })];
    const coats = [coatKind('wet'), coatKind('dry')];
    const dry = { ...workOf('top-up', 'solvent wipe', 'dry'), coat: 1 };
    const scrubbed = { ...clean, spec: { ...clean.spec, method: 'scrubber' as const } };
    const problem = problemFor(
      Array.from({ length: 400 }, () => ({ ride })),
      { works: [wipe, scrubbed, clean, dry, topUp], coats },
    );
    const none = new Float64Array(coats.length * STATES);
    const values = { before: none, after: problem.benches.map(() => none) };
    const asWritten = (work: typeof topUp) => ({ ...work, money: 99 });
    const jobs = [...Array(66).keys()].map((n) => ({
      day: 6 * n + 5,
      work: asWritten(n % 6 === 5 ? clean : topUp),
    }));
    const foreign = { day: 1, work: { ...topUp, coat: 7 } };
    const plan = planBike(problem, NEVER, daysOf(problem), { values, jobs: [...jobs, foreign] });
    const own = jobs.map((j) => ({ ...j, work: j.work.deep ? clean : topUp }));
    const kept = plan.jobs.filter((j) => own.some((o) => o.day === j.day && o.work === j.work));
    expect(plan.basis).toBe('held');
    expect(kept.length).toBeGreaterThan(own.length - 5);
    expect(plan.jobs.every((j) => problem.works.includes(j.work))).toBe(true);
    expect(meanTotal(plan.plan)).toBeLessThanOrEqual(
      meanTotal(follow(problem, holding(own), []).map((f) => f.costs)) + 1e-9,
    );
  });

  it('of a routine that differs from future to future holds the dates of the middle one', () => {
    // By ear: the longer the rides of a future, the sooner its chain squeaks, and no date fits all. The values know nothing.
    const rides = [30, 100, 330].map((km) => rideExposure(km, { dirtPerKm: 0.01 }));
    const problem = problemFor(
      Array.from({ length: 28 }, () => ({ ride: rides })),
      { works: [topUp], limits: { outside: 0.9, inside: 0.9 } },
    );
    const days = daysOf(problem);
    const none = new Float64Array(STATES);
    const values = { before: none, after: problem.benches.map(() => none) };
    const plan = planBike(problem, NEVER, days, { values });
    const heard = follow(problem, routine(problem, NEVER.routine, days), days.shared);
    const middle = [...heard].sort((a, b) => a.costs.total - b.costs.total)[1]!;
    expect(plan.basis).toBe('routine');
    expect(plan.jobs).toEqual(middle.done.map(({ day, work }) => ({ day, work })));
    expect(plan.jobs.length).toBeGreaterThan(1);
  });
});
