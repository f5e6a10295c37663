import { coatKind, problemFor, rideExposure, workOf, type TestDay } from '@/test/plan';
import type { Values } from '../solver/backward';
import { follow } from '../simulate/follow';
import type { Future } from '../simulate/future';
import {
  adaptive,
  choicesOf,
  common,
  fixed,
  idle,
  weighing,
  type Days,
} from '../simulate/policies';
import { COGS, FILM, INSIDE, OUTSIDE, STATES } from '../solver/grid';
import type { BenchSlot, BikeProblem } from '../solver/problem';

const topUp = workOf('top-up', 'solvent wipe', 'wet', { handsOn: 15, money: 0.5 });
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 5, money: 0 });
const clean = workOf('on-bike clean', 'brush', 'wet', { handsOn: 30, money: 1 });
const works = [topUp, wipe, clean];
const SHED = { temperatureC: 20, humidity: 0.5 };

const problemOf = (days: readonly TestDay[], more: Partial<BikeProblem> = {}) =>
  problemFor(
    days.map((day) => ({ ...day, more: { air: SHED, ...day.more } })),
    { works, ...more },
  );
const daysOf = (problem: BikeProblem, more: Partial<Days> = {}): Days => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
  ...more,
});

/** A future whose chain stands as a test says. */
function futureAt(problem: BikeProblem, more: Partial<Future['reckoned']> = {}, f = {}): Future {
  const [future] = follow({ ...problem, benches: [] }, idle, []);
  const reckoned = { ...problem.state, lifeKm: 400, film: 0.6, outside: 0.2, inside: 0.1, ...more };
  return { ...future!, reckoned, cogs: 0.5, done: [], ...f };
}

/** Solved values that rise straight with each of the four, so that they are known between the points too. */
const straight = (film: number, { o, i, c }: { o: number; i: number; c: number }) =>
  20 - 8 * film + 10 * o + 6 * i + 2 * c;
function straightValues(problem: BikeProblem): Values {
  const one = new Float64Array(problem.coats.length * STATES);
  let n = 0;
  for (let p = 0; p < problem.coats.length; p++)
    for (const film of FILM)
      for (const o of OUTSIDE)
        for (const i of INSIDE)
          for (const c of COGS) one[n++] = 100 * p + straight(film, { o, i, c });
  return { before: one, after: problem.benches.map(() => one) };
}

describe('what a work is worth in a future', () => {
  const problem = problemOf([{}, {}], { coats: [coatKind('wet'), coatKind('dry')] });
  const values = straightValues(problem);
  const f = futureAt(problem);
  const at = (work: typeof topUp | null, more: Partial<{ f: Future; shared: boolean }> = {}) =>
    weighing(problem, values, { d: 0, f, shared: false, ...more })(work);

  it('of doing nothing is the value of the chain as it stands', () => {
    expect(at(null)).toBeCloseTo(20 - 8 * 0.6 + 2 + 0.6 + 1, 9);
    // A coat of another lube has its own values, and a coat of half its life counts half.
    expect(at(null, { f: { ...f, coat: 1 } })).toBeCloseTo(
      100 + straight((0.6 * 400) / 240, { o: 0.2, i: 0.1, c: 0.5 }),
      9,
    );
  });

  it('of a wipe is its minutes, and the value of the same film on a cleaner chain', () => {
    const after = straight(0.6 * 0.98, { o: 0.1, i: 0.1, c: 0.5 });
    expect(at(wipe)).toBeCloseTo((5 / 60) * 12 + after, 9);
    expect(at(wipe, { shared: true })).toBeCloseTo((2 / 60) * 12 + after, 9);
  });

  it('of a top-up is its minutes and lube, and the value of a coat that dirt inside shortens by half', () => {
    const inside = 0.1 * 0.99;
    const after = straight(1 - 0.5 * inside, { o: 0.05, i: inside, c: 0.4 });
    expect(at(topUp)).toBeCloseTo(3 + 0.5 + after, 9);
    const scarce = { ...topUp, scarce: 1.5 };
    expect(at(scarce)).toBeCloseTo(3 + 0.5 + 1.5 + after, 9);
    // Another lube counts by its own values, and must gain half its price beside.
    const dry = { ...topUp, coat: 1 };
    expect(at(dry)).toBeCloseTo(100 + 3.5 * 1.5 + after, 9);
  });

  it('of a wet chain has the rust of its wet hours in it: all of them, or those after a towel, or none', () => {
    const wet = { f: futureAt(problem, { wetLeftH: 8 }) };
    // Under 0.6 of a film a tenth of the rust comes through; 40 wet hours to plain rust, at 7.50.
    const rust = (hours: number) => (7.5 * 0.1 * hours) / 40;
    expect(at(null, wet) - at(null)).toBeCloseTo(rust(8), 9);
    expect(at(wipe, wet) - at(wipe)).toBeCloseTo(rust(1.5), 9);
    expect(at(topUp, wet) - at(topUp)).toBe(0);
    const damp = { f: futureAt(problem, { wetLeftH: 1.2 }) };
    expect(at(wipe, damp) - at(wipe)).toBeCloseTo(rust(1.2), 9);
    const dryAgain = { f: futureAt(problem, { wetLeftH: 1 }) };
    expect(at(null, dryAgain)).toBe(at(null));
  });

  it('is asked of a day there is', () => {
    expect(() => weighing(problem, values, { d: 5, f, shared: false })).toThrow('day 5');
    expect(() => choicesOf(problem, daysOf(problem), 5, f)).toThrow('No bench 5');
    expect(() => choicesOf(problem, daysOf(problem), 0, { ...f, coat: 7 })).toThrow('coat 7');
  });
});

describe('a policy', () => {
  const problem = problemOf([{ ride: [rideExposure(1), rideExposure(1)] }, {}]);
  const values = straightValues(problem);
  const days = daysOf(problem);
  const bench = problem.benches[0] as BenchSlot;
  const fresh = futureAt(problem, { film: 1, outside: 0, inside: 0 }, { cogs: 0 });
  const dirty = futureAt(problem, { film: 1, outside: 0.5, inside: 0 }, { cogs: 0 });
  const spent = futureAt(problem, { film: 0, outside: 0.9, inside: 0.9 }, { cogs: 1 });

  it('from day to day does in each future what is cheapest there', () => {
    const chosen = adaptive(problem, values, days)(0, bench, [fresh, dirty, spent]);
    expect(chosen).toEqual([null, wipe, clean]);
  });

  it('of two that are worth the same takes the first, and nothing rather than what gains nothing', () => {
    const twice = { ...problem, works: [wipe, { ...wipe }, clean] };
    expect(adaptive(twice, values, days)(0, bench, [dirty])[0]).toBe(wipe);
    const none = new Float64Array(problem.coats.length * STATES);
    const flat = { before: none, after: problem.benches.map(() => none) };
    const free = { ...problem, works: [{ ...wipe, handsOn: 0, money: 0 }] };
    expect(adaptive(free, flat, days)(0, bench, [dirty])).toEqual([null]);
  });

  it('for all of them does what is cheapest on the average', () => {
    const same = (futures: Future[]) => common(problem, values, days)(0, bench, futures);
    expect(same([fresh, fresh])).toEqual([null, null]);
    // By hand: a clean 44.7 and a top-up 43.8 for the two; a clean 70.4 and a top-up 72.0 for the three.
    expect(same([fresh, spent])).toEqual([topUp, topUp]);
    expect(same([fresh, spent, spent])).toEqual([clean, clean, clean]);
    expect(same([fresh, fresh, dirty, dirty])).toEqual([wipe, wipe, wipe, wipe]);
  });

  it('for all of them does nothing that one of them does not allow', () => {
    const bare = { ...problem, works: [{ ...clean, over: ['wax'] as const }, wipe] };
    const waxed = {
      ...bare,
      coats: [problem.coats[0]!, { ...coatKind('drip wax'), family: 'wax' as const }],
    };
    const onWax = futureAt(waxed, { film: 0, outside: 0.9, inside: 0.9 }, { coat: 1 });
    const onOil = futureAt(waxed, { film: 0, outside: 0.9, inside: 0.9 });
    const policy = common(waxed, straightValues(waxed), days);
    expect(policy(0, bench, [onWax, onOil])).toEqual([wipe, wipe]);
    expect(adaptive(waxed, straightValues(waxed), days)(0, bench, [onWax, onOil])).toEqual([
      waxed.works[0],
      wipe,
    ]);
  });

  it('works where the rider’s word leaves no choice, though nothing were cheaper', () => {
    const pinned = { ...bench, mark: 'top-up' as const };
    const marked = { ...problem, benches: [pinned, problem.benches[1]!] };
    expect(adaptive(marked, values, days)(0, pinned, [fresh])).toEqual([topUp]);
    expect(common(marked, values, days)(0, pinned, [fresh, fresh])).toEqual([topUp, topUp]);
    const left = { ...bench, mark: 'leave' as const };
    const free = { ...problem, benches: [left, problem.benches[1]!] };
    expect(adaptive(free, values, days)(0, left, [spent])).toEqual([null]);
  });

  it('that is fixed does its works on their days, and an idle one none', () => {
    const two = [fresh, spent];
    const policy = fixed(new Map([[1, wipe]]));
    expect([policy(0, bench, two), policy(1, bench, two)]).toEqual([
      [null, null],
      [wipe, wipe],
    ]);
    expect(idle(0, bench, two)).toEqual([null, null]);
  });
});

describe('what a future allows', () => {
  const week = (marks: Partial<BenchSlot>[] = [], more: Partial<BikeProblem> = {}) =>
    problemOf(
      Array.from({ length: 12 }, (_, d) => ({ more: marks[d] ?? {} })),
      more,
    );
  const on = (problem: BikeProblem, d: number, f = {}, days = daysOf(problem)) => {
    const { works: can, must } = choicesOf(problem, days, d, futureAt(problem, {}, f));
    return [can.map((w) => w.depth), must];
  };
  const ALL = ['top-up', 'wipe-down', 'on-bike clean'];
  const first = week().benches[0]!.day;

  it('is all there is time for, and no clean until its day comes', () => {
    expect(on(week(), 0)).toEqual([ALL, false]);
    const few = daysOf(week(), { minutes: week().benches.map(() => 20) });
    expect(on(week(), 0, {}, few)).toEqual([['top-up', 'wipe-down'], false]);
    const both = { ...few, shared: week().benches.map(() => true) };
    expect(on(week(), 0, {}, { ...both, minutes: week().benches.map(() => 27) })).toEqual([
      ALL,
      false,
    ]);
    const none = daysOf(week(), { minutes: [], shared: [] });
    expect(on(week(), 0, {}, none)).toEqual([[], false]);
  });

  it('is a clean only, on the last evening with time before the calendar’s cap', () => {
    const capped = week([], { capDays: 30 });
    const cleanedDay = first - 26;
    // Clean by the fifth evening: number 4.
    expect(on(capped, 3, { cleanedDay })).toEqual([ALL, false]);
    expect(on(capped, 4, { cleanedDay })).toEqual([['on-bike clean'], true]);
    // It is late, and stays so until it is done.
    expect(on(capped, 6, { cleanedDay })).toEqual([['on-bike clean'], true]);
    // The evening before is the last with the time for it.
    const minutes = capped.benches.map((_, d) => (d === 4 ? 10 : 60));
    expect(on(capped, 3, { cleanedDay }, daysOf(capped, { minutes }))).toEqual([
      ['on-bike clean'],
      true,
    ]);
    expect(on(capped, 2, { cleanedDay }, daysOf(capped, { minutes }))).toEqual([ALL, false]);
  });

  it('looks no more than a week ahead for it, and not past the end of the plan', () => {
    const capped = week([], { capDays: 30 });
    const minutes = capped.benches.map((_, d) => (d === 0 ? 60 : 10));
    const days = daysOf(capped, { minutes });
    expect(on(capped, 0, { cleanedDay: first - 23 }, days)).toEqual([['on-bike clean'], true]);
    expect(on(capped, 0, { cleanedDay: first - 22 }, days)).toEqual([ALL, false]);
    const short = { ...capped, benches: capped.benches.slice(0, 3) };
    expect(on(short, 0, { cleanedDay: first - 28 }, daysOf(short, { minutes }))).toEqual([
      ['on-bike clean'],
      true,
    ]);
    expect(on(short, 0, { cleanedDay: first - 27 }, daysOf(short, { minutes }))).toEqual([
      ALL,
      false,
    ]);
  });

  it('is a clean on the last evening before a race, unless one was made within three days of it', () => {
    const race = { raceBy: first + 4 };
    const raced = week([race, race, race, race, race]);
    expect(on(raced, 3)).toEqual([ALL, false]);
    expect(on(raced, 4)).toEqual([['on-bike clean'], true]);
    expect(on(raced, 4, { cleanedDay: first + 1 })).toEqual([ALL, false]);
    expect(on(raced, 4, { cleanedDay: first })).toEqual([['on-bike clean'], true]);
  });

  it('leaves the rider’s word alone, whatever the calendar asks', () => {
    const marked = week([{}, {}, {}, {}, { mark: 'top-up' }], { capDays: 30 });
    expect(on(marked, 4, { cleanedDay: first - 26 })).toEqual([['top-up'], true]);
  });

  it('is no coat of a bottle that this bike or another has used up', () => {
    const stocked = (coatsLeft: number) =>
      week([], { works: [{ ...topUp, bottleId: 'b', coatsLeft }, wipe] });
    const done = [{ day: 0, work: { ...topUp, bottleId: 'b' } }] as Future['done'];
    const used = (n: number) => daysOf(week(), { used: { b: n } });
    expect(on(stocked(1), 1)).toEqual([['top-up', 'wipe-down'], false]);
    expect(on(stocked(1), 1, { done })).toEqual([['wipe-down'], false]);
    expect(on(stocked(2), 1, { done })).toEqual([['top-up', 'wipe-down'], false]);
    expect(on(stocked(2), 1, { done }, used(1))).toEqual([['wipe-down'], false]);
    expect(on(stocked(3), 1, { done }, used(1))).toEqual([['top-up', 'wipe-down'], false]);
    const other = [{ day: 0, work: { ...topUp, bottleId: 'x' } }] as Future['done'];
    expect(on(stocked(1), 1, { done: other })).toEqual([['top-up', 'wipe-down'], false]);
  });

  it('is what the chain that is reckoned wet allows: on the eve of a race a coat', () => {
    const eve = week([{ raceEve: true }]);
    const days = daysOf(eve);
    const at = (wetLeftH: number) =>
      choicesOf(eve, days, 0, futureAt(eve, { wetLeftH })).works.map((w) => w.depth);
    expect(at(0)).toEqual(['wipe-down']);
    expect(at(3)).toEqual(ALL);
  });
});
