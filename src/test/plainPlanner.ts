import { copyState } from '@/core/care/model/copyState';
import { extraWatts, type ChainState } from '@/core/care/model/state';
import { ride } from '@/core/care/model/ride';
import { rodeOn, stand } from '@/core/care/model/stand';
import { work } from '@/core/care/model/work';
import { COGS, FILM, INSIDE, OUTSIDE } from '@/core/plan/solver/grid';
import type { BenchSlot, BikeProblem, Work } from '@/core/plan/solver/problem';
import { MS_PER_DAY } from '@/core/units/convert';
import { plainEnd, plainGrubbiness, plainPrice, PLAIN_WEIGHT, whyNot } from './plainPlan';

/**
 * The planner as one would write it first: the same grid, days backwards, but every state a chain of its own,
 * every work and every ride done by the care model, every value blended from its sixteen neighbours by name.
 * Held beside the fast one, for its values and for its speed. Wet chains are left out of it.
 */
export function plainly(problem: BikeProblem): (coat: number, s: Place) => number {
  let next = (coat: number, s: Place) =>
    plainEnd(problem, { ...s, film: problem.coats[coat]?.lubeClass ? s.film : 0 });
  for (const bench of [...problem.benches].reverse()) {
    const after = next;
    const values = new Map<string, number>();
    problem.coats.forEach((coat, p) => {
      for (const film of FILM)
        for (const o of OUTSIDE)
          for (const i of INSIDE)
            for (const c of COGS) {
              const s = { film, o, i, c };
              const options: (Work | null)[] = [
                null,
                ...problem.works.filter(
                  (work) =>
                    whyNot({
                      work,
                      bench,
                      family: coat.family,
                      coat: p,
                      wet: false,
                      minutes: bench.minutes,
                      shared: false,
                    }).length === 0,
                ),
              ];
              const costs = options.map((w) =>
                costOf(problem, bench, { coat: p, s, what: w, after }),
              );
              values.set(keyOf(p, s), Math.min(...costs));
            }
    });
    next = (coat, s) => blend(values, coat, s);
  }
  return next;
}

/** A state of the grid. */
export interface Place {
  film: number;
  o: number;
  i: number;
  c: number;
}

const keyOf = (coat: number, { film, o, i, c }: Place): string => [coat, film, o, i, c].join();

/** A chain in a state, with its coat as new as its film says. */
function chainAt(problem: BikeProblem, coat: number, s: Place, at: number): ChainState {
  const kind = problem.coats[coat];
  return {
    ...copyState(problem.state),
    at,
    lube: kind?.lubeClass ?? null,
    lifeKm: kind?.lifeKm ?? 0,
    film: s.film,
    outside: s.o,
    inside: s.i,
    wetLeftH: 0,
    lubedAt: 0,
    setAt: 0,
  };
}

interface Before {
  coat: number;
  s: Place;
  what: Work | null;
  after: (coat: number, s: Place) => number;
}

/** What a decision and the rides after it cost on average, and what follows. */
function costOf(problem: BikeProblem, bench: BenchSlot, { coat, s, what, after }: Before): number {
  const { prices, limits, factors, natures } = problem;
  let chain = chainAt(problem, coat, s, bench.from);
  let cogs = s.c;
  let now = coat;
  let cost = 0;
  if (what) {
    const done = work(chain, cogs, what.spec, { air: bench.air, coat: what.from });
    [chain, cogs, now] = [done.state, done.cogs, what.coat ?? coat];
    // A change between wax and oil must gain its price once more, one between two oils half of it.
    const [from, to] = [problem.coats[coat], problem.coats[now]];
    const same = from?.lubeClass === to?.lubeClass || from?.family === 'bare';
    const more = same ? 0 : from?.family === to?.family ? 0.5 : 1;
    cost += plainPrice(what, prices.hour) * (1 + more);
  }
  let sum = 0;
  for (const [k] of natures.entries()) {
    let state = copyState(chain);
    let grit = cogs;
    let own = 0;
    for (const x of bench.rides) {
      const exposure = x.exposure[k];
      if (!exposure) continue;
      state = stand(state, x.at, bench.air);
      const ridden = ride(state, grit, exposure, factors);
      rodeOn(ridden.state, exposure, bench.air);
      const grubby = plainGrubbiness(
        (state.outside + ridden.state.outside) / 2,
        (state.inside + ridden.state.inside) / 2,
        limits,
      );
      const wattHours = ((watts(state) + watts(ridden.state)) / 2) * exposure.hours;
      own +=
        (ridden.state.wear - state.wear) * prices.wearPercent +
        ridden.effect.dryKm * prices.dryKm * PLAIN_WEIGHT[x.weight].dry +
        grubby * exposure.km * prices.grubbyKm +
        wattHours * prices.wattHour * PLAIN_WEIGHT[x.weight].watt;
      [state, grit] = [ridden.state, ridden.cogs];
    }
    state = stand(state, bench.from + MS_PER_DAY, bench.air);
    const life = problem.coats[now]?.lifeKm ?? 1;
    own += after(now, {
      film: state.film * (state.lifeKm / life),
      o: state.outside,
      i: state.inside,
      c: grit,
    });
    sum += own / natures.length;
  }
  return cost + sum;
}

/** The grid leaves wear's own watts out: no work changes them. */
const watts = (s: ChainState): number => extraWatts({ ...s, wear: 0 });

/** Straight between the neighbours on each axis. */
function blend(values: ReadonlyMap<string, number>, coat: number, s: Place): number {
  const sides = (axis: readonly number[], x: number): [number, number][] => {
    const at = Math.min(Math.max(0, axis.findIndex((a) => a > x) - 1), axis.length - 2);
    const n = x >= (axis[axis.length - 1] ?? 1) ? axis.length - 2 : at;
    const [low = 0, high = 1] = [axis[n], axis[n + 1]];
    const share = Math.min(1, Math.max(0, (x - low) / (high - low)));
    return [
      [low, 1 - share],
      [high, share],
    ];
  };
  let sum = 0;
  for (const [film, a] of sides(FILM, s.film))
    for (const [o, b] of sides(OUTSIDE, s.o))
      for (const [i, c] of sides(INSIDE, s.i))
        for (const [cogs, d] of sides(COGS, s.c))
          sum += a * b * c * d * (values.get(keyOf(coat, { film, o, i, c: cogs })) ?? NaN);
  return sum;
}
