import { meanCosts, type Costs } from '../simulate/costs';
import { follow, type Policy } from '../simulate/follow';
import type { BikePlan } from '../simulate/planBike';
import { adaptive, type Days } from '../simulate/policies';
import type { PlannedJob } from '../simulate/sequences';
import type { BikeProblem } from '../solver/problem';

/** Days a job is left undone to tell what that costs. */
const PUT_OFF_DAYS = 7;
/** Futures it is estimated from: two runs a job, since it is shown in round figures. */
const ESTIMATE_FUTURES = 10;

/** What leaving a job costs on average; watts are lost over so many km. */
export type PutOff = Pick<
  Costs,
  'dryKm' | 'wear' | 'wearMoney' | 'rust' | 'wattHours' | 'total'
> & { watts: number; km: number };

/** Km of rides before a day of the plan. */
export const kmBefore = ({ before, benches }: BikeProblem, day: number): number =>
  [...before, ...benches.slice(0, day).flatMap((b) => b.rides)].reduce(
    (km, ride) => km + (ride.exposure[0]?.km ?? 0),
    0,
  );

/** Returns the mean cost of leaving a job for a week and going on with the plan then. */
export function putOffOf(
  problem: BikeProblem,
  plan: BikePlan,
  job: PlannedJob,
  days: Days,
): PutOff {
  const some = { ...problem, natures: problem.natures.slice(0, ESTIMATE_FUTURES) };
  const jobs = new Map(plan.jobs.map((j) => [j.day, j.work]));
  const after = adaptive(problem, plan.values, days);
  const until = job.day + PUT_OFF_DAYS;
  const doing: Policy = (d, bench, futures) =>
    d <= job.day ? futures.map(() => jobs.get(d) ?? null) : after(d, bench, futures);
  const leaving: Policy = (d, bench, futures) =>
    d < job.day
      ? futures.map(() => jobs.get(d) ?? null)
      : d < until
        ? futures.map(() => null)
        : after(d, bench, futures);
  const a = meanCosts(follow(some, doing, days.shared).map((f) => f.costs));
  const b = meanCosts(follow(some, leaving, days.shared).map((f) => f.costs));
  const km = kmBefore(problem, until) - kmBefore(problem, job.day);
  const hours = Math.max(
    1e-9,
    problem.benches
      .slice(job.day, until)
      .flatMap((x) => x.rides)
      .reduce((sum, r) => sum + r.hours, 0),
  );
  return {
    dryKm: b.dryKm - a.dryKm,
    wear: b.wear - a.wear,
    wearMoney: b.wearMoney - a.wearMoney,
    rust: b.rust - a.rust,
    wattHours: b.wattHours - a.wattHours,
    total: b.total - a.total,
    watts: km > 0 ? (b.wattHours - a.wattHours) / hours : 0,
    km,
  };
}
