import { Chance } from '../../chance/chance';
import { clamp } from '../../units/convert';
import { normalQuantile, quantileOf } from '../../learn/belief';
import { CARE, STANDARDS } from '../model/constants';
import { sprayMmPerH, waterLeft, type Exposure } from '../model/exposure';
import { lifeQuantile, wearSigmaOf, type Factors, type Personal } from '../model/personal';
import { filmByStanding } from '../model/rates';
import { rideOn } from '../model/ride';
import { WEATHER } from '../model/sky';
import type { ChainState } from '../model/state';
import type { ClockName, Limits } from './clocks';
import { HORIZON_KM, stateWith, STEP_KM } from './lookAhead';
import { calendarHours, stretch, type TypicalRiding } from './typical';

/** Futures a spread is made of: enough that made-up riders of known truth lie within as often as is said. Own choice. */
const FUTURES = 48;
const SEED = 4711;

/** Rides known from which a rider's own weather counts as much as a mixed year's. Own choice. */
const CLIMATE_RIDES = 20;
/** Share of rides in a mixed year, and how wet the road then is. Common practice. */
const MIXED_YEAR = [
  { share: 0.7, ...WEATHER.dry },
  { share: 0.15, ...WEATHER.damp },
  { share: 0.12, ...WEATHER.wet },
  { share: 0.03, ...WEATHER.downpour },
] as const;

/** One way it may go: how coats, grit and wear then differ, and the weather of each ride. */
interface Future {
  factors: Factors;
  rides: (km: number) => Exposure;
}

/** Middles of as many equal shares of a normal as there are futures. */
const SPACED = Array.from({ length: FUTURES }, (_, n) => normalQuantile((n + 0.5) / FUTURES));

/** The order 0 … n − 1 shuffled. */
function shuffled(n: number, chance: Chance): number[] {
  const order = Array.from({ length: n }, (_, k) => k);
  for (let k = n - 1; k > 0; k--) {
    const other = Math.floor(chance.uniform() * (k + 1));
    [order[k], order[other]] = [order[other] as number, order[k] as number];
  }
  return order;
}

/** A ride under a mixed year's weather, on this rider's ground and as long as one of theirs. */
function climateRide(typical: TypicalRiding, chance: Chance): Exposure {
  const { perKm, guard, met, rideKm, indoors } = typical;
  let left = chance.uniform();
  const sky = MIXED_YEAR.find(({ share }) => (left -= share) < 0) ?? MIXED_YEAR[0];
  const km = met[Math.floor(chance.uniform() * met.length)]?.km ?? rideKm;
  // Who rides indoors goes on doing so, and no weather meets them there.
  if (chance.uniform() < indoors) return stretch(perKm, km);
  const hours = perKm.hours * km;
  const mmPerH = (sky.rainMmPerH + sprayMmPerH(km / hours) * sky.wetShare) * guard;
  // Wet ground is twice as dirty as dry: so much of the usual dirt is the ground's own.
  const ground = perKm.dirtPerKm / (1 + perKm.wetShare);
  const wetDirt = 2 * ground * sky.wetShare;
  return {
    ...perKm,
    km,
    hours,
    wetShare: sky.wetShare,
    waterMm: mmPerH * hours,
    onChainMm: waterLeft(mmPerH, hours),
    dirtPerKm: ground * (1 - sky.wetShare) + wetDirt,
    wetDirtPerKm: wetDirt,
  };
}

/**
 * The weather of rides to come: drawn from the rider's own of late, and the fewer those are the more from a year's. What
 * was drawn is drawn from again (Pólya's urn): a wet month may be a wetter one than the last.
 */
function ridesIn(typical: TypicalRiding, chance: Chance): (km: number) => Exposure {
  const { met } = typical;
  const drawn: Exposure[] = [];
  let until = 0;
  return (km) => {
    while (until <= km) {
      const known = met.length + CLIMATE_RIDES;
      const place = Math.floor(chance.uniform() * (known + drawn.length));
      const ride = met[place] ?? drawn[place - known] ?? climateRide(typical, chance);
      drawn.push(ride);
      until += ride.km;
    }
    return drawn[drawn.length - 1] as Exposure;
  };
}

function futuresFor(p: Personal, state: ChainState, typical: TypicalRiding): Future[] {
  const order = (stream: number) => shuffled(FUTURES, new Chance(SEED, stream));
  const [grits, wears] = [order(1), order(2)];
  const wearSigma = wearSigmaOf(state);
  return Array.from({ length: FUTURES }, (_, k) => ({
    factors: {
      life: lifeQuantile(p, state.notes, (k + 0.5) / FUTURES),
      grit: quantileOf(p.grit, ((grits[k] as number) + 0.5) / FUTURES, {
        noise: CARE.gritNoise.value,
      }),
      wear: state.wearFactor * Math.exp(wearSigma * (SPACED[wears[k] as number] as number)),
    },
    rides: ridesIn(typical, new Chance(SEED, k, 3)),
  }));
}

/** The value below which a share p lies, straight between two: each stands for the middle of its share. */
export function shareBelow(values: readonly number[], p: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const place = clamp(p * sorted.length - 0.5, 0, sorted.length - 1);
  const below = sorted[Math.floor(place)] as number;
  const above = sorted[Math.ceil(place)] as number;
  return below + (place - Math.floor(place)) * (above - below);
}

/** What futures are asked: how far until the first of some clocks, question by question. */
interface Asked {
  questions: readonly (readonly ClockName[])[];
  /** What was learnt; `mid` is what is reckoned with. */
  learnt: Personal;
  mid: Factors;
}

/** What a clock reads, where distance moves it, and where it fires. */
interface Gauge {
  key: 'film' | 'outside' | 'inside' | 'wear';
  limit: number;
  /** Fires falling to its limit, as film does; the others rise to theirs. */
  falls: boolean;
}

function gaugesOf(clocks: readonly ClockName[], limits: Limits): Gauge[] {
  const standard = STANDARDS[limits.standard];
  const all: Partial<Record<ClockName, Gauge>> = {
    film: { key: 'film', limit: CARE.reserve.value, falls: true },
    standing: { key: 'film', limit: CARE.reserve.value, falls: true },
    outside: { key: 'outside', limit: standard.outside, falls: false },
    inside: { key: 'inside', limit: standard.inside, falls: false },
    wear: { key: 'wear', limit: limits.wearPercent, falls: false },
  };
  return clocks.flatMap((clock) => all[clock] ?? []);
}

const firedBy = (state: ChainState, { key, limit, falls }: Gauge): boolean =>
  falls ? state[key] <= limit : state[key] > limit;

/**
 * Km a chain, changed in place, goes on in a future until the first gauge of each question fires: as `lookAhead` does,
 * without its record.
 */
function kmUntil(
  chain: { state: ChainState; cogs: number },
  typical: TypicalRiding,
  questions: readonly (readonly Gauge[])[],
  { factors, rides }: Future,
): number[] {
  const { state } = chain;
  let { cogs } = chain;
  let like: Exposure | null = null;
  let x = stretch(typical.perKm, STEP_KM);
  const idle = filmByStanding(state.lube, calendarHours(typical, STEP_KM));
  const answers = questions.map(() => HORIZON_KM);
  const open = new Set(questions.keys());
  const before = { ...state };
  for (let km = 0; km <= HORIZON_KM; km += STEP_KM) {
    for (const n of open) {
      const gauge = questions[n]?.find((each) => firedBy(state, each));
      if (!gauge) continue;
      const moved = state[gauge.key] - before[gauge.key];
      const beyond = moved === 0 ? 0 : clamp((state[gauge.key] - gauge.limit) / moved, 0, 1);
      answers[n] = Math.max(0, km - STEP_KM * beyond);
      open.delete(n);
    }
    if (open.size === 0) break;
    const { film, outside, inside, wear } = state;
    Object.assign(before, { film, outside, inside, wear });
    const ride = rides(km);
    if (ride !== like) x = stretch((like = ride), STEP_KM);
    cogs = rideOn(state, cogs, x, { factors });
    state.film = Math.max(0, state.film - idle);
  }
  return answers;
}

/**
 * Km to the first clock of each question in each of many futures, the horizon where none is reached: how this rider's
 * coats, roads and chain may differ from what is reckoned, and the weather they may meet. A row a question.
 */
export function rideFutures(
  now: { state: ChainState; cogs: number },
  typical: TypicalRiding,
  limits: Limits,
  { questions, learnt, mid }: Asked,
): number[][] {
  const gauges = questions.map((clocks) => gaugesOf(clocks, limits));
  const answers = futuresFor(learnt, now.state, typical).map((future) => {
    const state = stateWith(now.state, { factors: future.factors, mid });
    return kmUntil({ state, cogs: now.cogs }, typical, gauges, future);
  });
  return questions.map((_, n) => answers.map((future) => future[n] as number));
}

/** The quartiles of distances: half of all futures lie between. */
export const quartilesOf = (km: readonly number[]): { low: number; high: number } => ({
  low: shareBelow(km, 0.25),
  high: shareBelow(km, 0.75),
});
