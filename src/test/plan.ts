import { dryRoad } from './dryRoad';
import { startState } from '@/core/care/model/state';
import { OF_ITS_CLASS, type WorkSpec } from '@/core/care/model/work';
import type { Exposure } from '@/core/care/model/exposure';
import type { Factors } from '@/core/care/model/personal';
import { Chance } from '@/core/chance/chance';
import { LUBE_CLASSES, type LubeClass } from '@/core/lube/classes';
import { follow, type Policy } from '@/core/plan/simulate/follow';
import { meanTotal } from '@/core/plan/simulate/search';
import type {
  BenchSlot,
  BikeProblem,
  CoatKind,
  RideExposed,
  Work,
} from '@/core/plan/solver/problem';
import { STORAGE_AIR } from '@/core/weather/drying';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';

/** Tuesday evening: the first bench of a test's plan. */
export const FIRST = Date.parse('2026-11-24T18:00:00Z');

export const rideExposure = (km: number, more: Partial<Exposure> = {}): Exposure =>
  dryRoad(km, { hours: km / 24, ...more });

const spec = (method: WorkSpec['method'], lubeClass: LubeClass | null): WorkSpec => ({
  method,
  cogsCleaned: method === 'brush',
  baths: { count: 3, ml: 150 },
  drying: 'towel and air',
  lube: lubeClass && { lubeClass, coat: 1, wiped: true },
});

export const workOf = (
  depth: Work['depth'],
  method: WorkSpec['method'],
  lube: LubeClass | null,
  more: Partial<Work> = {},
): Work => ({
  depth,
  coat: lube ? 0 : null,
  over: ['oil', 'wax', 'bare'],
  spec: spec(method, lube),
  from: OF_ITS_CLASS,
  deep: method === 'brush',
  handsOn: 15,
  elapsed: 20,
  setHours: lube ? LUBE_CLASSES[lube].setHours : 0,
  carrier: lube ? LUBE_CLASSES[lube].carrier : 'none',
  money: 0.5,
  coatsLeft: null,
  leastC: null,
  bottleId: null,
  lubeName: lube,
  ...more,
});

export const coatKind = (lubeClass: LubeClass): CoatKind => ({
  id: lubeClass,
  lubeClass,
  family: 'oil',
  lifeKm: LUBE_CLASSES[lubeClass].lifeKm,
  atHand: true,
});

const HANDBOOK: Factors = { life: 1, grit: 1, wear: 1 };

/** A day of a test's plan; its ride starts the morning after the bench. */
export interface TestDay {
  /** One exposure a future; none: no ride. */
  ride?: readonly Exposure[];
  minutes?: number;
  more?: Partial<BenchSlot>;
}

/** A plan's problem made by hand: one coat, a top-up and a clean, a bench each evening. */
export function problemFor(days: readonly TestDay[], more: Partial<BikeProblem> = {}): BikeProblem {
  const lube: LubeClass = more.coats?.[0]?.lubeClass ?? 'wet';
  const starts = days.map((_, d) => FIRST + d * MS_PER_DAY);
  const rideAt = (d: number) => (starts[d] ?? 0) + 14 * MS_PER_HOUR;
  const futures = Math.max(1, ...days.map((d) => d.ride?.length ?? 0));
  const benches = days.map((day, d): BenchSlot => {
    const next = days.findIndex((x, e) => e >= d && x.ride !== undefined);
    const rides: RideExposed[] = day.ride
      ? [
          {
            date: '',
            at: rideAt(d),
            hours: day.ride[0]?.hours ?? 0,
            weight: 'ordinary',
            exposure: day.ride,
          },
        ]
      : [];
    return {
      date: new Date(starts[d] ?? 0).toISOString().slice(0, 10),
      day: Math.floor((starts[d] ?? 0) / MS_PER_DAY),
      from: starts[d] ?? 0,
      minutes: day.minutes ?? 60,
      air: STORAGE_AIR.indoors,
      nextRideAt: next < 0 ? null : rideAt(next),
      rides,
      parked: null,
      raceEve: false,
      sameLube: false,
      raceBy: null,
      mark: null,
      ...day.more,
    };
  });
  const state = startState(
    { lube, kmSinceLube: 0, look: 'clean', kmBefore: 500, wearPercent: 0.1 },
    FIRST - MS_PER_HOUR,
  );
  return {
    bikeId: 'b',
    chainId: 'c',
    bikeName: 'Test bike',
    now: FIRST - MS_PER_HOUR,
    state,
    cogs: 0.05,
    factors: HANDBOOK,
    natures: Array.from({ length: futures }, () => HANDBOOK),
    coats: [coatKind(lube)],
    coatNow: 0,
    works: [
      workOf('top-up', 'solvent wipe', lube),
      workOf('on-bike clean', 'brush', lube, { handsOn: 30, elapsed: 60 }),
    ],
    limits: { outside: 0.35, inside: 0.3 },
    before: [],
    benches,
    prices: {
      hour: 12,
      wearPercent: 100,
      rust: 7.5,
      wattHour: 0.005,
      dryKm: 0.1,
      grubbyKm: 0.04,
    },
    capDays: null,
    lastCleanDay: Math.floor(FIRST / MS_PER_DAY),
    ...more,
  };
}

/** A small plan drawn at random: rides, rain, dirt, the chain as it stands. */
export function randomProblem(seed: number, dayCount: number, futures: number): BikeProblem {
  const chance = new Chance(seed, 61);
  const days = Array.from({ length: dayCount }, (): TestDay => {
    if (chance.uniform() < 0.3) return {};
    const km = 15 + 90 * chance.uniform();
    return {
      minutes: chance.uniform() < 0.2 ? 20 : 60,
      ride: Array.from({ length: futures }, () => {
        const wet = chance.uniform() < 0.4 ? chance.uniform() : 0;
        return rideExposure(km, {
          wetShare: wet,
          waterMm: wet * 3 * chance.uniform(),
          onChainMm: wet * chance.uniform(),
          dirtPerKm: 1 + 2 * chance.uniform(),
        });
      }),
    };
  });
  const lube = chance.pick(['wet', 'dry', 'all-weather'] as const);
  const air = STORAGE_AIR[chance.pick(['indoors', 'shed', 'outdoors'] as const)];
  const problem = problemFor(
    days.map((day) => ({ ...day, more: { air } })),
    { coats: [coatKind(lube)], cogs: 0.5 * chance.uniform() },
  );
  problem.state.film = chance.uniform();
  problem.state.worn = 1 - problem.state.film;
  problem.state.outside = 0.6 * chance.uniform();
  problem.state.inside = 0.4 * chance.uniform();
  return problem;
}

/** Every sequence of nothing and the works over the days, each followed to its end: the least mean cost. */
export function exhaustively(
  problem: BikeProblem,
  allowed: (d: number, work: Work) => boolean,
): { total: number; sequence: (Work | null)[] } {
  const { benches, works } = problem;
  const options: (Work | null)[] = [null, ...works];
  let best = { total: Infinity, sequence: [] as (Work | null)[] };
  const count = options.length ** benches.length;
  for (let n = 0; n < count; n++) {
    const sequence = benches.map(
      (_, d) => options[Math.floor(n / options.length ** d) % options.length] ?? null,
    );
    if (!sequence.every((w, d) => w === null || allowed(d, w))) continue;
    const policy: Policy = (d, _, all) => all.map(() => sequence[d] ?? null);
    const total = meanTotal(follow(problem, policy, []).map((f) => f.costs));
    if (total < best.total) best = { total, sequence };
  }
  return best;
}
