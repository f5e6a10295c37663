import { coatKind, problemFor, rideExposure, workOf } from '@/test/plan';
import { solve } from '../solver/backward';
import type { BikeProblem, Work } from '../solver/problem';
import { follow } from '../simulate/follow';
import { adaptive, type Days } from '../simulate/policies';
import { weighStock } from '../simulate/scarcity';

const wet = workOf('top-up', 'solvent wipe', 'wet', { handsOn: 15, money: 0.5 });
const wipe = workOf('wipe-down', 'dry wipe', null, { handsOn: 5, money: 0 });
const ride = [rideExposure(120), rideExposure(60)];
const evenings = Array.from({ length: 16 }, () => ({ ride }));

/** Long rides each day in two futures: more coats are wanted than a bottle nearly empty holds. */
const withStock = (coatsLeft: number | null, more: readonly Work[] = []): BikeProblem =>
  problemFor(evenings, {
    works: [{ ...wet, bottleId: 'b', coatsLeft }, wipe, ...more],
    coats: [coatKind('wet')],
  });
const daysOf = (problem: BikeProblem, used?: Days['used']): Days => ({
  minutes: problem.benches.map((b) => b.minutes),
  shared: problem.benches.map(() => false),
  ...(used && { used }),
});

/** Mean coats of the bottle that are used where each is worth so much and there are any number. */
function wantedAt(problem: BikeProblem, worth: number): number {
  const works = problem.works.map((w): Work => ({
    ...w,
    coatsLeft: null,
    ...(w.bottleId === 'b' && { scarce: worth }),
  }));
  const lifted = { ...problem, works };
  const days = daysOf(problem);
  const values = solve(lifted, days.minutes, days.shared);
  const futures = follow(lifted, adaptive(lifted, values, days), days.shared);
  const coats = futures.map((f) => f.done.filter((x) => x.work.bottleId === 'b').length);
  return coats.reduce((sum, n) => sum + n, 0) / futures.length;
}

const scarceOf = ({ problem }: { problem: BikeProblem }) => problem.works.map((w) => w.scarce ?? 0);

describe('the worth of the last coats', () => {
  const free = wantedAt(withStock(null), 0);

  it('is nothing beside where there are as many as are wanted', () => {
    expect(free).toBeGreaterThan(2);
    for (const left of [null, free, free + 5]) {
      const problem = withStock(left);
      const weighed = weighStock(problem, undefined, daysOf(problem));
      expect(weighed.problem).toBe(problem);
      expect(weighed.free).toHaveLength(2);
    }
  });

  it('is the least at which no more are wanted than there are, to a 64th of a per cent of wear', () => {
    for (const left of [1, free - 0.5]) {
      const problem = withStock(left);
      const weighed = weighStock(problem, undefined, daysOf(problem));
      const [worth = 0] = scarceOf(weighed);
      expect(worth).toBeGreaterThan(0);
      expect(wantedAt(problem, worth)).toBeLessThanOrEqual(left);
      const step = problem.prices.wearPercent / 64;
      expect(wantedAt(problem, worth - step)).toBeGreaterThan(left);
      expect(weighed.free).toBeNull();
    }
  });

  it('takes what other bikes use off what is left', () => {
    const problem = withStock(free + 1);
    const beside = (n: number) =>
      scarceOf(weighStock(problem, undefined, daysOf(problem, { b: n })));
    expect(beside(1)).toEqual([0, 0]);
    const [worth = 0] = beside(free);
    expect(worth).toBeCloseTo(
      scarceOf(weighStock(withStock(1), undefined, daysOf(problem)))[0]!,
      9,
    );
    expect(scarceOf(weighStock(problem, undefined, daysOf(problem, { other: 9 })))).toEqual([0, 0]);
  });

  it('belongs to the bottle that runs out: not to another, nor to work without one', () => {
    const dear = { ...wet, money: 40 };
    const other = { ...dear, bottleId: 'full', coatsLeft: 50 };
    const problem = withStock(1, [other, { ...dear, bottleId: null, coatsLeft: 0 }]);
    const scarce = scarceOf(weighStock(problem, undefined, daysOf(problem)));
    expect(scarce[0]).toBeGreaterThan(0);
    expect(scarce.slice(1)).toEqual([0, 0, 0]);
  });

  it('uses values that are known already', () => {
    const problem = withStock(null);
    const days = daysOf(problem);
    const values = solve(problem, days.minutes, days.shared);
    expect(weighStock(problem, values, days).values).toBe(values);
  });
});
