import type { Values } from '../solver/backward';
import type { Costs } from './costs';
import { follow, type Policy } from './follow';
import type { Done, Future } from './future';
import { adaptive, common, idle, type Days } from './policies';
import type { BikeProblem } from '../solver/problem';
import { routine } from './routine';
import { weighStock } from './scarcity';
import { betterJobs, budgetFor, hasDeadlines, holding, weighedTotal } from './search';
import type { PlannedJob } from './sequences';
import type { PlanSettings } from '../../records/plan';

/**
 * Whose jobs the plan follows: its own, re-formed from day to day or held to; the rider's routine where that
 * is as good; or none.
 */
export type Basis = 'adaptive' | 'held' | 'routine' | 'nothing';

/** What was found before. */
interface Known {
  values?: Values;
  jobs?: PlannedJob[];
}

export interface BikePlan {
  basis: Basis;
  jobs: PlannedJob[];
  values: Values;
  /** The chain as it was before each job, in each future of the dates held to. */
  held: readonly (readonly Done[])[];
  /** The futures of the plan re-formed from day to day. */
  free: readonly Future[];
  /** Costs of the plan, of the routine and of doing nothing, future by future. */
  plan: Costs[];
  routine: Costs[];
  nothing: Costs[];
}

const costsOf = (futures: readonly Future[]): Costs[] => futures.map((f) => f.costs);

const jobsOf = (future: Future | undefined): PlannedJob[] =>
  (future?.done ?? []).map(({ day, work }) => ({ day, work }));

/** Days simulated at most, of each future: what a rider will wait for. */
const MOST_DAYS = 1700;

/**
 * The plan of one bike in the days there are. It is the best, over the futures, of what the solved values
 * say, of the rider's routine and of doing nothing: never worse than either. `known`: values solved before
 * for nearly the same days, and jobs to start the search from too.
 */
export function planBike(
  asked: BikeProblem,
  settings: PlanSettings,
  days: Days,
  known: Known = {},
): BikePlan {
  const { problem, values, ...weighed } = weighStock(asked, known.values, days);
  const run = (policy: Policy) => follow(problem, policy, days.shared);
  const first = run(common(problem, values, days));
  const budget = budgetFor(problem, days, MOST_DAYS / problem.benches.length);
  // What the rider pinned, or a race or the calendar asks for, is not weighed against leaving it.
  const bound = hasDeadlines(problem) || problem.benches.some((b) => b.mark !== null);
  const starts = [
    ...(known.jobs ? [worksOf(problem, known.jobs)] : []),
    jobsOf(first[0]),
    ...(bound ? [] : [[]]),
  ];
  const bettered = starts.map((start) => betterJobs(problem, start, days, budget));
  const jobs = bettered.reduce((a, b) => (b.total < a.total - 1e-9 ? b : a)).jobs;
  const held = run(holding(jobs));
  const free = weighed.free ?? run(adaptive(problem, values, days));
  const asBefore = run(routine(problem, settings.routine, days));
  const nothing = run(idle);
  const own: [Basis, Future[], PlannedJob[]][] = [
    ['adaptive', free, jobs],
    ['held', held, jobs],
  ];
  const options: typeof own = bound
    ? own
    : [...own, ['routine', asBefore, middleJobs(asBefore)], ['nothing', nothing, []]];
  const [basis, futures, chosen] = options.reduce((a, b) =>
    weighedTotal(b[1]) < weighedTotal(a[1]) - 1e-9 ? b : a,
  );
  return {
    basis,
    jobs: chosen,
    values,
    held: (chosen === jobs ? held : run(holding(chosen))).map((f) => f.done),
    free,
    plan: costsOf(futures),
    routine: costsOf(asBefore),
    nothing: costsOf(nothing),
  };
}

/** Returns the jobs with the works of a problem that are the same as theirs; those it has not got are left out. */
const worksOf = ({ works }: BikeProblem, jobs: readonly PlannedJob[]): PlannedJob[] =>
  jobs.flatMap(({ day, work: { depth, coat, spec } }) => {
    const work = works.find(
      (w) => w.depth === depth && w.coat === coat && w.spec.method === spec.method,
    );
    return work ? [{ day, work }] : [];
  });

/** Of a policy that differs from future to future, the jobs of the middle one. */
function middleJobs(futures: readonly Future[]): PlannedJob[] {
  const sorted = [...futures].sort((a, b) => a.costs.total - b.costs.total);
  return jobsOf(sorted[Math.floor(sorted.length / 2)]);
}
