import { bathShareLeft, METHODS, SCRUBBER_WITH_COGS } from '@/core/care/model/work';
import { coatTraits, gritRates } from '@/core/care/model/rates';
import { coatKind, problemFor, rideExposure, workOf } from '@/test/plan';
import { effectOf } from '../solver/effect';
import { solve } from '../solver/backward';
import { STATES } from '../solver/grid';
import { mayDo, readyHours, startBy } from '../solver/rules';
import { drynessBetween, filmLost, gritAfter, gritRate } from '../solver/steps';
import { startAnew, turnPrice } from '../solver/terms';
import { LEAST_WET_H, wetHoursAt } from '../solver/wetness';

const HOUR = 3_600_000;

/** The reserve is 0.15 of a coat: from there on down it runs dry in proportion (docs/model.md). */
describe('dryness of a ride, worked out by hand', () => {
  it.each([
    ['never below the reserve', 1, 0.15, 0, 0],
    ['at the reserve at its end', 0.3, 0.15, 0, 0],
    ['from the reserve to nothing: half dry on the average', 0.15, 0, 0.5, 1],
    ['from twice the reserve to nothing: the second half, half dry', 0.3, 0, 0.25, 0.5],
    ['from 0.12 to 0.06: 0.2 to 0.6 dry', 0.12, 0.06, 0.4, 1],
    ['spent from the start', 0, -0.3, 1, 1],
    ['at 0.06 throughout', 0.06, 0.06, 0.6, 1],
    ['half dry falling, then as long with nothing', 0.15, -0.15, 0.75, 1],
    ['a third whole, a third falling, a third with nothing', 0.3, -0.15, 0.5, 2 / 3],
    ['0.09 to nothing in a quarter, then with nothing', 0.09, -0.27, 0.25 * 0.7 + 0.75, 1],
  ])('%s', (_, from, to, mean, share) => {
    const dry = drynessBetween(from, to);
    expect(dry.mean).toBeCloseTo(mean, 9);
    expect(dry.share).toBeCloseTo(share, 9);
  });
});

describe('a ride’s grit and film', () => {
  it('goes in steps of no more than its length, each with its part of the ride', () => {
    const x = rideExposure(100, { waterMm: 6 });
    const { steps } = gritRate(x, 'wet', 1);
    expect(steps).toBeGreaterThan(1);
    expect(steps).toBeLessThan(100);
    expect(gritRate(rideExposure(100 / steps, { waterMm: 0 }), 'wet', 1).steps).toBe(1);
    const part = { ...x, km: 100 / steps, hours: x.hours / steps, waterMm: 6 / steps, stickier: 1 };
    const { migration } = gritRates(coatTraits('wet'), part);
    expect(gritRate(x, 'wet', 1).migration).toBeCloseTo(migration * steps, 9);
  });

  it('comes back from cogs that are dirtier than the chain, and not from cleaner ones', () => {
    const rate = {
      ...gritRate(rideExposure(5), 'wet', 1),
      steps: 1,
      outsideKept: 1,
      cogsKept: 1,
      handBack: 0.1,
    };
    const out = { o: 0, c: 0, meanO: 0, to: 1, left: 1 };
    gritAfter(0.2, 0.6, rate, out);
    expect(out.o).toBeCloseTo(0.2 + 0.1 * 0.4, 12);
    expect(out.meanO).toBeCloseTo(0.22, 12);
    gritAfter(0.6, 0.2, rate, out);
    expect(out.o).toBe(0.6);
    expect(out.c).toBeCloseTo(0.2, 12);
  });

  it('takes film by distance and by water, the one beside the other, and none of bare steel', () => {
    const dry = filmLost(rideExposure(40), 'wet', 400);
    const wet = filmLost(rideExposure(40, { waterMm: 5 }), 'wet', 400);
    expect(dry).toBeGreaterThan(0);
    expect(wet).toBeGreaterThan(dry);
    expect(filmLost(rideExposure(80), 'wet', 800)).toBeCloseTo(dry, 6);
    expect(filmLost(rideExposure(40, { waterMm: 5 }), null, 400)).toBe(0);
  });
});

describe('what a work leaves', () => {
  const of = (method: 'scrubber' | 'baths' | 'brush', more: object) => {
    const work = workOf('on-bike clean', method, 'wet');
    return effectOf({ ...work, spec: { ...work.spec, ...more } });
  };
  it('of a scrubber hangs on the cogs, of baths on how many and how large', () => {
    expect(of('scrubber', { cogsCleaned: true }).o).toBe(SCRUBBER_WITH_COGS.outside);
    expect(of('scrubber', { cogsCleaned: false }).o).toBe(METHODS.scrubber.outside);
    expect(SCRUBBER_WITH_COGS.outside).not.toBe(METHODS.scrubber.outside);
    expect(of('baths', { baths: { count: 2, ml: 60 } }).i).toBe(bathShareLeft(2, 60));
    expect(bathShareLeft(2, 60)).not.toBe(METHODS.baths.inside);
    expect(of('brush', { cogsCleaned: true }).o).toBe(METHODS.brush.outside);
  });
});

describe('rules at their limits', () => {
  const work = workOf('top-up', 'solvent wipe', 'wet', {
    elapsed: 30,
    setHours: 2,
    carrier: 'none',
  });
  const [bench] = problemFor([{}]).benches;
  const on = { family: 'oil', coat: 0, wet: false, minutes: 60, shared: false } as const;

  it('a coat is ready when it has set, a wipe when it is done', () => {
    expect(readyHours(work, bench!.air)).toBeCloseTo(2.5, 9);
    expect(readyHours({ ...work, coat: null }, bench!.air)).toBe(0.5);
    expect(startBy(work, { ...bench!, nextRideAt: bench!.from + 4 * HOUR })).toBe(
      bench!.from + 1.5 * HOUR,
    );
  });

  it('it may begin up to a minute late, and not two', () => {
    const by = (ms: number) =>
      mayDo(work, { ...bench!, nextRideAt: bench!.from + 2.5 * HOUR + ms }, on);
    expect([by(0), by(-60_000), by(-61_000)]).toEqual([true, true, false]);
  });

  it('a bottle may be used at the coldest its label allows, and no colder', () => {
    const at = (temperatureC: number) =>
      mayDo({ ...work, leastC: 5 }, { ...bench!, air: { ...bench!.air, temperatureC } }, on);
    expect([at(5), at(4.9)]).toEqual([true, false]);
  });
});

describe('prices', () => {
  it('of another oil are weighed half, of another family whole, of the same or on bare steel not', () => {
    const wax = { ...coatKind('drip wax'), family: 'wax' as const };
    const bare = { ...coatKind('wet'), family: 'bare' as const, lubeClass: null };
    const problem = problemFor([{}], {
      coats: [coatKind('wet'), coatKind('dry'), wax, bare as never],
    });
    const work = workOf('top-up', 'solvent wipe', 'wet', { handsOn: 30, money: 1, coat: 0 });
    const on = (n: number) => turnPrice(problem, work, problem.coats[n]);
    expect([on(0), on(1), on(2), on(3)]).toEqual([0, 3.5, 7, 0]);
    expect(turnPrice(problem, { ...work, coat: null }, problem.coats[1])).toBe(0);
  });

  it('of a start anew: a coat of 3.50, a wipe at most half as much again, a clean by its cogs too', () => {
    const works = [
      workOf('wipe-down', 'dry wipe', null, { handsOn: 5, money: 0 }),
      workOf('top-up', 'solvent wipe', 'wet', { handsOn: 15, money: 0.5 }),
      workOf('on-bike clean', 'brush', 'wet', { handsOn: 30, money: 1 }),
    ];
    const problem = problemFor([{}], { works, limits: { outside: 0.4, inside: 0.2 } });
    expect(startAnew(problem, 1, { o: 0, i: 0, c: 0 })).toBe(0);
    expect(startAnew(problem, 0.25, { o: 0, i: 0, c: 0 })).toBeCloseTo(3.5 * 0.75, 9);
    expect(startAnew(problem, 1, { o: 0.2, i: 0, c: 0 })).toBeCloseTo(0.5, 9);
    expect(startAnew(problem, 1, { o: 1, i: 0, c: 0 })).toBeCloseTo(1.5, 9);
    expect(startAnew(problem, 1, { o: 0, i: 0.2, c: 0.5 })).toBeCloseTo(3.5 * 1.15, 9);
    // The end of a plan is worth that for each coat, and nothing is done on a day without a bench.
    const two = problemFor([{ minutes: 0 }], { works, coats: [coatKind('wet'), coatKind('dry')] });
    const { before } = solve(two, [0], [false]);
    expect(before[STATES]).toBeCloseTo(before[0]!, 9);
    expect(before[0]).toBeGreaterThan(0);
  });
});

describe('wetness at its edges', () => {
  it('counts no chain that is dry within the hour, and asks nothing of days that are not there', () => {
    const problem = problemFor([{}, {}]);
    expect(wetHoursAt(problem, 9)).toBe(0);
    const drips = (mm: number, hoursAgo: number) => {
      problem.benches[0]!.parked = { at: problem.benches[1]!.from - hoursAgo * HOUR, mm: [mm] };
      return wetHoursAt(problem, 1);
    };
    const whole = drips(4, 0);
    expect(whole).toBeGreaterThan(LEAST_WET_H);
    expect(drips(4, whole - LEAST_WET_H + 0.01)).toBe(0);
    expect(drips(4, whole - LEAST_WET_H - 0.1)).toBeCloseTo(LEAST_WET_H + 0.1, 6);
    // A quarter of the water that soaks a chain drips a quarter as long.
    const soaked = problem.benches[1]!;
    expect(soaked.parked).toBeNull();
    expect(drips(0.25, 0) / drips(0.5, 0)).toBeCloseTo(0.5, 6);
  });

  it('is not counted of futures in which nobody rides', () => {
    const problem = problemFor([{ ride: [rideExposure(30, { onChainMm: 4 })] }, {}]);
    problem.benches[0]!.rides[0]!.at = problem.benches[1]!.from - 0.5 * HOUR;
    const one = wetHoursAt(problem, 1);
    const two = { ...problem, natures: [...problem.natures, ...problem.natures] };
    expect(one).toBeGreaterThan(0);
    expect(wetHoursAt(two, 1)).toBeCloseTo(one, 9);
  });
});
