import { Chance } from '@/core/chance/chance';
import { exposureOf } from '@/core/care/model/exposure';
import { readClocks, type ClockName, type Limits } from '@/core/care/verdict/clocks';
import { Replay } from '@/core/care/replay/replay';
import { ride as rideChain } from '@/core/care/model/ride';
import { skyOf } from '@/core/care/model/sky';
import { SWATCH_LEVELS } from '@/core/care/model/constants';
import type { ChainState } from '@/core/care/model/state';
import type { Factors } from '@/core/care/model/personal';
import type { RideLogged } from '@/core/records/event';
import type { RagPhoto } from '@/core/records/rag';
import { WeatherRecord } from '@/core/weather/record';
import { TEST_GARAGE } from './arbitraries';
import { rideBody, stamped, workBody, type Body } from './events';
import { wordOfYear } from './mixedYear';

/**
 * Made-up riders in mixed weather, on one coat of wet lube each: their coats, roads and chains differ from the
 * handbook as the priors say. What they then ride on is known too, and is ridden by the care model with their own
 * factors: the truth the app's spreads are held to.
 */
export interface WeatheredRider {
  replay: Replay;
  now: number;
  factors: Factors;
  /** The chain as it truly is now. */
  truth: ChainState;
  cogs: number;
  /** Rides to come. */
  ahead: RideLogged[];
  /** What a clean leaves of the chain in truth but for its wear, how many rides apart, and how the next coat differs. */
  cleaning: { state: ChainState; cogs: number; every: number; next: () => Factors };
}

const START = Date.parse('2026-01-01T08:00:00.000Z');
const DAY = 86_400_000;
const at = (day: number) => new Date(START + day * DAY).toISOString();
const logNormal = (sigma: number, chance: Chance) => Math.exp(sigma * chance.normal());

/** What a rider reads on the way: a swatch of the truth after so many rides, or of the wear. */
export interface Reading {
  swatchEvery?: number;
  /** The rag is photographed, with an error of so much of `outside`. */
  photoSd?: number;
  wearEvery?: number;
}

const asRide = (body: ReturnType<typeof rideBody>): RideLogged => stamped([body])[0] as RideLogged;

/** What a ride does to a chain in truth. */
function truly(state: ChainState, cogs: number, ride: RideLogged, factors: Factors) {
  const hours = ride.durationH ?? ride.distanceKm / 24;
  const sky = skyOf(ride, hours, new WeatherRecord(), undefined);
  const exposure = exposureOf(ride, hours, sky, { bike: TEST_GARAGE.bikes.b1, links: 114 });
  return rideChain(state, cogs, exposure, factors);
}

const nearest = (outside: number): number =>
  SWATCH_LEVELS.reduce(
    (best, level, n) =>
      Math.abs(level - outside) < Math.abs((SWATCH_LEVELS[best] ?? 0) - outside) ? n : best,
    0,
  ) + 1;

/** A photograph that reads so much dirt outside. */
const photographed = (seen: number, sd: number): RagPhoto => ({
  absorber: 1,
  outside: Math.min(1, Math.max(0, seen)),
  sd,
  patches: 1,
  picked: null,
});

/** Returns a rider after so many days of riding, cleaning and lubing every `cleanEvery`. */
export function weatheredRider(
  seed: number,
  days: number,
  cleanEvery: number,
  { swatchEvery, photoSd, wearEvery }: Reading = {},
): WeatheredRider {
  const chance = new Chance(seed, 31);
  const sigma = Math.sqrt(0.35 ** 2 - 0.15 ** 2);
  const own = { grit: logNormal(sigma, chance), wear: logNormal(0.35, chance) };
  const nextFactors = (): Factors => ({
    life: logNormal(0.35, chance),
    grit: own.grit * logNormal(0.15, chance),
    wear: own.wear,
  });
  const start = {
    lube: 'wet',
    kmSinceLube: 0,
    look: 'clean',
    kmBefore: 0,
    wearPercent: 0,
  } as const;
  const fitted: Body = { type: 'chainFitted', at: at(0), chainId: 'c1', bikeId: 'b1', start };
  const lubed = (day: number): Body =>
    workBody(at(day), 'c1', {
      method: 'baths',
      cogsCleaned: true,
      lube: { lubeClass: 'wet', coat: 1, wiped: true },
    });
  const bodies: Body[] = [fitted, lubed(0.01)];
  const first = new Replay(TEST_GARAGE, stamped(bodies)).book;
  const cleaned = first.chains.get('c1') as ChainState;
  // Its clock is not followed: the coat has set before the first ride.
  let truth = { ...cleaned, setAt: cleaned.at };
  let cogs = first.cogs.get('b1') ?? 0;
  const clean = truth;
  const cleanCogs = cogs;
  let factors = nextFactors();
  const rideOf = (day: number) =>
    rideBody(at(day), 'b1', 20 + 50 * chance.uniform(), { weather: wordOfYear('mixed', chance) });
  for (let day = 1; day <= days; day++) {
    const ride = rideOf(day);
    bodies.push(ride);
    ({ state: truth, cogs } = truly(truth, cogs, asRide(ride), factors));
    if (swatchEvery && day % swatchEvery === 0) {
      const seen = truth.outside + (photoSd ?? 0.08) * chance.normal();
      const swatch = nearest(seen);
      const checked = { type: 'ragChecked', at: at(day + 0.5), chainId: 'c1', swatch } as const;
      bodies.push(photoSd ? { ...checked, photo: photographed(seen, photoSd) } : checked);
    }
    if (wearEvery && day % wearEvery === 0) {
      const percent = Math.max(0, truth.wear + 0.05 * chance.normal());
      bodies.push({ type: 'wearRead', at: at(day + 0.5), chainId: 'c1', percent, tool: 'checker' });
    }
    if (day % cleanEvery === 0 && day < days) {
      bodies.push(lubed(day + 0.6));
      truth = { ...clean, wear: truth.wear };
      cogs = cleanCogs;
      factors = nextFactors();
    }
  }
  const ahead = Array.from({ length: 80 }, (_, n) => asRide(rideOf(days + 1 + n)));
  const replay = new Replay(TEST_GARAGE, stamped(bodies));
  const cleaning = { state: clean, cogs: cleanCogs, every: cleanEvery, next: nextFactors };
  return { replay, now: START + (days + 0.7) * DAY, factors, truth, cogs, ahead, cleaning };
}

/** Returns the km a rider truly goes on, with rides and care as before, until the chain is worn to a limit in %. */
export function kmUntilWornOut(rider: WeatheredRider, limit: number): number {
  let { truth, cogs, factors } = rider;
  const { cleaning, ahead } = rider;
  let km = 0;
  for (let n = 0; n < LONGEST_RIDES; n++) {
    const ride = ahead[n % ahead.length] as RideLogged;
    const before = truth.wear;
    ({ state: truth, cogs } = truly(truth, cogs, ride, factors));
    if (truth.wear >= limit)
      return km + (ride.distanceKm * (limit - before)) / (truth.wear - before);
    km += ride.distanceKm;
    if ((n + 1) % cleaning.every === 0) {
      truth = { ...cleaning.state, wear: truth.wear };
      ({ cogs } = cleaning);
      factors = cleaning.next();
    }
  }
  return Infinity;
}
/** No chain of a made-up rider lasts longer. */
const LONGEST_RIDES = 3000;

const HORIZON_KM = 1500;
/** Rides are cut so fine, that the kilometre is known and not the ride. */
const PARTS = 10;

/** Returns the km a rider truly goes on until one of the clocks fires. */
export function kmUntil(
  rider: WeatheredRider,
  limits: Limits,
  names: readonly ClockName[],
): number {
  let { truth, cogs } = rider;
  let km = 0;
  for (const ride of rider.ahead) {
    for (let part = 0; part < PARTS; part++) {
      const bit = { ...ride, distanceKm: ride.distanceKm / PARTS };
      ({ state: truth, cogs } = truly(truth, cogs, bit, rider.factors));
      km += bit.distanceKm;
      const fired = readClocks({ ...truth, wetLeftH: 0 }, limits).some(
        (c) => c.fired && names.includes(c.name),
      );
      if (fired) return km;
    }
  }
  return HORIZON_KM;
}
