import fc from 'fast-check';
import { exhaustively, problemFor, randomProblem, rideExposure, workOf } from '@/test/plan';
import { plainly } from '@/test/plainPlanner';
import { HANDBOOK } from '@/core/care/model/personal';
import { ride } from '@/core/care/model/ride';
import { solve } from '../solver/backward';
import { follow } from '../simulate/follow';
import { COGS, FILM, INSIDE, OUTSIDE, STATES, valueAt, GRITS } from '../solver/grid';
import { Move, movedValues, standingValues } from '../solver/move';
import { planBike } from '../simulate/planBike';
import { holding, isAllowed, meanTotal } from '../simulate/search';
import { adaptive, idle } from '../simulate/policies';
import { DEFAULT_PLAN } from '../../settings/planDefaults';
import { drynessBetween, gritAfter, gritRate } from '../solver/steps';
import { cases } from '@/test/cases';

const share = fc.double({ min: 0, max: 1, noNaN: true });

describe('the grid', () => {
  const values = Float64Array.from({ length: STATES }, (_, n) => Math.sin(n));
  const straight = new Float64Array(STATES);
  FILM.forEach((film, f) =>
    OUTSIDE.forEach((o, a) =>
      INSIDE.forEach((i, b) =>
        COGS.forEach((c, d) => {
          straight[f * GRITS + (a * INSIDE.length + b) * COGS.length + d] =
            3 * film - 2 * o + 5 * i + c;
        }),
      ),
    ),
  );

  it('gives a straight function back exactly, anywhere', () => {
    fc.assert(
      fc.property(share, share, share, share, (film, o, i, c) => {
        expect(valueAt(straight, 0, film, { o, i, c })).toBeCloseTo(
          3 * film - 2 * o + 5 * i + c,
          9,
        );
      }),
    );
  });

  it('moves all its states at once as it would one by one', () => {
    const to = { o: (o: number) => o * 0.4, i: (i: number) => 1 - (1 - i) * 0.9 };
    const move = new Move();
    FILM.forEach((film, f) => (move.film[f] = film * 0.7));
    OUTSIDE.forEach((o, a) => COGS.forEach((c, d) => move.setPair(a, d, to.o(o), c * 0.3)));
    const each = (visit: (o: number, i: number, c: number, g: number) => void) => {
      let g = 0;
      for (const o of OUTSIDE) for (const i of INSIDE) for (const c of COGS) visit(o, i, c, g++);
    };
    // Grit inside goes a way of its own from each point.
    const inside = (o: number, i: number, c: number) => to.i(i) * (1 - 0.2 * o * c);
    each((o, i, c, g) => move.setInside(g, inside(o, i, c)));
    const two = Float64Array.from([...values, ...values.toReversed()]);
    for (const base of [0, STATES]) {
      const out = new Float64Array(STATES);
      movedValues(two, base, move, out);
      FILM.forEach((film, f) =>
        each((o, i, c, g) =>
          expect(out[f * GRITS + g]).toBeCloseTo(
            valueAt(two, base, film * 0.7, { o: to.o(o), i: inside(o, i, c), c: c * 0.3 }),
            9,
          ),
        ),
      );
    }
  });

  it('moves films alone where no grit moves', () => {
    const films = Float64Array.from(FILM, (film) => film * 0.7);
    const stood = new Float64Array(STATES);
    standingValues(values, 0, films, stood);
    const move = new Move();
    move.film.set(films);
    OUTSIDE.forEach((o, a) => COGS.forEach((c, d) => move.setPair(a, d, o, c)));
    for (let g = 0; g < GRITS; g++)
      move.setInside(g, INSIDE[Math.floor(g / COGS.length) % INSIDE.length]!);
    const moved = new Float64Array(STATES);
    movedValues(values, 0, move, moved);
    stood.forEach((value, n) => expect(value).toBeCloseTo(moved[n]!, 9));
  });
});

describe('its ride', () => {
  it('gathers grit as the care model does', () => {
    fc.assert(
      fc.property(share, share, fc.double({ min: 5, max: 120, noNaN: true }), (o, c, km) => {
        const x = rideExposure(km, { dirtPerKm: 2, waterMm: km / 30 });
        const problem = problemFor([]);
        const before = { ...problem.state, outside: o, inside: 0.2 };
        const exact = ride(before, c, x, HANDBOOK);
        const out = { o: 0, c: 0, meanO: 0, to: 1, left: 1 };
        gritAfter(o, c, gritRate(x, 'wet', 1), out);
        expect(out.o).toBeCloseTo(exact.state.outside, 2);
        expect(out.c).toBeCloseTo(exact.cogs, 3);
        expect(out.to + (0.2 - out.to) * out.left).toBeCloseTo(exact.state.inside, 2);
      }),
    );
  });

  it('is dry by as much as the film lies below the reserve, on average', () => {
    fc.assert(
      fc.property(share, share, (a, fall) => {
        const b = a - fall;
        const dry = drynessBetween(a, b);
        let sum = 0;
        let below = 0;
        for (let n = 0.5; n < 2000; n++) {
          const film = Math.max(0, a + ((b - a) * n) / 2000);
          const d = Math.max(0, (0.15 - film) / 0.15);
          sum += d / 2000;
          if (d > 0) below += 1 / 2000;
        }
        expect(dry.mean).toBeCloseTo(sum, 2);
        expect(dry.share).toBeCloseTo(below, 2);
      }),
    );
  });
});

const daysOf = (problem: { benches: readonly { minutes: number }[] }) => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
});

describe('the plan', () => {
  it('has the values of the planner one would write first', () => {
    const problem = randomProblem(7, 3, 2);
    // What the plain one leaves out: wet chains.
    for (const bench of problem.benches)
      for (const r of bench.rides)
        for (const x of r.exposure) Object.assign(x, { waterMm: 0, wetShare: 0 });
    const { before } = solve(problem, daysOf(problem).minutes, daysOf(problem).shared);
    const plain = plainly(problem);
    for (const [film, o, i, c] of [
      [1, 0.05, 0.06, 0.2],
      [0.8, 0.12, 0.06, 0.2],
      [0.3, 0.35, 0.15, 0.5],
      [0.15, 0.5, 0.3, 0],
      [0, 0.7, 0.5, 1],
    ] as const) {
      const fast = valueAt(before, 0, film, { o, i, c });
      // They differ in their steps along a ride, and in blending film and grit one after the other.
      expect(Math.abs(fast / plain(0, { film, o, i, c }) - 1)).toBeLessThan(0.03);
    }
  });

  it('equals the best of all sequences where the grid holds the state exactly', () => {
    // A clean chain on a clean road: grit stays at nothing, and each ride takes 0.4 of the film, which
    // leads from grid point to grid point: 1, 0.6, 0.2, 0.
    const clean = [rideExposure(160, { dirtPerKm: 0, hours: 6 })];
    for (const film of [1, 0.6, 0.2, 0]) {
      const problem = problemFor(
        Array.from({ length: 6 }, () => ({ ride: clean })),
        {
          cogs: 0,
          works: [workOf('top-up', 'solvent wipe', 'wet')],
        },
      );
      Object.assign(problem.state, { film, outside: 0, inside: 0, lifeKm: 400 });
      const values = solve(problem, daysOf(problem).minutes, daysOf(problem).shared);
      const followed = follow(problem, adaptive(problem, values, daysOf(problem)), []);
      const best = exhaustively(problem, () => true);
      expect(meanTotal(followed.map((f) => f.costs))).toBeCloseTo(best.total, 9);
    }
  });

  it('is within 2 % of the best of all sequences on 200 small cases of 6 days and 3 actions', () => {
    const worst: number[] = [];
    for (const futures of [1, 3])
      for (let seed = 0; seed < cases(100); seed++) {
        const problem = randomProblem(seed, 6, futures);
        const days = daysOf(problem);
        const plan = planBike(problem, DEFAULT_PLAN, days);
        const best = exhaustively(problem, (d, w) =>
          isAllowed(problem, { day: d, work: w }, [], days),
        );
        worst.push(meanTotal(plan.plan) / best.total);
      }
    expect(Math.max(...worst)).toBeLessThan(1.02);
  }, 240_000);

  it('is never worse than doing nothing or the routine, on its own futures', () => {
    for (let seed = 300; seed < 300 + cases(30); seed++) {
      const problem = randomProblem(seed, 12, 4);
      const name = (['weekly', 'fortnightly', 'monthly', 'squeak'] as const)[seed % 4] ?? 'weekly';
      const settings = { ...DEFAULT_PLAN, routine: { name, weekday: 1 + (seed % 7) } };
      const { plan, routine, nothing } = planBike(problem, settings, daysOf(problem));
      expect(meanTotal(plan)).toBeLessThanOrEqual(meanTotal(routine) + 1e-9);
      expect(meanTotal(plan)).toBeLessThanOrEqual(meanTotal(nothing) + 1e-9);
      const idled = follow(problem, idle, []).map((f) => f.costs);
      expect(meanTotal(nothing)).toBeCloseTo(meanTotal(idled), 9);
    }
  });

  it('is never worse than jobs it is given to start from', () => {
    for (let seed = 700; seed < 700 + cases(20); seed++) {
      const problem = randomProblem(seed, 14, 4);
      const days = daysOf(problem);
      const first = problem.works[0]!;
      const jobs = [2, 7, 11].map((day) => ({ day, work: { ...first } }));
      if (!jobs.every((j) => isAllowed(problem, j, jobs, days))) continue;
      const given = meanTotal(follow(problem, holding(jobs), days.shared).map((f) => f.costs));
      const { plan } = planBike(problem, DEFAULT_PLAN, days, { jobs });
      expect(meanTotal(plan)).toBeLessThanOrEqual(given + 1e-9);
    }
  });

  it('never becomes costlier by more minutes, by its own reckoning', () => {
    for (let seed = 400; seed < 400 + cases(20); seed++) {
      const problem = randomProblem(seed, 8, 3);
      const few = problem.benches.map((_, d) => (seed * 7 + d * 13) % 40);
      const more = few.map((m, d) => m + ((seed + d) % 3) * 12);
      const worthAt = (minutes: number[]) => {
        const open = { ...problem, benches: problem.benches.map((b) => ({ ...b, minutes: 600 })) };
        return solve(
          open,
          minutes,
          minutes.map(() => false),
        ).before;
      };
      const [a, b] = [worthAt(few), worthAt(more)];
      for (let n = 0; n < a.length; n += 7) expect(b[n]!).toBeLessThanOrEqual(a[n]! + 1e-9);
    }
  });

  it('followed through its futures costs no more by more minutes, but for the grid’s last half per cent', () => {
    for (let seed = 600; seed < 600 + cases(30); seed++) {
      const problem = randomProblem(seed, 12, 4);
      const few = problem.benches.map((_, d) => [0, 15, 20, 40][(seed * 7 + d * 13) % 4] ?? 0);
      const more = few.map((m, d) => m + ([0, 15, 30][(seed + d * 5) % 3] ?? 0));
      const costOf = (minutes: number[]) =>
        meanTotal(planBike(problem, DEFAULT_PLAN, { ...daysOf(problem), minutes }).plan);
      expect(costOf(more)).toBeLessThanOrEqual(costOf(few) * 1.005);
    }
  }, 60_000);

  it('never does a job whose coat has not set when the next ride starts', () => {
    for (let seed = 500; seed < 500 + cases(30); seed++) {
      const problem = randomProblem(seed, 10, 3);
      const slow = problem.works.map((w) => ({
        ...w,
        setHours: 3 + (seed % 14),
        carrier: 'none' as const,
      }));
      const plan = planBike({ ...problem, works: slow }, DEFAULT_PLAN, daysOf(problem));
      for (const futures of [plan.free.map((f) => f.done), plan.held])
        for (const done of futures)
          for (const { day, work } of done) {
            const bench = problem.benches[day]!;
            const ready = bench.from + (work.elapsed / 60 + work.setHours) * 3_600_000;
            if (bench.nextRideAt !== null)
              expect(ready).toBeLessThanOrEqual(bench.nextRideAt + 60_000);
          }
    }
  });
});
