import { problemFor, rideExposure, workOf } from '@/test/plan';
import { METRIC } from '@/core/units/convert';
import { Chance } from '../../chance/chance';
import { DEFAULT_PLAN } from '../../settings/planDefaults';
import { againstSentence } from '../../words/planAgainst';
import { follow } from '../simulate/follow';
import { planBike } from '../simulate/planBike';
import { meanTotal } from '../simulate/search';
import { routine } from '../simulate/routine';

/** Found among 300 seeds: a clean road, and one work. The grid's plan comes a little dearer than the habit. */
const SEED = 126;

describe('where the rider’s routine is cheaper than what the grid found', () => {
  const chance = new Chance(SEED, 5);
  const km = 20 + 120 * chance.uniform();
  const every = 1 + Math.floor(3 * chance.uniform());
  const exposure = rideExposure(km, { dirtPerKm: 0.05 });
  const ride = [exposure, exposure, exposure, exposure];
  const problem = problemFor(
    Array.from({ length: 21 }, (_, d) => (d % every ? {} : { ride })),
    {
      works: [workOf('top-up', 'solvent wipe', 'wet', { handsOn: 15 })],
      limits: { outside: 0.9, inside: 0.9 },
    },
  );
  const days = { minutes: problem.benches.map(() => 60), shared: problem.benches.map(() => false) };
  const habit = { name: 'weekly' as const, weekday: 1 + (SEED % 7) };
  const plan = planBike(problem, { ...DEFAULT_PLAN, routine: habit }, days);

  it('its days are the plan’s, at its cost', () => {
    const followed = follow(problem, routine(problem, habit, days), days.shared);
    expect(plan.basis).toBe('routine');
    expect(plan.jobs.map((j) => j.day)).toEqual(followed[0]?.done.map((d) => d.day));
    expect(meanTotal(plan.plan)).toBeCloseTo(meanTotal(followed.map((f) => f.costs)), 9);
  });

  it('the plan says that the routine is as good', () => {
    const mean = plan.plan[0]!;
    expect(againstSentence(mean, plan.routine[0]!, habit, METRIC)).toMatch(/as good/);
  });
});
