import type { Values } from '../solver/backward';
import type { Costs } from './costs';
import { follow, type Done, type Future, type Policy } from './follow';
import { adaptive, common, fixed, idle, type Days } from './policies';
import type { BikeProblem, Work } from '../solver/problem';
import { routine } from './routine';
import { weighStock } from './scarcity';
import { mayDo } from '../solver/rules';
import type { PlanSettings } from '../../records/plan';

/** A job of the plan: the day of the plan, and what is done. */
export interface PlannedJob {
  day: number;
  work: Work;
}

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

/** Mean of the whole cost. */
export const meanTotal = (costs: readonly Costs[]): number =>
  costs.reduce((sum, c) => sum + c.total, 0) / Math.max(1, costs.length);

/** The same of futures, with what changes of lube must gain beside. */
const weighedTotal = (futures: readonly Future[]): number =>
  meanTotal(costsOf(futures)) + futures.reduce((sum, f) => sum + f.turns, 0) / futures.length;

const jobsOf = (future: Future | undefined): PlannedJob[] =>
  (future?.done ?? []).map(({ day, work }) => ({ day, work }));

/** The policy that holds to some jobs. */
export const holding = (jobs: readonly PlannedJob[]): Policy =>
  fixed(new Map(jobs.map((j) => [j.day, j.work])));

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
  const budget = { tries: MOST_DAYS / problem.benches.length };
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

/** Whether a clean is asked for by a day, whatever it costs. */
const hasDeadlines = ({ capDays, benches }: BikeProblem): boolean =>
  capDays !== null || benches.some((b) => b.raceBy !== null);

/** Days a job is tried earlier or later by. */
const SHIFTS = [1, -1, 2, -2];
/** Futures a change is tried in; what comes of it is weighed in all. */
const TRIED_FUTURES = 10;
/** Days simulated at most, of each future: what a rider will wait for. */
const MOST_DAYS = 1700;

/**
 * A job less or more, another work in its place, two made one, or the same a day or two earlier or later:
 * whatever makes the whole cheaper over the futures, until nothing does. The grid is coarse; this is the care
 * model's own word on its plan.
 */
function betterJobs(
  problem: BikeProblem,
  start: PlannedJob[],
  days: Days,
  budget: { tries: number },
): { jobs: PlannedJob[]; total: number } {
  const some = { ...problem, natures: problem.natures.slice(0, TRIED_FUTURES) };
  const costOf = (jobs: readonly PlannedJob[]) =>
    weighedTotal(follow(some, holding(jobs), days.shared, true));
  let best = start;
  let least = costOf(start);
  const tryOut = (next: PlannedJob[]): boolean => {
    if (budget.tries < 1 || !next.every((j) => isAllowed(problem, j, next, days))) return false;
    budget.tries -= 1;
    const cost = costOf(next);
    if (cost >= least - 1e-9) return false;
    [best, least] = [next, cost];
    return true;
  };
  const fixedBy = (job: PlannedJob) => isFixed(problem, job);
  const improve = (job: PlannedJob): boolean => {
    const others = best.filter((j) => j !== job);
    if (tryOut(others)) return true;
    for (const shift of SHIFTS) {
      const day = job.day + shift;
      if (!others.some((j) => j.day === day) && tryOut(inOrder([...others, { ...job, day }])))
        return true;
    }
    if (insteadOf(problem, job.work).some((work) => tryOut(inOrder([...others, { ...job, work }]))))
      return true;
    const next = others.find((j) => j.day > job.day);
    if (!next || fixedBy(next)) return false;
    const rest = others.filter((j) => j !== next);
    for (let day = job.day; day <= next.day; day++)
      if (problem.works.some((work) => tryOut(inOrder([...rest, { day, work }])))) return true;
    return tryOut(inOrder([...rest, { ...job, work: next.work }, { ...next, work: job.work }]));
  };
  const addTo = (jobs: readonly PlannedJob[]): boolean => {
    const before = best;
    problem.benches.forEach((_, day) => {
      if (jobs.some((j) => j.day === day)) return;
      for (const work of problem.works) tryOut(inOrder([...jobs, { day, work }]));
    });
    return best !== before;
  };
  /** Changes one job and adds another in the room that makes. */
  const changeAndAdd = (): boolean =>
    best.some(
      (job) =>
        !fixedBy(job) &&
        insteadOf(problem, job.work).some((work) =>
          addTo(inOrder([...best.filter((j) => j !== job), { ...job, work }])),
        ),
    );
  let again = true;
  while (again && budget.tries >= 1) {
    const improved = best.filter((job) => !fixedBy(job) && improve(job)).length > 0;
    again = improved || addTo(best) || changeAndAdd();
  }
  return { jobs: best, total: least };
}

/** Whether a job is not the planner's to move: the rider has marked it, or a deadline asks for it. */
const isFixed = (problem: BikeProblem, { day, work }: PlannedJob): boolean =>
  Boolean(problem.benches[day]?.mark) || (work.deep && hasDeadlines(problem));

const inOrder = (jobs: PlannedJob[]): PlannedJob[] => jobs.sort((a, b) => a.day - b.day);

/** Works of another depth that leave the same lube, or none. */
const insteadOf = ({ works }: BikeProblem, work: Work): Work[] =>
  works.filter(
    (w) =>
      w.depth !== work.depth && (w.coat === work.coat || w.coat === null || work.coat === null),
  );

/** Whether the rules let a job be done on its day after the jobs before it, whatever the weather. */
export function isAllowed(
  problem: BikeProblem,
  job: PlannedJob,
  jobs: readonly PlannedJob[],
  { minutes, shared, used }: Days,
): boolean {
  const bench = problem.benches[job.day];
  if (!bench || bench.mark === 'leave') return false;
  const { bottleId, coatsLeft } = job.work;
  if (bottleId !== null && coatsLeft !== null) {
    const wanted = jobs.filter((j) => j.work.bottleId === bottleId).length;
    if (wanted + (used?.[bottleId] ?? 0) > coatsLeft) return false;
  }
  const before = jobs.filter((j) => j.day < job.day && j.work.coat !== null).at(-1);
  const coat = before?.work.coat ?? problem.coatNow;
  const on = {
    family: problem.coats[coat]?.family ?? ('bare' as const),
    coat,
    minutes: minutes[job.day] ?? 0,
    shared: shared[job.day] ?? false,
  };
  return [false, true].every((wet) => mayDo(job.work, bench, { ...on, wet }));
}
