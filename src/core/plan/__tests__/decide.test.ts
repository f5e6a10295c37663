import { CARE } from '@/core/care/model/constants';
import { rustPerHour } from '@/core/care/model/stand';
import { work as workOn } from '@/core/care/model/work';
import { dryingHours } from '@/core/weather/drying';
import { coatKind, problemFor, workOf } from '@/test/plan';
import { plainPrice } from '@/test/plainPlan';
import { solve } from '../solver/backward';
import { decide } from '../solver/decide';
import { COGS, FILM, GRITS, gritIndex, INSIDE, OUTSIDE, STATES } from '../solver/grid';
import type { BikeProblem, Work } from '../solver/problem';

/** What follows, straight in all it hangs on, so that it is the same between the points of the grid. */
const follows = (film: number, o: number, i: number, c: number, coat = 0) =>
  20 - 4 * film + 6 * o + 9 * i + 2 * c + 3 * coat;

const PLACES = FILM.flatMap((film, f) =>
  OUTSIDE.flatMap((o, a) =>
    INSIDE.flatMap((i, b) =>
      COGS.map((c, d) => ({ film, o, i, c, n: f * GRITS + gritIndex(a, b, d) })),
    ),
  ),
);

function afterOf(coats: number): Float64Array {
  const after = new Float64Array(coats * STATES);
  for (let p = 0; p < coats; p++)
    for (const { film, o, i, c, n } of PLACES) after[p * STATES + n] = follows(film, o, i, c, p);
  return after;
}

const evening = { minutes: 60, shared: false, mustClean: false, wetHours: 0 };
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 3, money: 0.05 });
const topUp = workOf('top-up', 'solvent wipe', 'wet', { handsOn: 12 });
const clean = workOf('on-bike clean', 'brush', 'wet', { handsOn: 30 });
const one = (works: Work[], more: Partial<BikeProblem> = {}) =>
  problemFor([{}], { works, ...more });

/** What a work leaves of a chain and its cogs, by the care model itself. */
function leftBy(
  problem: BikeProblem,
  what: Work,
  from: { film: number; o: number; i: number; c: number },
) {
  const life = problem.coats[0]!.lifeKm;
  const state = {
    ...problem.state,
    film: from.film,
    outside: from.o,
    inside: from.i,
    lifeKm: life,
    lubedAt: 0,
    setAt: 0,
  };
  const done = workOn(state, from.c, what.spec, { air: problem.benches[0]!.air, coat: what.from });
  const { film, lifeKm, outside, inside } = done.state;
  // In lives of a coat on a clean chain: dirt inside shortens it.
  return follows((film * lifeKm) / life, outside, inside, done.cogs);
}

/** What a problem's only evening is worth, state by state; whatever was there before is written over. */
function decided(problem: BikeProblem, after: Float64Array, more: Partial<typeof evening> = {}) {
  const best = { dry: after.map(() => NaN), wet: after.map(() => NaN) };
  decide(problem, after, { bench: problem.benches[0]!, ...evening, ...more }, best);
  return best;
}

describe('a day’s decision', () => {
  // Over more than half a film the grid takes a coat for new all through, which the model does not.
  it.each([
    ['a wipe', wipe, 1],
    ['a coat', topUp, 0.5],
  ])('of a dry chain is the cheaper of nothing and %s, state by state', (_, what, most) => {
    const problem = one([what]);
    const { dry, wet } = decided(problem, afterOf(1));
    for (const place of PLACES.filter(({ film }) => film <= most)) {
      const { film, o, i, c, n } = place;
      const done = plainPrice(what, problem.prices.hour) + leftBy(problem, what, place);
      expect(dry[n]).toBeCloseTo(Math.min(follows(film, o, i, c), done), 6);
    }
    // Where no chain comes wet, there is nothing else to ask.
    expect(wet).toEqual(dry);
  });

  it('is of each coat for itself: a wipe leaves it, a new one changes it', () => {
    const coats = [coatKind('wet'), coatKind('dry')];
    const problem = one([wipe], { coats });
    const { dry } = decided(problem, afterOf(2));
    const place = PLACES.find((p) => p.o === OUTSIDE[4] && p.i === INSIDE[2])!;
    const wiped = plainPrice(wipe, 12) + leftBy(problem, wipe, place) + 3;
    expect(dry[STATES + place.n]).toBeCloseTo(wiped, 6);
    expect(dry[place.n]).toBeCloseTo(wiped - 3, 6);
  });

  it('of a wet chain counts rust for as long as it stays wet, or only until it is dry from the towel', () => {
    const problem = one([wipe]);
    const { prices, benches } = problem;
    const towelled = dryingHours(CARE.towelHours.value, benches[0]!.air);
    for (const wetHours of [towelled / 2, 3 * towelled]) {
      const { dry, wet } = decided(problem, afterOf(1), { wetHours });
      for (const place of PLACES) {
        const { film, o, i, c, n } = place;
        const perHour = prices.rust * rustPerHour(film);
        const nothing = follows(film, o, i, c) + perHour * wetHours;
        const done = plainPrice(wipe, 12) + leftBy(problem, wipe, place);
        const wiped = done + perHour * Math.min(wetHours, towelled);
        expect(wet[n]).toBeCloseTo(Math.min(nothing, wiped), 6);
        expect(dry[n]).toBeCloseTo(Math.min(follows(film, o, i, c), done), 6);
      }
    }
  });

  it('before a race is a clean though another were cheaper, and a coat where there is no time to clean', () => {
    const problem = one([wipe, topUp, clean]);
    const at = (more: Partial<typeof evening>) => decided(problem, afterOf(1), more).dry;
    const cleaned = (n: number) =>
      plainPrice(clean, 12) +
      leftBy(
        problem,
        clean,
        PLACES.find((p) => p.n === n)!,
      );
    const must = at({ mustClean: true });
    for (const { n } of PLACES) expect(must[n]).toBeCloseTo(cleaned(n), 6);
    expect(at({ mustClean: true, minutes: 20 })).toEqual(at({ minutes: 20 }));
    // On a shared evening the clean takes three minutes less.
    const shared = at({ mustClean: true, shared: true });
    expect(must[0]! - shared[0]!).toBeCloseTo((3 / 60) * 12, 6);
  });
});

/** A clean so dear that nobody does one but where it must be. */
const DEAR = 1000;
const dear = workOf('on-bike clean', 'brush', 'wet', { handsOn: 30, money: DEAR });

describe('the clean before a race', () => {
  it.each([
    ['on the last evening with the time', [40, 40, 40], {}, 1],
    ['earlier where that one has none', [40, 40, 0], {}, 1],
    ['earlier where the rider leaves that one free', [40, 40, 40], { 2: { mark: 'leave' } }, 1],
    ['nowhere where no evening has the time', [20, 29, 0], {}, 0],
    ['on an evening of just its minutes', [0, 30, 0], {}, 1],
    ['after the race no more', [0, 0, 0, 40], {}, 0],
  ] as const)('falls %s, once', (_, minutes, marks, times) => {
    // The race is on the fifth day: what is cleaned for it is done by the third.
    const by = problemFor([{}]).benches[0]!.day + 2;
    const days = minutes.map((m, d) => ({
      minutes: m,
      more: { raceBy: d <= 2 ? by : null, ...(marks as Record<number, object>)[d] },
    }));
    const problem = problemFor(days, { works: [dear] });
    const { before } = solve(problem, minutes, []);
    expect(Math.round(before[0]! / DEAR)).toBe(times);
  });

  it('is asked for by the quickest of the cleans, and by none of a plan without a race', () => {
    const quick = workOf('on-bike clean', 'brush', 'wet', { handsOn: 20, money: DEAR });
    const by = problemFor([{}]).benches[0]!.day;
    const at = (raceBy: number | null, works: Work[]) =>
      Math.round(
        solve(problemFor([{ minutes: 25, more: { raceBy } }], { works }), [25], []).before[0]! /
          DEAR,
      );
    expect([at(by, [dear]), at(by, [dear, quick]), at(null, [quick])]).toEqual([0, 1, 0]);
  });

  it('costs three minutes less where another bike is on the stand', () => {
    const by = problemFor([{}]).benches[0]!.day;
    const problem = problemFor([{ minutes: 40, more: { raceBy: by } }], { works: [dear] });
    const [alone, beside] = [[false], [true]].map(
      (shared) => solve(problem, [40], shared).before[0]!,
    );
    expect(alone! - beside!).toBeCloseTo((3 / 60) * 12, 6);
  });
});

describe('what a plan is worth before its first evening', () => {
  it('is told of a chain that comes dry, however wet the one of now is', () => {
    const problem = problemFor([{ minutes: 40 }, {}], { works: [wipe, clean] });
    const [dry, wet] = [0, 9].map(
      (wetLeftH) =>
        solve({ ...problem, state: { ...problem.state, wetLeftH } }, [40, 0], []).before,
    );
    expect(wet).toEqual(dry);
  });
});
