import {
  copyState,
  extraWatts,
  filmAt,
  NO_EFFECT,
  rideOn,
  rodeOn,
  standOn,
  wetOn,
  work as doWork,
  type ChainState,
  type Exposure,
  type Factors,
  type WorkSpec,
} from '../../care';
import { MS_PER_HOUR } from '../../units';
import { noCosts, type Costs } from './costs';
import type { BenchSlot, BikeProblem, RideExposed, Work } from '../solver/problem';
import { minutesOf } from '../solver/rules';
import { dryWeight, grubbiness, priceOf, startAnew, turnPrice, wattWeight } from '../solver/terms';

/** A work done, and the chain as it was reckoned before. */
export interface Done {
  day: number;
  work: Work;
  film: number;
  outside: number;
  inside: number;
  wet: boolean;
}

/** A chain in one future: as the model reckons it, which is what decisions see, and as it truly is there. */
export interface Future {
  reckoned: ChainState;
  cogs: number;
  truth: ChainState;
  trueCogs: number;
  coat: number;
  nature: Factors;
  costs: Costs;
  /** What changes of lube must gain beside: see `turnPrice`. */
  turns: number;
  /** Day of the last clean, days since 1970. */
  cleanedDay: number;
  done: Done[];
}

/** What is done at a bench in each future; null: nothing. */
export type Policy = (d: number, bench: BenchSlot, futures: readonly Future[]) => (Work | null)[];

/** Less hours of wetness left than this count as dry. */
const WET_LEFT_H = 1;
export const isWet = (state: ChainState): boolean => state.wetLeftH > WET_LEFT_H;

/** A chain as it stands before the plan, in the future of one nature. */
const futureOf = (problem: BikeProblem, nature: Factors): Future => {
  const { state, cogs, factors } = problem;
  return {
    reckoned: copyState(state),
    cogs,
    truth: { ...copyState(state), film: filmAt(state, nature.life, factors.life) },
    trueCogs: cogs,
    coat: problem.coatNow,
    nature,
    costs: noCosts(),
    turns: 0,
    cleanedDay: problem.lastCleanDay,
    done: [],
  };
};

/**
 * Follows a policy through every future, day by day, by the care model itself: rides, standing, work. The
 * futures share their days, so that a policy may also decide for all of them at once. `blind`: the policy looks
 * at no chain, so that what it would see need not be reckoned.
 */
export function follow(
  problem: BikeProblem,
  policy: Policy,
  shared: readonly boolean[],
  blind = false,
): Future[] {
  const { natures, benches } = problem;
  const futures = natures.map((nature) => futureOf(problem, nature));
  const rideAll = (rides: readonly RideExposed[], bench: BenchSlot | undefined) => {
    for (const ride of rides)
      futures.forEach((f, k) => {
        const x = ride.exposure[k];
        if (bench && x) rideIt(problem, f, { ride, x, bench, blind });
      });
  };
  rideAll(problem.before, benches[0]);
  benches.forEach((bench, d) => {
    for (const f of futures) standTo(f, bench.from, bench, blind);
    const works = policy(d, bench, futures);
    futures.forEach((f, k) => {
      const work = works[k];
      if (work)
        doIt(problem, f, {
          day: d,
          bench,
          work,
          minutes: minutesOf(work, shared[d] ?? false),
          blind,
        });
    });
    rideAll(bench.rides, bench);
    futures.forEach((f, k) => rainOn(f, bench, k, blind));
  });
  const end = (benches.at(-1)?.from ?? problem.now) + 24 * MS_PER_HOUR;
  const last = benches.at(-1);
  for (const f of futures) {
    if (last) standTo(f, end, last, blind);
    const { costs, truth } = f;
    costs.remainder = startAnew(problem, livesLeft(problem, f.coat, truth), {
      o: truth.outside,
      i: truth.inside,
      c: f.trueCogs,
    });
    costs.total =
      (costs.minutes / 60) * problem.prices.hour +
      costs.goods +
      costs.wearMoney +
      costs.rust * problem.prices.rust +
      costs.penalties +
      costs.remainder;
  }
  return futures;
}

/** Film left of a coat in lives of one on a clean chain, as the grid counts it. */
export function livesLeft(problem: BikeProblem, coat: number, chain: ChainState): number {
  const kind = problem.coats[coat];
  return !kind || kind.lubeClass === null ? 0 : chain.film * (chain.lifeKm / kind.lifeKm);
}

function standTo(f: Future, to: number, bench: BenchSlot, blind: boolean): void {
  const before = f.truth.rust;
  if (!blind) standOn(f.reckoned, to, bench.air);
  standOn(f.truth, to, bench.air);
  f.costs.rust += Math.max(0, f.truth.rust - before);
}

/** Wets a chain by the rain on its bike while it stands. */
function rainOn(f: Future, bench: BenchSlot, k: number, blind: boolean): void {
  const mm = bench.parked?.mm[k] ?? 0;
  if (!bench.parked || mm <= 0) return;
  standTo(f, bench.parked.at, bench, blind);
  wetOn(f.truth, mm, bench.air);
  if (!blind) wetOn(f.reckoned, mm, bench.air);
}

const rescueOf = ({ spec }: Work): WorkSpec => ({ ...spec, drying: 'towel and air' });

interface JobAt {
  day: number;
  bench: BenchSlot;
  work: Work;
  minutes: number;
  blind: boolean;
}

function doIt(problem: BikeProblem, f: Future, { day, bench, work, minutes, blind }: JobAt): void {
  const { film, outside, inside } = f.reckoned;
  const wet = isWet(f.reckoned);
  // A top-up on a wet chain is a rescue: the water is driven out first.
  const spec = isWet(f.truth) && work.depth === 'top-up' ? rescueOf(work) : work.spec;
  if (!blind) {
    const reckoned = doWork(f.reckoned, f.cogs, spec, { air: bench.air, coat: work.from });
    f.reckoned = reckoned.state;
    f.cogs = reckoned.cogs;
  }
  const truth = doWork(f.truth, f.trueCogs, spec, { air: bench.air, coat: work.from });
  f.truth = truth.state;
  f.trueCogs = truth.cogs;
  f.turns += turnPrice(problem, work, problem.coats[f.coat]);
  if (work.coat !== null) f.coat = work.coat;
  f.costs.jobs += 1;
  f.costs.minutes += minutes;
  f.costs.goods += priceOf(work, 0, problem.prices);
  if (work.deep) f.cleanedDay = bench.day;
  f.done.push({ day, work, film, outside, inside, wet });
}

/** Filled by each ride and read at once. */
const effect = { ...NO_EFFECT };

/** A ride that meets a chain in a future, and who looks. */
interface RideMet {
  ride: RideExposed;
  x: Exposure;
  bench: BenchSlot;
  blind: boolean;
}

function rideIt(problem: BikeProblem, f: Future, { ride, x, bench, blind }: RideMet): void {
  const { prices, limits, factors } = problem;
  standTo(f, ride.at, bench, blind);
  const { truth, costs } = f;
  const watts = extraWatts(truth);
  const { outside, inside, wear, rust } = truth;
  // Each lube gathers grit at its own rate on this bike.
  const times = problem.coats[f.coat]?.grit ?? 1;
  const own = (by: Factors): Factors => (times === 1 ? by : { ...by, grit: by.grit * times });
  if (!blind) {
    f.cogs = rideOn(f.reckoned, f.cogs, x, { factors: own(factors) });
    rodeOn(f.reckoned, x, bench.air);
  }
  f.trueCogs = rideOn(truth, f.trueCogs, x, { factors: own(f.nature), effect });
  rodeOn(truth, x, bench.air);
  const wattHours = ((watts + extraWatts(truth)) / 2) * x.hours;
  const grubby = grubbiness((outside + truth.outside) / 2, (inside + truth.inside) / 2, limits);
  costs.wear += truth.wear - wear;
  costs.wearMoney += (truth.wear - wear) * prices.wearPercent;
  costs.rust += Math.max(0, truth.rust - rust);
  costs.dryKm += effect.dryKm;
  costs.grubbyKm += x.km * grubby;
  costs.wattHours += wattHours;
  costs.rideHours += x.hours;
  costs.km += x.km;
  costs.penalties +=
    effect.dryKm * prices.dryKm * dryWeight(ride.weight) +
    x.km * grubby * prices.grubbyKm +
    wattHours * prices.wattHour * wattWeight(ride.weight);
}
