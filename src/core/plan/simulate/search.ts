import type { Costs } from './costs';
import type { Policy } from './follow';
import type { Future } from './future';
import { fixed, type Days } from './policies';
import { Sequences, type PlannedJob } from './sequences';
import { mayDo } from '../solver/rules';
import type { BikeProblem, Work } from '../solver/problem';

/** The policy that holds to some jobs. */
export const holding = (jobs: readonly PlannedJob[]): Policy =>
  fixed(new Map(jobs.map((j) => [j.day, j.work])));

/** Mean of the whole cost. */
export const meanTotal = (costs: readonly Costs[]): number =>
  costs.reduce((sum, c) => sum + c.total, 0) / Math.max(1, costs.length);

/** The same of futures, with what changes of lube must gain beside. */
export const weighedTotal = (futures: readonly Future[]): number =>
  meanTotal(futures.map((f) => f.costs)) +
  futures.reduce((sum, f) => sum + f.turns, 0) / futures.length;

/** Whether a clean is asked for by a day, whatever it costs. */
export const hasDeadlines = ({ capDays, benches }: BikeProblem): boolean =>
  capDays !== null || benches.some((b) => b.raceBy !== null);

/** Days a job is tried earlier or later by. */
const SHIFTS = [1, -1, 2, -2];
/** Futures a change is tried in; what comes of it is weighed in all. */
const TRIED_FUTURES = 10;

/** What a search for better jobs may use up, from whatever jobs it starts: tries, and the futures they are followed in. */
export interface Budget {
  tries: number;
  sequences: Sequences;
}

/** So many tries for a bike. */
export const budgetFor = (problem: BikeProblem, { shared }: Days, tries: number): Budget => {
  const some = { ...problem, natures: problem.natures.slice(0, TRIED_FUTURES) };
  return { tries, sequences: new Sequences(some, shared) };
};

/**
 * A job less or more, another work in its place, two made one, or the same a day or two earlier or later:
 * whatever makes the whole cheaper over the futures, until nothing does. The grid is coarse; this is the care
 * model's own word on its plan.
 */
export function betterJobs(
  problem: BikeProblem,
  start: PlannedJob[],
  days: Days,
  budget: Budget,
): { jobs: PlannedJob[]; total: number } {
  const { sequences } = budget;
  let best = start;
  let least = weighedTotal(sequences.hold(start));
  const isOver = () => budget.tries < 1;
  const tryOut = (next: PlannedJob[]): boolean => {
    if (isOver() || !next.every((j) => isAllowed(problem, j, next, days))) return false;
    budget.tries -= 1;
    const cost = weighedTotal(sequences.follow(next));
    if (cost >= least - 1e-9) return false;
    [best, least] = [next, cost];
    sequences.hold(next);
    return true;
  };
  const improve = (job: PlannedJob): boolean => {
    for (const next of changesOf(problem, best, job)) if (tryOut(next)) return true;
    return false;
  };
  const addTo = (jobs: readonly PlannedJob[]): boolean => {
    const before = best;
    problem.benches.forEach((_, day) => {
      if (isOver() || jobs.some((j) => j.day === day)) return;
      for (const work of problem.works) tryOut(withJob(jobs, { day, work }));
    });
    return best !== before;
  };
  /** Changes one job and adds another in the room that makes. */
  const changeAndAdd = (): boolean =>
    best.some(
      (job) =>
        !isOver() &&
        !isFixed(problem, job) &&
        insteadOf(problem, job.work).some((work) =>
          addTo(
            withJob(
              best.filter((j) => j !== job),
              { ...job, work },
            ),
          ),
        ),
    );
  let again = true;
  while (again && !isOver()) {
    const improved = best.filter((job) => !isFixed(problem, job) && improve(job)).length > 0;
    again = improved || addTo(best) || changeAndAdd();
  }
  return { jobs: best, total: least };
}

/** What may be tried instead of one of the jobs: without it, on another day, another work, or with the next in one. */
function* changesOf(
  problem: BikeProblem,
  jobs: readonly PlannedJob[],
  job: PlannedJob,
): Generator<PlannedJob[]> {
  const others = jobs.filter((j) => j !== job);
  yield others;
  for (const shift of SHIFTS) {
    const day = job.day + shift;
    if (!others.some((j) => j.day === day)) yield withJob(others, { ...job, day });
  }
  for (const work of insteadOf(problem, job.work)) yield withJob(others, { ...job, work });
  const next = others.find((j) => j.day > job.day);
  if (!next || isFixed(problem, next)) return;
  const rest = others.filter((j) => j !== next);
  for (let day = job.day; day <= next.day; day++)
    for (const work of problem.works) yield withJob(rest, { day, work });
  yield withJob(withJob(rest, { ...job, work: next.work }), { ...next, work: job.work });
}

/** Whether a job is not the planner's to move: the rider has marked it, or a deadline asks for it. */
const isFixed = (problem: BikeProblem, { day, work }: PlannedJob): boolean =>
  Boolean(problem.benches[day]?.mark) || (work.deep && hasDeadlines(problem));

/** Jobs in order of their days with one more; on a day that has some it comes after them. */
function withJob(jobs: readonly PlannedJob[], job: PlannedJob): PlannedJob[] {
  const place = jobs.findIndex(({ day }) => day > job.day);
  return place < 0 ? [...jobs, job] : [...jobs.slice(0, place), job, ...jobs.slice(place)];
}

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
