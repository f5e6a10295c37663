import { extraWatts } from '../../care/model/state';
import { NO_EFFECT, rideOn } from '../../care/model/ride';
import { rodeOn, standOn, wetOn } from '../../care/model/stand';
import { workOn, type WorkSpec } from '../../care/model/work';
import type { Exposure } from '../../care/model/exposure';
import type { Factors } from '../../care/model/personal';
import { MS_PER_HOUR } from '../../units/convert';
import { futureOf, isWet, livesLeft, type Future } from './future';
import type { BenchSlot, BikeProblem, RideExposed, Work } from '../solver/problem';
import { minutesOf } from '../solver/rules';
import { dryWeight, grubbiness, priceOf, startAnew, turnPrice, wattWeight } from '../solver/terms';

/** How futures are followed. */
export interface Way {
  /** Days on which another bike is on the stand. */
  shared: readonly boolean[];
  /** Nobody looks at the chain, so that what would be seen need not be reckoned, and nothing is told of the jobs. */
  blind: boolean;
}

/** Every future of a problem, ridden up to its first bench. */
export function begun(problem: BikeProblem, { blind }: Way): Future[] {
  const futures = problem.natures.map((nature) => futureOf(problem, nature));
  const [first] = problem.benches;
  if (first) rideAll(problem, futures, { rides: problem.before, bench: first, blind });
  return futures;
}

/** Stands the chains up to a bench: what is decided there sees them so. */
export function toBench(futures: readonly Future[], bench: BenchSlot, { blind }: Way): void {
  for (const f of futures) standTo(f, bench.from, bench, blind);
}

/** Does a work (null: nothing) in each future at bench `d`, and rides to the next one. */
export function throughDay(
  problem: BikeProblem,
  futures: readonly Future[],
  { d, works }: { d: number; works: readonly (Work | null)[] },
  { shared, blind }: Way,
): void {
  const bench = problem.benches[d];
  if (!bench) throw new Error(`No bench ${d}`);
  futures.forEach((f, k) => {
    const work = works[k];
    if (!work) return;
    const minutes = minutesOf(work, shared[d] ?? false);
    doIt(problem, f, { day: d, bench, work, minutes, blind });
  });
  rideAll(problem, futures, { rides: bench.rides, bench, blind });
  futures.forEach((f, k) => rainOn(f, bench, k, blind));
}

/** Closes the costs of every future, at the end of the day of the last bench. */
export function ended(problem: BikeProblem, futures: readonly Future[], { blind }: Way): void {
  const last = problem.benches.at(-1);
  const end = (last?.from ?? problem.now) + 24 * MS_PER_HOUR;
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
}

/** Rides of a day, and who looks. */
interface Rides {
  rides: readonly RideExposed[];
  bench: BenchSlot;
  blind: boolean;
}

function rideAll(
  problem: BikeProblem,
  futures: readonly Future[],
  { rides, bench, blind }: Rides,
): void {
  for (const ride of rides)
    futures.forEach((f, k) => {
      const x = ride.exposure[k];
      if (x) rideIt(problem, f, { ride, x, bench, blind });
    });
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
  const by = { air: bench.air, coat: work.from };
  if (!blind) f.cogs = workOn(f.reckoned, f.cogs, spec, by);
  f.trueCogs = workOn(f.truth, f.trueCogs, spec, by);
  f.turns += turnPrice(problem, work, problem.coats[f.coat]);
  if (work.coat !== null) f.coat = work.coat;
  f.costs.jobs += 1;
  f.costs.minutes += minutes;
  f.costs.goods += priceOf(work, 0, problem.prices);
  if (work.deep) f.cleanedDay = bench.day;
  if (!blind) f.done.push({ day, work, film, outside, inside, wet });
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
