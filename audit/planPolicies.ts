import { isWax } from '@/core/lube/classes';
import { readClocks } from '@/core/care/verdict/clocks';
import { problemOf } from '@/core/plan/agenda/problemOf';
import { minutesOfDays } from '@/core/plan/agenda/benches';
import type { PlanRequest } from '@/core/plan/agenda/request';
import { follow, type Policy } from '@/core/plan/simulate/follow';
import { isWet, type Future } from '@/core/plan/simulate/future';
import { planBike } from '@/core/plan/simulate/planBike';
import { holding, meanTotal } from '@/core/plan/simulate/search';
import { adaptive, choicesOf, idle, type Days } from '@/core/plan/simulate/policies';
import { routine } from '@/core/plan/simulate/routine';
import type { BikeProblem, Work } from '@/core/plan/solver/problem';
import { demoPlan } from '@/test/demoPlan';

/** Futures the plan has not seen, and the seed they grow from. */
const FRESH = { futures: 100, seed: 40_404 };

export const POLICIES = [
  'do nothing',
  'every Sunday',
  'when it squeaks',
  'lube at 0.15',
  'lube at 0.30',
  'by the clocks',
  'the plan’s dates',
  'the plan, re-formed',
] as const;
export type PolicyName = (typeof POLICIES)[number];

/** The first allowed work of a kind with the lube that is on, else with any. */
function pick(works: readonly Work[], f: Future, which: (w: Work) => boolean): Work | null {
  const fitting = works.filter(which);
  return fitting.find((w) => w.coat === f.coat) ?? fitting[0] ?? null;
}
const lubes = (w: Work) => w.coat !== null && !w.deep;

/** Lubes when the film has fallen so far; nothing else is ever done. */
const lubeAt =
  (problem: BikeProblem, days: Days, film: number): Policy =>
  (d, _, futures) =>
    futures.map((f) =>
      f.reckoned.film <= film ? pick(choicesOf(problem, days, d, f).works, f, lubes) : null,
    );

/** Does what the clocks of the verdict call for, when they call. */
const byClocks =
  (problem: BikeProblem, request: PlanRequest, days: Days): Policy =>
  (d, _, futures) =>
    futures.map((f) => {
      const limits = { standard: request.settings.standard, wearPercent: 9 };
      const fired = readClocks(f.reckoned, limits).flatMap((c) => (c.fired ? [c.name] : []));
      const { works } = choicesOf(problem, days, d, f);
      const deep = pick(works, f, (w) => w.deep);
      if (fired.includes('inside') && deep) return deep;
      const dry = fired.some((c) => ['film', 'standing', 'bare', 'wet'].includes(c));
      // What renews hot wax is its pot.
      if (dry || isWet(f.reckoned)) {
        const { lube } = f.reckoned;
        return dry ? (pick(works, f, lubes) ?? (isWax(lube) ? deep : null)) : null;
      }
      return fired.includes('outside') ? pick(works, f, (w) => w.coat === null) : null;
    });

/** Returns the mean whole cost of each policy for a rider, over futures the plan was not made in. */
export function costsOfPolicies(request: PlanRequest): Record<PolicyName, number> {
  const [bike] = request.bikes;
  if (!bike) throw new Error('A rider without a bike has nothing to plan.');
  const minutes = minutesOfDays(request);
  const days: Days = { minutes, shared: minutes.map(() => false) };
  const { plan } = request.settings;
  const made = planBike(problemOf(request, bike), plan, days);
  const problem = problemOf({ ...request, ...FRESH }, bike);
  const costs = (policy: Policy) =>
    meanTotal(follow(problem, policy, days.shared).map((f) => f.costs));
  return {
    'do nothing': costs(idle),
    'every Sunday': costs(routine(problem, { name: 'weekly', weekday: 7 }, days)),
    'when it squeaks': costs(routine(problem, { name: 'squeak', weekday: 7 }, days)),
    'lube at 0.15': costs(lubeAt(problem, days, 0.15)),
    'lube at 0.30': costs(lubeAt(problem, days, 0.3)),
    'by the clocks': costs(byClocks(problem, request, days)),
    'the plan’s dates': costs(holding(made.jobs)),
    'the plan, re-formed': costs(adaptive(problem, made.values, days)),
  };
}

/** Returns the demo, a bike at a time. */
export function demoRiders(): PlanRequest[] {
  const { request } = demoPlan();
  return request.bikes.map((bike) => ({
    ...request,
    bikes: [bike],
    rides: request.rides.filter((r) => r.bikeId === bike.bike.id),
  }));
}
