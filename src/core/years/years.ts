import type { ChainState, Factors } from '../care';
import { Chance } from '../chance';
import { regionAt } from '../climate';
import type { Bike } from '../garage';
import type { LubeClass, Schools } from '../lube';
import type { Standard } from '../records/standards';
import { MS_PER_DAY } from '../units';
import { PLACE_IF_UNKNOWN } from '../weather';
import { ClimateYear } from './climateYear';
import type { Leg } from './course';
import type { Outcome } from './outcome';
import { play } from './play';
import type { YearsFigures } from './figures';
import type { Kept, RegimeName } from './regimes';
import type { YearlyRide } from './riding';
import { worksWith, type Works } from './works';
import { legsOfYear } from './yearLegs';

/** All that years ahead depend on: plain data, so that it can go to a worker. */
export interface YearsAsked {
  bike: Bike;
  links: number;
  limit: number;
  /** The chain as it is; null: a new one. */
  start: { state: ChainState; cogs: number } | null;
  rides: YearlyRide[];
  years: number;
  /** When they begin, ms. */
  now: number;
  place: { lat: number; lon: number } | null;
  standard: Standard;
  between: Schools['between'];
  lube: LubeClass;
  kept: Kept;
  regimes: readonly RegimeName[];
  futures: number;
  seed: number;
  /** What was learnt of the rider's coats, and how far futures may lie off (log-normal sigmas). */
  own: Factors;
  sigma: Factors;
}

/** So many years of weather stand for all; each future draws its own from them. Own choice. */
const WEATHER_YEARS = 24;
/** The first futures draw from fewer, so that a first answer need not wait for all of them: so many more each. */
const YEARS_A_FUTURE = 1;
/** Log-normal sigma of one chain beside another on the same bike. Own estimate: half of the spread of wear. */
const CHAIN_SIGMA = 0.25;

/** Plays futures of a question, one after the other: each is the same whichever are played before it. */
export class YearsPlayer {
  private readonly legs = new Map<number, Leg[]>();
  private readonly works: Works;
  private readonly hourNow: number;

  constructor(private readonly asked: YearsAsked) {
    this.works = worksWith(asked.lube, asked.between);
    const start = Date.UTC(new Date(asked.now).getUTCFullYear(), 0, 1);
    this.hourNow = asked.now - start;
  }

  /** The rides in the n-th year of weather; worked out when first asked for. */
  legsOf(n: number): Leg[] {
    const known = this.legs.get(n);
    if (known) return known;
    const { place, seed, rides, bike, links } = this.asked;
    const region = place ? regionAt(place.lat, place.lon) : 'temperate coast';
    const year = new ClimateYear(seed, n, region, place ?? PLACE_IF_UNKNOWN);
    const legs = legsOfYear(rides, year, { bike, links });
    this.legs.set(n, legs);
    return legs;
  }

  /** The rides of a future, from today through the years. */
  private *course(k: number): Generator<Leg> {
    const { seed, now, years } = this.asked;
    const choice = Math.min(WEATHER_YEARS, YEARS_A_FUTURE * (k + 1));
    const until = now + years * 365 * MS_PER_DAY;
    const begins = now - this.hourNow;
    for (let year = 0; year <= years; year++) {
      const drawn = Math.floor(new Chance(seed, k, year, 5).uniform() * choice);
      for (const leg of this.legsOf(drawn)) {
        const at = begins + year * 365 * MS_PER_DAY + leg.at;
        if (at >= now && at < until) yield { ...leg, at };
      }
    }
  }

  /** Future number `k` under every regime asked for: all meet the same weather, roads and chains. */
  future(k: number): Map<RegimeName, Outcome> {
    const { asked, works } = this;
    const { seed, own, sigma, limit, start, now } = asked;
    const chance = new Chance(seed, k, 3);
    const nature: Factors = {
      life: own.life * Math.exp(sigma.life * chance.normal()),
      grit: own.grit * Math.exp(sigma.grit * chance.normal()),
      wear: own.wear * Math.exp(sigma.wear * chance.normal()),
    };
    const course = [...this.course(k)];
    const { lube, standard, kept } = asked;
    return new Map(
      asked.regimes.map((name) => [
        name,
        play(course, now, {
          regime: { name, lube, standard, kept },
          works,
          limit,
          nature,
          chainSigma: CHAIN_SIGMA,
          seed: seed + k,
          start,
        }),
      ]),
    );
  }

  /** These futures, as far as they are asked for, in their order. */
  futures(numbers: readonly number[]): YearsFigures {
    const figures: YearsFigures = {};
    for (const k of numbers)
      if (k < this.asked.futures)
        for (const [name, outcome] of this.future(k)) (figures[name] ??= []).push(outcome);
    return figures;
  }
}
