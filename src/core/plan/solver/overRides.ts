import { filmByStanding } from '../../care/model/rates';
import { CARE } from '../../care';
import { MS_PER_HOUR } from '../../units';
import {
  COGS,
  CORNERS,
  FILM,
  FILMS,
  gritCorners,
  gritIndex,
  GRITS,
  INSIDE,
  Move,
  movedValues,
  OUTSIDE,
  STATES,
} from './grid';
import type { BenchSlot, BikeProblem, RideExposed } from './problem';
import {
  drynessBetween,
  filmLost,
  gritAfter,
  gritRate,
  type GritRate,
  type GritStep,
} from './steps';
import { dryWeight, grubbiness, wattWeight } from './terms';
import { dripFor, LEAST_WET_H, rustPerHour } from './wetness';

// Bundlers reach across modules by a look-up each time: what loops use lies here.
const films = FILMS;
const grits = GRITS;
const states = STATES;
const corners = CORNERS;
const filmAxis = FILM;
const outsideAxis = OUTSIDE;
const insideAxis = INSIDE;
const cogAxis = COGS;
const outsides = OUTSIDE.length;
const insides = INSIDE.length;
const cogses = COGS.length;
const { wearByGrit, wearByDryness, wattsOutside, wattsInside, wattsDry, wearPerKm } = CARE;

const grit: GritStep = { o: 0, c: 0, meanO: 0, kept: 1 };

/** What the rides of one future do, by film and by grit: the two do not depend on one another. */
class Passage extends Move {
  /** Cost by film alone, and the mean dryness that multiplies wear. */
  readonly byFilm = new Float64Array(FILMS);
  readonly dryness = new Float64Array(FILMS);
  readonly byGrit = new Float64Array(GRITS);
  /** Wear cost at full dryness, by grit. */
  readonly dryWear = new Float64Array(GRITS);
}

/**
 * The value of each state after a day's decision: what the rides until the next bench cost on average over
 * the futures, and what the chain they leave is worth there. `next` and `nextWet` are the values at the
 * next bench of a dry and of a wet chain.
 */
export function overRides(
  problem: BikeProblem,
  bench: BenchSlot,
  until: number,
  next: Float64Array,
  nextWet: Float64Array,
): Float64Array {
  const { coats, natures } = problem;
  const value = new Float64Array(coats.length * states);
  const passage = new Passage();
  const moved = new Float64Array(states);
  const groups = alike(bench, natures.length);
  for (let p = 0; p < coats.length; p++)
    for (const members of groups) {
      const wet = pass(problem, bench, until, p, members, passage);
      movedValues(wet ? nextWet : next, p * states, passage, moved);
      addFuture(passage, moved, value, p * states, members.length / natures.length);
    }
  return value;
}

/** Exposures nearer to one another than this are one: mm of water, share of wet road, dirt units. */
const ALIKE = 0.04;

/** The futures, those together in which the rides of a day meet the same: on a dry day that is most of them. */
function alike({ rides }: BenchSlot, futures: number): number[][] {
  if (rides.length === 0) return [Array.from({ length: futures }, (_, k) => k)];
  const groups = new Map<string, number[]>();
  for (let k = 0; k < futures; k++) {
    const key = rides
      .map(({ exposure }) => {
        const x = exposure[k];
        return x
          ? [x.waterMm, x.wetShare, x.dirtPerKm].map((v) => Math.round(v / ALIKE)).join()
          : '';
      })
      .join(';');
    const group = groups.get(key);
    if (group) group.push(k);
    else groups.set(key, [k]);
  }
  return [...groups.values()];
}

/** Adds a future's costs and what follows, its share of them, to the values of a coat. */
function addFuture(
  passage: Passage,
  moved: Float64Array,
  value: Float64Array,
  base: number,
  share: number,
): void {
  const { byGrit, dryWear } = passage;
  for (let f = 0, n = 0; f < films; f++) {
    const byFilm = passage.byFilm[f] as number;
    const dry = passage.dryness[f] as number;
    for (let g = 0; g < grits; g++, n++) {
      const cost = byFilm + (byGrit[g] as number) + dry * (dryWear[g] as number);
      value[base + n] = (value[base + n] as number) + (cost + (moved[n] as number)) * share;
    }
  }
}

/**
 * Fills a passage for one coat in futures that meet the same; returns whether the chain comes to the next bench
 * wet. They differ in how long a coat lasts in truth, which only bears on how dry it is.
 */
function pass(
  problem: BikeProblem,
  bench: BenchSlot,
  until: number,
  p: number,
  members: readonly number[],
  out: Passage,
): boolean {
  const { prices, limits, factors } = problem;
  const coat = problem.coats[p];
  const k = members[0] ?? 0;
  const owns = members.map((m) => (problem.natures[m] ?? factors).life / factors.life);
  if (!coat) throw new Error(`No coat ${p}`);
  const lube = coat.lubeClass;
  const rides = bench.rides;
  const last = rides.at(-1);
  const hours = (until - bench.from) / MS_PER_HOUR;
  const idle = filmByStanding(lube, hours);
  const life = coat.lifeKm * factors.life;

  for (let f = 0; f < films; f++) {
    let film = filmAxis[f] as number;
    let cost = 0;
    let weighted = 0;
    let km = 0;
    for (const ride of rides) {
      const x = ride.exposure[k];
      if (!x) continue;
      const after = film - filmLost(x, lube, life);
      // A coat that lasts shorter than reckoned is drier than it is taken to be.
      let share = 0;
      let mean = 0;
      for (const own of owns) {
        const dry = drynessBetween(1 - (1 - film) / own, 1 - (1 - after) / own);
        share += dry.share / owns.length;
        mean += dry.mean / owns.length;
      }
      cost += share * x.km * prices.dryKm * dryWeight(ride.weight);
      cost += wattsDry.value * mean * x.hours * prices.wattHour * wattWeight(ride.weight);
      weighted += mean * x.km;
      km += x.km;
      film = Math.max(0, after);
    }
    film = Math.max(0, film - idle);
    if (last?.exposure[k]) {
      const drip = dripFor(last.exposure[k].waterMm, bench.air);
      const spent = Math.min(drip, (until - last.at) / MS_PER_HOUR);
      cost += prices.rust * rustPerHour(film) * Math.max(0, spent);
    }
    out.film[f] = film;
    out.byFilm[f] = cost;
    out.dryness[f] = km > 0 ? weighted / km : 0;
  }

  const rates = rides.map((r) => {
    const x = r.exposure[k];
    return x ? gritRate(x, lube, factors.grit) : null;
  });
  const wearKm = wearPerKm.value * prices.wearPercent;
  for (let o = 0; o < outsides; o++)
    for (let c = 0; c < cogses; c++) {
      const first = gritIndex(o, 0, c);
      for (let i = 0; i < insides; i++) {
        const g = first + i * cogses;
        out.byGrit[g] = 0;
        out.dryWear[g] = 0;
      }
      let outside = outsideAxis[o] as number;
      let cogs = cogAxis[c] as number;
      let kept = 1;
      for (let r = 0; r < rides.length; r++) {
        const ride = rides[r] as RideExposed;
        const x = ride.exposure[k];
        if (!x) continue;
        gritAfter(outside, cogs, rates[r] as GritRate, grit);
        const watts = x.hours * prices.wattHour * wattWeight(ride.weight);
        for (let i = 0; i < insides; i++) {
          const g = first + i * cogses;
          const before = 1 - (1 - (insideAxis[i] as number)) * kept;
          const after = 1 - (1 - before) * grit.kept;
          const mean = (before + after) / 2;
          const wear = wearKm * x.km * (1 + wearByGrit.value * mean);
          out.byGrit[g] =
            (out.byGrit[g] as number) +
            wear +
            watts * (wattsOutside.value * grit.meanO + wattsInside.value * mean) +
            prices.grubbyKm * x.km * grubbiness(grit.meanO, mean, limits);
          out.dryWear[g] = (out.dryWear[g] as number) + wear * wearByDryness.value;
        }
        kept *= grit.kept;
        outside = grit.o;
        cogs = grit.c;
      }
      for (let i = 0; i < insides; i++) {
        const g = first + i * cogses;
        const inside = 1 - (1 - (insideAxis[i] as number)) * kept;
        gritCorners(outside, inside, cogs, out.index, out.weight, g * corners);
      }
    }

  const x = last?.exposure[k];
  if (!last || !x) return false;
  return dripFor(x.waterMm, bench.air) - (until - last.at) / MS_PER_HOUR > LEAST_WET_H;
}
