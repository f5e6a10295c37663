import { problemFor, workOf } from '@/test/plan';
import { DEFAULT_PLAN } from '../../settings/planDefaults';
import { follow } from '../simulate/follow';
import { planBike } from '../simulate/planBike';
import { holding } from '../simulate/search';

/** A bike that nobody rides, and so much rain on it in the first night. */
function parkedIn(rainMm: number, setHours = 0.5) {
  const problem = problemFor([{}, {}, {}], {
    works: [workOf('top-up', 'solvent wipe', 'wet', { setHours })],
  });
  const [first] = problem.benches;
  const parked = { at: first!.from + 6 * 3_600_000, mm: [rainMm] };
  const benches = problem.benches.map((b, d) => (d === 0 ? { ...b, parked } : b));
  return { ...problem, benches };
}
const shared = [false, false, false];

describe('rain on a bike while it stands', () => {
  it('wets its chain, which rusts the more the less film there is, and does nothing else', () => {
    const after = (rainMm: number, film: number) => {
      const problem = parkedIn(rainMm);
      Object.assign(problem.state, { film, worn: 1 - film });
      return follow(problem, (_, __, all) => all.map(() => null), shared)[0]!;
    };
    const [dry, wet, bare] = [after(0, 1), after(2, 1), after(2, 0.1)];
    expect(dry.costs.rust).toBe(0);
    expect(wet.costs.rust).toBeGreaterThan(0);
    expect(bare.costs.rust).toBeGreaterThan(3 * wet.costs.rust);
    for (const key of ['film', 'outside', 'inside', 'wear', 'km'] as const)
      expect(wet.truth[key]).toBeCloseTo(dry.truth[key], 12);
  });

  it('throws nothing off a coat that is still setting', () => {
    const coated = (rainMm: number) => {
      const problem = parkedIn(rainMm, 14);
      Object.assign(problem.state, { film: 0.1, worn: 0.9 });
      const job = {
        day: 0,
        work: { ...problem.works[0]!, from: { bottle: null, lifeKm: null, setHours: 14 } },
      };
      return follow(problem, holding([job]), shared)[0]!.truth.film;
    };
    expect(coated(3)).toBeCloseTo(coated(0), 12);
  });

  it('is reckoned with: the solved values are dearer for it, and the plan stands', () => {
    const days = { minutes: [60, 60, 60], shared };
    const cost = (rainMm: number) => {
      const problem = parkedIn(rainMm);
      Object.assign(problem.state, { film: 0.2, worn: 0.8 });
      return planBike(problem, DEFAULT_PLAN, days);
    };
    const [dry, wet] = [cost(0), cost(3)];
    const values = (plan: typeof dry) => plan.values.before.reduce((a, b) => a + b, 0);
    expect(values(wet)).toBeGreaterThan(values(dry));
    expect(wet.plan[0]!.total).toBeGreaterThanOrEqual(dry.plan[0]!.total);
  });
});
