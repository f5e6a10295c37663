import { filmByStanding } from '../../care/model/rates';
import { CARE } from '../../care/model/constants';
import { rustPerHour, rustsInAir } from '../../care/model/stand';
import type { Exposure } from '../../care/model/exposure';
import { MS_PER_HOUR } from '../../units/convert';
import { COGS, FILM, FILMS, gritIndex, GRITS, INSIDE, OUTSIDE, STATES } from './grid';
import { alike } from './alike';
import type { Ways } from './decide';
import { Move, movedValues, standingValues } from './move';
import type { BenchSlot, BikeProblem, CoatKind, RideExposed } from './problem';
import {
  drynessBetween,
  filmLost,
  gritAfter,
  gritRate,
  type GritRate,
  type GritStep,
} from './steps';
import { dryWeight, grubbiness, wattWeight } from './terms';
import { dripFor, LEAST_WET_H } from './wetness';

// Bundlers reach across modules by a look-up each time: what loops use lies here.
const films = FILMS;
const grits = GRITS;
const states = STATES;
const filmAxis = FILM;
const outsideAxis = OUTSIDE;
const insideAxis = INSIDE;
const cogAxis = COGS;
const [outsides, insides, cogses] = [OUTSIDE.length, INSIDE.length, COGS.length];
const { wearByGrit, wearByDryness, wattsOutside, wattsInside, wattsDry, wearPerKm } = CARE;

const grit: GritStep = { o: 0, c: 0, meanO: 0, to: 1, left: 1 };

/** What the rides of one future do, by film and by grit: the two do not depend on one another. */
class Passage extends Move {
  /** Cost by film alone, and the mean dryness that multiplies wear. */
  readonly byFilm = new Float64Array(FILMS);
  readonly dryness = new Float64Array(FILMS);
  readonly byGrit = new Float64Array(GRITS);
  /** Wear cost at full dryness, by grit. */
  readonly dryWear = new Float64Array(GRITS);

  /** Adds a future's costs and what follows (`moved`), its share of them, to the values of a coat. */
  addTo(value: Float64Array, moved: Float64Array, share: number): void {
    for (let f = 0, n = 0; f < films; f++) {
      const byFilm = this.byFilm[f] as number;
      const dry = this.dryness[f] as number;
      for (let g = 0; g < grits; g++, n++) {
        const cost = byFilm + (this.byGrit[g] as number) + dry * (this.dryWear[g] as number);
        value[n] = (value[n] as number) + (cost + (moved[n] as number)) * share;
      }
    }
  }
}

/** Written over for each coat and future. */
const passage = new Passage();
const moved = new Float64Array(states);

/** A bench and the moment of the next one, ms. */
interface Between {
  bench: BenchSlot;
  until: number;
}

/**
 * The value of each state after a day's decision: what the rides until the next bench cost on average over
 * the futures, and what the chain they leave is worth there, written over `value`. `next`: the values at the next
 * bench of a dry and of a wet chain.
 */
export function overRides(
  problem: BikeProblem,
  between: Between,
  next: Ways,
  value: Float64Array,
): void {
  const { coats, natures } = problem;
  value.fill(0);
  const groups = alike(between.bench, natures.length);
  coats.forEach((coat, p) => {
    const base = p * states;
    for (const members of groups) {
      const met = metBy(problem, between, coat, members);
      const worth = staysWet(met) ? next.wet : next.dry;
      passFilms(met, passage);
      if (between.bench.rides.length > 0) {
        passGrits(met, passage);
        movedValues(worth, base, passage, moved);
      } else {
        // Nothing is ridden: grit stays what it is and costs nothing, and no wear grows with dryness.
        passage.byGrit.fill(0);
        standingValues(worth, base, passage.film, moved);
      }
      passage.addTo(value.subarray(base, base + states), moved, members.length / natures.length);
    }
  });
}

/** What one coat meets between two benches, in futures that meet the same. */
interface Met extends Between {
  problem: BikeProblem;
  coat: CoatKind;
  /** Rides that take place in these futures, with what they meet. */
  rides: { ride: RideExposed; x: Exposure; rate: GritRate }[];
  /** How long a coat lasts in truth over how long it is reckoned to: this only bears on how dry it is. */
  owns: number[];
  /** Rain on the bike while it stands after the last of them, mm. */
  parkedMm: number;
}

function metBy(
  problem: BikeProblem,
  between: Between,
  coat: CoatKind,
  members: readonly number[],
): Met {
  const { factors, natures } = problem;
  const rides = between.bench.rides.flatMap((ride) => {
    const x = ride.exposure[members[0] ?? 0];
    return x
      ? [{ ride, x, rate: gritRate(x, coat.lubeClass, factors.grit * (coat.grit ?? 1)) }]
      : [];
  });
  const owns = members.map((m) => (natures[m] ?? factors).life / factors.life);
  const parkedMm = between.bench.parked?.mm[members[0] ?? 0] ?? 0;
  return { ...between, problem, coat, rides, owns, parkedMm };
}

/** Hours from the last ride, or rain on it, to the next bench, and those a chain drips on after it; null: neither. */
function afterLast(met: Met): { hours: number; drip: number } | null {
  const { rides, bench, until } = met;
  const last = rides.at(-1);
  const wets = [
    ...(last ? [{ at: last.ride.at, mm: last.x.onChainMm }] : []),
    ...(bench.parked && met.parkedMm > 0 ? [{ at: bench.parked.at, mm: met.parkedMm }] : []),
  ].map(({ at, mm }) => ({ hours: (until - at) / MS_PER_HOUR, drip: dripFor(mm, bench.air) }));
  return wets.reduce<(typeof wets)[number] | null>(
    (a, b) => (a && a.drip - a.hours > b.drip - b.hours ? a : b),
    null,
  );
}

/** Whether the chain comes to the next bench wet. */
function staysWet(met: Met): boolean {
  const after = afterLast(met);
  return after !== null && after.drip - after.hours > LEAST_WET_H;
}

/** Share of the ride and mean dryness of it; a coat that lasts shorter than reckoned is drier than it is taken to be. */
function drynessOf(owns: readonly number[], film: number, after: number) {
  let share = 0;
  let mean = 0;
  for (const own of owns) {
    const dry = drynessBetween(1 - (1 - film) / own, 1 - (1 - after) / own);
    share += dry.share / owns.length;
    mean += dry.mean / owns.length;
  }
  return { share, mean };
}

/**
 * Hours for which a chain that ends spent rusts in damp air. A spell of rust counts once: of one that was spent before,
 * a part of it lies behind already.
 */
const spentHours = (film: number, { bench, until }: Met): number =>
  ((until - bench.from) / MS_PER_HOUR) * (rustsInAir(film, bench.air) ? SPELL_LEFT : 1);

/** Share of a spell that is still to come on an average day of it. Own estimate: it lasts two days. */
const SPELL_LEFT = 0.4;

/** What becomes of every film, and what that costs. */
function passFilms(met: Met, out: Passage): void {
  const { problem, coat, rides, owns, bench, until } = met;
  const { prices, factors } = problem;
  const idle = filmByStanding(coat.lubeClass, (until - bench.from) / MS_PER_HOUR);
  const life = coat.lifeKm * factors.life;
  const last = afterLast(met);
  const wetHours = last ? Math.max(0, Math.min(last.drip, last.hours)) : 0;
  for (let f = 0; f < films; f++) {
    let film = filmAxis[f] as number;
    let cost = 0;
    let weighted = 0;
    let km = 0;
    for (const { ride, x } of rides) {
      const after = film - filmLost(x, coat.lubeClass, life);
      const { share, mean } = drynessOf(owns, film, after);
      cost += share * x.km * prices.dryKm * dryWeight(ride.weight);
      cost += wattsDry.value * mean * x.hours * prices.wattHour * wattWeight(ride.weight);
      weighted += mean * x.km;
      km += x.km;
      film = Math.max(0, after);
    }
    film = Math.max(0, film - idle);
    out.film[f] = film;
    const hours = rustsInAir(film, bench.air) ? spentHours(filmAxis[f] as number, met) : wetHours;
    out.byFilm[f] = cost + prices.rust * Math.min(1, rustPerHour(film) * hours);
    out.dryness[f] = km > 0 ? weighted / km : 0;
  }
}

/** Where every grit goes, and what that costs. */
function passGrits(met: Met, out: Passage): void {
  for (let o = 0; o < outsides; o++) for (let c = 0; c < cogses; c++) passGrit(met, o, c, out);
}

/** The same for all grits inside at one point of grit outside and on the cogs: they share its way. */
function passGrit({ problem, rides }: Met, o: number, c: number, out: Passage): void {
  const { prices, limits } = problem;
  const wearKm = wearPerKm.value * prices.wearPercent;
  const first = gritIndex(o, 0, c);
  for (let i = 0; i < insides; i++) {
    const g = first + i * cogses;
    out.byGrit[g] = 0;
    out.dryWear[g] = 0;
  }
  let outside = outsideAxis[o] as number;
  let cogs = cogAxis[c] as number;
  // Grit inside is so much, and such a share of what it was, after the rides so far.
  let added = 0;
  let left = 1;
  for (const { ride, x, rate } of rides) {
    gritAfter(outside, cogs, rate, grit);
    const watts = x.hours * prices.wattHour * wattWeight(ride.weight);
    for (let i = 0; i < insides; i++) {
      const g = first + i * cogses;
      const before = added + left * (insideAxis[i] as number);
      const after = grit.to + (before - grit.to) * grit.left;
      const mean = (before + after) / 2;
      const wear = wearKm * x.km * rate.wear * (1 + wearByGrit.value * mean);
      out.byGrit[g] =
        (out.byGrit[g] as number) +
        wear +
        watts * (wattsOutside.value * grit.meanO + wattsInside.value * mean) +
        prices.grubbyKm * x.km * grubbiness(grit.meanO, mean, limits);
      out.dryWear[g] = (out.dryWear[g] as number) + wear * wearByDryness.value;
    }
    added = grit.to + (added - grit.to) * grit.left;
    left *= grit.left;
    outside = grit.o;
    cogs = grit.c;
  }
  out.setPair(o, c, outside, cogs);
  for (let i = 0; i < insides; i++)
    out.setInside(first + i * cogses, added + left * (insideAxis[i] as number));
}
