import { problemFor, rideExposure, workOf } from '@/test/plan';
import { DEFAULT_PLAN } from '../../settings/planDefaults';
import { agendaOf } from '../agenda/agenda';
import type { BikeNow } from '../agenda/request';
import { planBike } from '../simulate/planBike';

const topUp = workOf('top-up', 'solvent wipe', 'wet');
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 3 });
const ride = [rideExposure(40)];

describe('how sure a job of the agenda is', () => {
  // Ridden after the benches of days 1 and 4; the job is on day 3.
  const problem = problemFor([{}, { ride }, {}, {}, { ride }, {}, { ride }, {}], {
    works: [topUp, wipe],
  });
  const days = {
    minutes: problem.benches.map((b) => b.minutes),
    shared: problem.benches.map(() => false),
  };
  const plan = planBike(problem, DEFAULT_PLAN, days);
  const sureIf = (day: number, work = topUp): number | undefined => {
    const [future] = plan.free;
    const done = [{ day, work, film: 0, outside: 0, inside: 0, wet: false }];
    const held = { ...plan, jobs: [{ day: 3, work: topUp }], free: [{ ...future!, done }] };
    return agendaOf(problem, { jobsDone: 0 } as BikeNow, held, days)[0]?.confidence;
  };

  it('counts the day before and after, and any evening before the same ride', () => {
    expect([0, 1, 2, 3, 4, 5, 6].map((day) => sureIf(day))).toEqual([0, 0, 1, 1, 1, 0, 0]);
    const quiet = problemFor([{}, {}, {}, {}, {}, {}, { ride }, {}], { works: [topUp, wipe] });
    problem.benches.forEach((bench, d) => Object.assign(bench, { rides: quiet.benches[d]!.rides }));
    expect([0, 1, 2, 3, 4, 5, 6, 7].map((day) => sureIf(day))).toEqual([1, 1, 1, 1, 1, 1, 1, 0]);
  });

  it('does not take a wipe for a coat', () => {
    expect([sureIf(3, wipe), sureIf(3)]).toEqual([0, 1]);
  });
});
