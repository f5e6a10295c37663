import { cases } from '@/test/cases';
import { FIRST, problemFor, randomProblem, workOf } from '@/test/plan';
import { plainEnd, plainGrubbiness, plainPrice, PLAIN_WEIGHT, whyNot } from '@/test/plainPlan';
import { Chance } from '../../chance/chance';
import { LUBE_CLASS_NAMES } from '../../lube/classes';
import { WEIGHTS } from '../../records/kinds';
import { MS_PER_HOUR } from '../../units/convert';
import { mayDo, minutesOf } from '../solver/rules';
import { dryWeight, grubbiness, priceOf, startAnew, wattWeight } from '../solver/terms';
import type { BenchSlot, Work } from '../solver/problem';

const PICKED: readonly Work[] = [
  ...LUBE_CLASS_NAMES.map((lube) => workOf('top-up', 'solvent wipe', lube)),
  workOf('wipe-down', 'dry wipe', null, { handsOn: 4, elapsed: 4 }),
  workOf('on-bike clean', 'brush', 'wet', { handsOn: 35, elapsed: 70 }),
];

/** A work, an evening and a chain drawn at random, so that every rule bites now and then. */
function anyCase(seed: number) {
  const chance = new Chance(seed, 17);
  const oneIn = (n: number) => chance.uniform() < 1 / n;
  const work: Work = {
    ...chance.pick(PICKED),
    over: chance.pick([
      ['oil', 'wax', 'bare'],
      ['oil', 'bare'],
      ['wax', 'bare'],
    ] as const),
    coatsLeft: chance.pick([null, 0, 0.9, 1, 7]),
    leastC: chance.pick([null, null, 5, 12]),
  };
  const bench: BenchSlot = {
    ...problemFor([{}]).benches[0]!,
    air: { temperatureC: -5 + 30 * chance.uniform(), humidity: 0.3 + 0.7 * chance.uniform() },
    nextRideAt: oneIn(3) ? null : FIRST + 20 * chance.uniform() * MS_PER_HOUR,
    raceEve: oneIn(4),
    sameLube: oneIn(4),
    mark: oneIn(8) ? 'leave' : null,
  };
  const family = chance.pick(['oil', 'wax', 'bare'] as const);
  const minutes = Math.floor(50 * chance.uniform());
  const on = { family, coat: oneIn(2) ? 0 : 1, wet: oneIn(3), minutes, shared: oneIn(3) };
  return { work, bench, ...on };
}

describe('the planner’s rules and prices, beside plain ones', () => {
  it('allow and refuse the same works, in every way there is to be refused', () => {
    const met = new Set<string>();
    for (let seed = 0; seed < cases(5000); seed++) {
      const c = anyCase(seed);
      const why = whyNot(c);
      if (why.length === 1) met.add(why[0]!);
      expect([seed, mayDo(c.work, c.bench, c)]).toEqual([seed, why.length === 0]);
    }
    if (cases(5000) > 1000) expect(met.size).toBe(8);
  });

  it('price work, dirt and a used-up chain alike', () => {
    for (let seed = 0; seed < cases(1000); seed++) {
      const chance = new Chance(seed, 18);
      const problem = randomProblem(seed, 2, 1);
      const s = { film: chance.uniform(), o: chance.uniform(), i: chance.uniform() };
      const at = { ...s, c: chance.uniform() };
      expect(startAnew(problem, at.film, at)).toBeCloseTo(plainEnd(problem, at), 10);
      const { limits, prices } = problem;
      expect(grubbiness(at.o, at.i, limits)).toBeCloseTo(plainGrubbiness(at.o, at.i, limits), 12);
      const work = chance.pick(PICKED);
      const price = priceOf(work, minutesOf(work, false), prices);
      expect(price).toBeCloseTo(plainPrice(work, prices.hour), 12);
    }
    for (const weight of WEIGHTS) {
      expect(wattWeight(weight)).toBe(PLAIN_WEIGHT[weight].watt);
      expect(dryWeight(weight)).toBe(PLAIN_WEIGHT[weight].dry);
    }
  });
});
