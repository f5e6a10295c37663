import type { ChainState } from '../care/model/state';
import type { Factors } from '../care/model/personal';
import { Chance } from '../chance/chance';
import { regionAt } from '../climate/climates';
import type { Bike } from '../records/garage';
import type { LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';
import type { Standard } from '../records/standards';
import { MS_PER_DAY } from '../units/convert';
import { PLACE_IF_UNKNOWN } from '../weather/cells';
import { ClimateYear } from './climateYear';
import type { Leg } from './course';
import type { Outcome } from './outcome';
import { evenNormals } from './natures';
import { play } from './play';
import { wayKey, type WayKey, type YearsFigures } from './figures';
import type { Kept, RegimeName } from './regimes';
import type { YearlyRide } from './riding';
import { worksWith } from './works';
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
  kept: Kept;
  /** Every regime is played with every lube. */
  regimes: readonly RegimeName[];
  lubes: readonly LubeAsked[];
  futures: number;
  seed: number;
}

/** A lube, what was learnt of its coats on this bike, and how far futures may lie off that (log-normal sigmas). */
export interface LubeAsked {
  lube: LubeClass;
  own: Factors;
  sigma: Factors;
}

/** So many years of weather stand for all; each future draws its own from them. Own choice. */
const WEATHER_YEARS = 24;
/**
 * Each of the first futures draws from so few of them, the next one from the next few, so that a first answer need not
 * wait for all and no year counts for more than another.
 */
const FIRST_YEARS = 2;
/** Log-normal sigma of one chain beside another on the same bike. Own estimate: half of the spread of wear. */
const CHAIN_SIGMA = 0.25;

/** Plays futures of a question, one after the other: each is the same whichever are played before it. */
export class YearsPlayer {
  private readonly legs = new Map<number, Leg[]>();
  private readonly hourNow: number;
  /** Of each future, how its coats’ life, its grit and its wear lie off the middle (standard normal). */
  private readonly natures: number[][];

  constructor(private readonly asked: YearsAsked) {
    const start = Date.UTC(new Date(asked.now).getUTCFullYear(), 0, 1);
    this.hourNow = asked.now - start;
    this.natures = [0, 1, 2].map((n) => evenNormals(asked.futures, new Chance(asked.seed, n, 3)));
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
    const early = FIRST_YEARS * (k + 1) <= WEATHER_YEARS;
    const [from, count] = early ? [FIRST_YEARS * k, FIRST_YEARS] : [0, WEATHER_YEARS];
    const until = now + years * 365 * MS_PER_DAY;
    const begins = now - this.hourNow;
    for (let year = 0; year <= years; year++) {
      const drawn = from + Math.floor(new Chance(seed, k, year, 5).uniform() * count);
      for (const leg of this.legsOf(drawn)) {
        const at = begins + year * 365 * MS_PER_DAY + leg.at;
        if (at >= now && at < until) yield { ...leg, at };
      }
    }
  }

  /** Future number `k` under every way asked for: all meet the same weather, roads and chains. */
  future(k: number): Map<WayKey, Outcome> {
    const { asked } = this;
    const { seed, limit, start, now, standard, kept, between, regimes } = asked;
    const [life, grit, wear] = this.natures.map((of) => of[k]!) as [number, number, number];
    const course = [...this.course(k)];
    return new Map(
      asked.lubes.flatMap(({ lube, own, sigma }) => {
        const nature: Factors = {
          life: own.life * Math.exp(sigma.life * life),
          grit: own.grit * Math.exp(sigma.grit * grit),
          wear: own.wear * Math.exp(sigma.wear * wear),
        };
        const works = worksWith(lube, between);
        const terms = { works, limit, nature, chainSigma: CHAIN_SIGMA, seed: seed + k, start };
        return regimes.map((name): [WayKey, Outcome] => [
          wayKey(name, lube),
          play(course, now, { ...terms, regime: { name, lube, standard, kept } }),
        ]);
      }),
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
