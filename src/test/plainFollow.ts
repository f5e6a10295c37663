import { copyState } from '@/core/care/model/copyState';
import { extraWatts, type ChainState } from '@/core/care/model/state';
import { filmAt } from '@/core/care/verdict/lookAhead';
import { ride } from '@/core/care/model/ride';
import { rodeOn, stand, wetOn } from '@/core/care/model/stand';
import { work as doWork } from '@/core/care/model/work';
import type { Exposure } from '@/core/care/model/exposure';
import type { Factors } from '@/core/care/model/personal';
import type { Air } from '@/core/weather/drying';
import type { BikeProblem, Work } from '@/core/plan/solver/problem';
import { plainEnd, plainGrubbiness, PLAIN_WEIGHT } from './plainPlan';

/** One thing that comes to a chain, in the air of its evening. */
type Happening = { at: number; air: Air } & (
  | { kind: 'work'; day: number; epochDay: number; work: Work | null }
  | { kind: 'ride'; x: Exposure; weight: keyof typeof PLAIN_WEIGHT }
  | { kind: 'rain'; mm: number }
  | { kind: 'end' }
);

/** All that comes to a chain in one future, one after the other. */
function happenings(p: BikeProblem, k: number, works: readonly (Work | null)[]): Happening[] {
  const list: Happening[] = [];
  p.benches.forEach((bench, day) => {
    const { air } = bench;
    const rides = day === 0 ? [...p.before, ...bench.rides] : bench.rides;
    for (const r of rides)
      list.push({ at: r.at, air, kind: 'ride', x: r.exposure[k]!, weight: r.weight });
    list.push({
      ...{ at: bench.from, air, kind: 'work' },
      ...{ day, epochDay: bench.day, work: works[day] ?? null },
    });
    const mm = bench.parked?.mm[k] ?? 0;
    if (bench.parked && mm > 0) list.push({ at: bench.parked.at, air, kind: 'rain', mm });
    if (day === p.benches.length - 1) list.push({ at: bench.from + 86_400_000, air, kind: 'end' });
  });
  return list.sort((a, b) => a.at - b.at);
}

/** A chain led through its happenings: `truth` says when a top-up finds it wet, and so must be a rescue. */
function lead(
  p: BikeProblem,
  start: ChainState,
  list: readonly Happening[],
  { factors, shared, wetAt }: { factors: Factors; shared: readonly boolean[]; wetAt?: boolean[] },
) {
  const sums = { jobs: 0, minutes: 0, goods: 0, wear: 0, dryKm: 0, rust: 0, grubbyKm: 0 };
  const ridden = { wattHours: 0, rideHours: 0, km: 0, penalties: 0 };
  const done: { day: number; film: number; outside: number; inside: number; wet: boolean }[] = [];
  const foundWet: boolean[] = [];
  let [chain, cogs, coat, cleaned] = [start, p.cogs, p.coatNow, p.lastCleanDay];
  for (const h of list) {
    const stood = stand(chain, h.at, h.air);
    sums.rust += Math.max(0, stood.rust - chain.rust);
    chain = stood;
    if (h.kind === 'rain') {
      chain = copyState(chain);
      wetOn(chain, h.mm, h.air);
    }
    if (h.kind === 'work' && h.work) {
      const { film, outside, inside, wetLeftH } = chain;
      const wet = wetLeftH > 1;
      done.push({ day: h.day, film, outside, inside, wet });
      foundWet.push(wet);
      const rescued = h.work.depth === 'top-up' && (wetAt ? wetAt[done.length - 1] : wet);
      const spec = rescued ? { ...h.work.spec, drying: 'towel and air' as const } : h.work.spec;
      const after = doWork(chain, cogs, spec, { air: h.air, coat: h.work.from });
      [chain, cogs, coat] = [after.state, after.cogs, h.work.coat ?? coat];
      sums.jobs += 1;
      sums.minutes += shared[h.day] ? Math.max(2, h.work.handsOn - 3) : h.work.handsOn;
      sums.goods += h.work.money;
      if (h.work.deep) cleaned = h.epochDay;
    }
    if (h.kind === 'ride') {
      const own = { ...factors, grit: factors.grit * (p.coats[coat]?.grit ?? 1) };
      const after = ride(chain, cogs, h.x, own);
      const next = after.state;
      rodeOn(next, h.x, h.air);
      const wattHours = ((extraWatts(chain) + extraWatts(next)) / 2) * h.x.hours;
      const grubby = plainGrubbiness(
        (chain.outside + next.outside) / 2,
        (chain.inside + next.inside) / 2,
        p.limits,
      );
      sums.wear += next.wear - chain.wear;
      sums.rust += Math.max(0, next.rust - chain.rust);
      sums.dryKm += after.effect.dryKm;
      sums.grubbyKm += h.x.km * grubby;
      ridden.wattHours += wattHours;
      ridden.rideHours += h.x.hours;
      ridden.km += h.x.km;
      ridden.penalties +=
        after.effect.dryKm * p.prices.dryKm * PLAIN_WEIGHT[h.weight].dry +
        h.x.km * grubby * p.prices.grubbyKm +
        wattHours * p.prices.wattHour * PLAIN_WEIGHT[h.weight].watt;
      [chain, cogs] = [next, after.cogs];
    }
  }
  return { chain, cogs, coat, cleaned, done, foundWet, costs: { ...sums, ...ridden } };
}

/**
 * Works followed through one future as one would write it first: everything that comes, in the order of its time, to a
 * chain as it truly is there, and to another as the model reckons it. Tests hold `follow` against it.
 */
export function plainFollow(
  p: BikeProblem,
  k: number,
  works: readonly (Work | null)[],
  shared: readonly boolean[],
) {
  const list = happenings(p, k, works);
  const nature = p.natures[k]!;
  const start = { ...copyState(p.state), film: filmAt(p.state, nature.life, p.factors.life) };
  const truth = lead(p, start, list, { factors: nature, shared });
  const reckoned = lead(p, copyState(p.state), list, {
    ...{ factors: p.factors, shared, wetAt: truth.foundWet },
  });
  const { costs, chain } = truth;
  const kind = p.coats[truth.coat];
  const remainder = plainEnd(p, {
    film: kind?.lubeClass ? (chain.film * chain.lifeKm) / kind.lifeKm : 0,
    ...{ o: chain.outside, i: chain.inside, c: truth.cogs },
  });
  const wearMoney = costs.wear * p.prices.wearPercent;
  const total =
    (costs.minutes / 60) * p.prices.hour +
    (costs.goods + wearMoney + costs.penalties + remainder) +
    costs.rust * p.prices.rust;
  return { truth, reckoned, costs: { ...costs, wearMoney, remainder, total } };
}
