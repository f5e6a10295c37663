import { cases } from '@/test/cases';
import { coatKind, randomProblem, workOf } from '@/test/plan';
import { plainFollow } from '@/test/plainFollow';
import { Chance } from '../../chance/chance';
import { MS_PER_HOUR } from '../../units/convert';
import { addCosts, meanCosts, noCosts, spreadOf } from '../simulate/costs';
import { follow } from '../simulate/follow';
import { livesLeft } from '../simulate/future';
import { holding } from '../simulate/search';
import type { BikeProblem, Work } from '../solver/problem';

/** A plan with all that can come: two lubes and a bare chain, races, rain on parked bikes, a ride before the first evening. */
function anyProblem(seed: number): { problem: BikeProblem; works: Work[] } {
  const chance = new Chance(seed, 71);
  const plan = randomProblem(seed, 8, 3);
  const first = plan.benches[0]!;
  const lube = plan.coats[0]!.lubeClass ?? 'wet';
  const other = { ...coatKind('dry'), lifeKm: 250, grit: 0.5 + chance.uniform() };
  const coats = [
    { ...plan.coats[0]!, lifeKm: 300 + 100 * chance.uniform(), grit: 1 },
    { ...other, id: 'other' },
    { ...coatKind('wet'), id: 'bare', lubeClass: null, family: 'bare' as const },
  ];
  const works = [
    workOf('top-up', 'solvent wipe', lube, { money: 0.3 }),
    workOf('top-up', 'dry wipe', 'dry', { coat: 1, handsOn: 12, money: 0.8 }),
    workOf('on-bike clean', 'brush', lube, { handsOn: 35, money: 1.2 }),
    workOf('wipe-down', 'dry wipe', null, { handsOn: 4, money: 0 }),
  ].map((w) => ({ ...w, spec: { ...w.spec, drying: 'left to drip' as const } }));
  const benches = plan.benches.map((bench) => ({
    ...bench,
    parked:
      chance.uniform() < 0.5
        ? {
            at: bench.from + 20 * MS_PER_HOUR,
            mm: [0, 1, 2].map((mm) => mm * 2 * chance.uniform()),
          }
        : null,
    rides: bench.rides.map((r) => ({
      ...r,
      weight: chance.pick(['ordinary', 'long day', 'race'] as const),
    })),
  }));
  const ridden = benches.find((b) => b.rides.length > 0)?.rides[0];
  return {
    problem: {
      ...plan,
      coats,
      works,
      benches,
      coatNow: seed % 2,
      before: ridden && seed % 3 ? [{ ...ridden, at: first.from - 40 * 60_000 }] : [],
      factors: { life: 0.9, grit: 1.1, wear: 1 },
      natures: [0, 1, 2].map(() => ({
        life: 0.6 + chance.uniform(),
        grit: 0.6 + chance.uniform(),
        wear: 0.6 + chance.uniform(),
      })),
    },
    works,
  };
}

describe('a plan followed through its futures', () => {
  it('comes to what one finds who leads each chain through its days by hand', () => {
    const met = { rain: 0, rescues: 0, shared: 0 };
    for (let seed = 0; seed < cases(200); seed++) {
      const { problem, works } = anyProblem(seed);
      const chance = new Chance(seed, 72);
      const shared = problem.benches.map(() => chance.uniform() < 0.3);
      const jobs = problem.benches.map(() => (chance.uniform() < 0.4 ? chance.pick(works) : null));
      const held = holding(jobs.flatMap((work, day) => (work ? [{ day, work }] : [])));
      follow(problem, held, shared).forEach((future, k) => {
        const plain = plainFollow(problem, k, jobs, shared);
        for (const [key, value] of Object.entries(plain.costs))
          expect([seed, key, future.costs[key as 'total']]).toEqual([
            seed,
            key,
            expect.closeTo(value, 8),
          ]);
        for (const key of ['film', 'outside', 'inside', 'rust', 'wear', 'wetLeftH'] as const) {
          expect(future.truth[key]).toBeCloseTo(plain.truth.chain[key], 10);
          expect([seed, k, key, future.reckoned[key]]).toEqual([
            seed,
            k,
            key,
            expect.closeTo(plain.reckoned.chain[key], 9),
          ]);
        }
        expect(future.trueCogs).toBeCloseTo(plain.truth.cogs, 10);
        expect(future.cogs).toBeCloseTo(plain.reckoned.cogs, 10);
        expect([future.coat, future.cleanedDay]).toEqual([plain.truth.coat, plain.truth.cleaned]);
        expect(
          future.done.map(({ day, film, outside, inside, wet }) => ({
            day,
            film,
            outside,
            inside,
            wet,
          })),
        ).toEqual(
          plain.reckoned.done.map((d) => ({ ...d, film: expect.closeTo(d.film, 10) as number })),
        );
        met.rain += problem.benches.filter((b) => (b.parked?.mm[k] ?? 0) > 0).length;
        met.rescues += plain.truth.foundWet.filter(Boolean).length;
        met.shared += plain.truth.done.filter((d) => shared[d.day]).length;
      });
    }
    expect(Math.min(met.rain, met.rescues, met.shared)).toBeGreaterThan(cases(200) / 10);
  });

  it('costs the same where no one looks at the chain, which is then left as it was', () => {
    for (let seed = 0; seed < cases(40); seed++) {
      const { problem, works } = anyProblem(seed);
      const jobs = [1, 4, 6].map((day, n) => ({ day, work: works[(seed + n) % works.length]! }));
      const [seen, blind] = [false, true].map((b) => follow(problem, holding(jobs), [], b));
      blind!.forEach((future, k) => {
        expect(future.costs).toEqual(seen![k]!.costs);
        expect(future.reckoned).toEqual(problem.state);
        expect(future.cogs).toBe(problem.cogs);
      });
    }
  });

  it('weighs each change of lube: half the price of the work between oils, and nothing for more of the same', () => {
    const { problem, works } = anyProblem(2);
    const [same, other] = works as [Work, Work];
    const turns = (...jobs: Work[]) =>
      follow(problem, holding(jobs.map((work, day) => ({ day, work }))), [])[0]!.turns;
    // 12 and 15 minutes at 12 an hour, and what the coat takes from its bottle.
    const [there, back] = [(12 * 12) / 60 + 0.8, (15 * 12) / 60 + 0.3];
    const differ = problem.coats[0]!.lubeClass !== 'dry';
    expect(turns(same, same)).toBe(0);
    expect(turns(other, other)).toBeCloseTo(differ ? there / 2 : 0, 10);
    expect(turns(other, same)).toBeCloseTo(differ ? (there + back) / 2 : 0, 10);
  });

  it('counts what is left of a coat in lives of its kind, and of bare steel as nothing', () => {
    const { problem } = anyProblem(1);
    const chain = { ...problem.state, film: 0.5, lifeKm: 200 };
    expect(livesLeft(problem, 1, chain)).toBeCloseTo(0.4, 12);
    expect(livesLeft(problem, 2, chain)).toBe(0);
    expect(livesLeft(problem, 9, chain)).toBe(0);
  });
});

describe('costs of several futures', () => {
  const futures = [4, 1, 2, 3, 10].map((n) => ({ ...noCosts(), jobs: n, total: 10 * n }));

  it('add up, and have their means', () => {
    expect(addCosts(futures)).toEqual({ ...noCosts(), jobs: 20, total: 200 });
    expect(meanCosts(futures)).toEqual({ ...noCosts(), jobs: 4, total: 40 });
    expect([addCosts([]), meanCosts([])]).toEqual([noCosts(), noCosts()]);
  });

  it('are spread by their quarters', () => {
    const { mean, low, high } = spreadOf(futures);
    expect([low.jobs, mean.jobs, high.jobs]).toEqual([2, 4, 4]);
    expect([low.total, mean.total, high.total]).toEqual([20, 40, 40]);
    expect(spreadOf([])).toEqual({ mean: noCosts(), low: noCosts(), high: noCosts() });
  });
});
