import { problemFor, rideExposure } from '@/test/plan';
import { follow } from '../simulate/follow';
import { idle } from '../simulate/policies';

/**
 * One future priced by hand: wet lube with half a coat left, grit inside of 0.5 and none outside, worn by 0.2 %,
 * 160 km of dry and clean road in 6 h 40 min. The figures are those of docs/model.md; none is read from the code.
 *
 * Film falls from 0.5 to 0.1 over the 160 km of a coat that lasts 400, and is below its reserve of 0.15 for the
 * last 20. Dryness rises there from 0 to (0.15 − 0.1) / 0.15 = 1/3, 1/6 in the middle. The ride ends 3 h 20 min
 * before the plan does, and a coat idles away 2 % a week.
 */
describe('one future, priced by hand', () => {
  const IDLE_15_H = (0.02 * 15) / 168;
  const problem = problemFor([{ ride: [rideExposure(160, { dirtPerKm: 0, hours: 20 / 3 })] }], {
    cogs: 0,
  });
  Object.assign(problem.state, {
    film: 0.5 + IDLE_15_H,
    lifeKm: 400,
    outside: 0,
    outsideFrom: 0,
    inside: 0.5,
    wear: 0.2,
  });
  const [future] = follow(problem, idle, [false]);
  const costs = future!.costs;
  const wear = 0.028e-3 * (1 + 9 * 0.5) * (160 + 20 * 2.45 * (1 / 6));
  const watts = 4 * 0.5 + (5 * (1 / 3) + 3 * (0.2 + 0.2 + wear)) / 2;

  it('wears by its kilometres, its grit and its dryness', () => {
    expect(costs.wear).toBeCloseTo(wear, 12);
    expect(costs.wearMoney).toBeCloseTo(wear * 100, 10);
  });

  it('loses watts by grit inside, by wear, and by dryness at the end', () => {
    expect(costs.wattHours).toBeCloseTo((watts * 20) / 3, 10);
  });

  it('is dry for 20 km and grubby for all of them', () => {
    expect(costs.dryKm).toBeCloseTo(20, 10);
    expect(costs.grubbyKm).toBeCloseTo(160, 10);
  });

  // What is left when the day ends, and what it takes to start anew: a coat is 15 minutes at 12 an hour and 0.50,
  // a clean 15 minutes more.
  const left = 0.1 - (0.02 * (10 / 3)) / 168;
  const remainder = 3.5 * (1 - left) + 3 * 1.5;

  it('leaves nine tenths of a coat to be put on, and a clean at its most', () => {
    expect(costs.remainder).toBeCloseTo(remainder, 10);
  });

  it('comes to the sum of it all', () => {
    const penalties = 20 * 0.1 + 160 * 0.04 + ((watts * 20) / 3) * 0.005;
    expect(costs.total).toBeCloseTo(wear * 100 + penalties + remainder, 8);
    expect([costs.minutes, costs.goods, costs.rust]).toEqual([0, 0, 0]);
  });
});
