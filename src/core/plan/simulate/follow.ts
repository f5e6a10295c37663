import type { BenchSlot, BikeProblem, Work } from '../solver/problem';
import { begun, ended, throughDay, toBench } from './day';
import type { Future } from './future';

/** What is done at a bench in each future; null: nothing. */
export type Policy = (d: number, bench: BenchSlot, futures: readonly Future[]) => (Work | null)[];

/**
 * Follows a policy through every future, day by day, by the care model itself: rides, standing, work. The
 * futures share their days, so that a policy may also decide for all of them at once. `blind`: the policy looks
 * at no chain, so that what it would see need not be reckoned, and the futures tell their costs, not their jobs.
 */
export function follow(
  problem: BikeProblem,
  policy: Policy,
  shared: readonly boolean[],
  blind = false,
): Future[] {
  const way = { shared, blind };
  const futures = begun(problem, way);
  problem.benches.forEach((bench, d) => {
    toBench(futures, bench, way);
    throughDay(problem, futures, { d, works: policy(d, bench, futures) }, way);
  });
  ended(problem, futures, way);
  return futures;
}
