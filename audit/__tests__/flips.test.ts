import { minutesOfDays } from '@/core/plan/agenda/benches';
import { problemOf } from '@/core/plan/agenda/problemOf';
import { planBike } from '@/core/plan/simulate/planBike';
import { planRider } from '../planRiders';

/** Riders with wax and oil on the shelf; 135 was stripped for wax and lubed over four days later. */
const SEEDS = [1, 4, 11, 12, 20, 35, 57, 90, 121, 135];

/** How often a rider's plan changes between wax and oil. */
function turns(seed: number): number {
  const request = planRider(seed);
  const problem = problemOf(request, request.bikes[0]!);
  const minutes = minutesOfDays(request);
  const days = { minutes, shared: minutes.map(() => false) };
  const { jobs } = planBike(problem, request.settings.plan, days);
  const families = jobs.flatMap(({ work }) =>
    work.coat === null ? [] : [problem.coats[work.coat]?.family],
  );
  const all = [problem.coats[problem.coatNow]?.family, ...families];
  return all.filter((family, n) => n > 0 && family !== all[n - 1]).length;
}

describe('a plan with wax and oil on the shelf', () => {
  it.each(SEEDS)('does not go there and back within four weeks: rider %i', (seed) => {
    expect(turns(seed)).toBeLessThan(2);
  });
});
