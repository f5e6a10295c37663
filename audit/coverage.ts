import { futuresOf, lifeQuantile } from '@/core/care/model/personal';
import { learntFor } from '@/core/care/replay/bookState';
import { readClocks, type ClockName } from '@/core/care/verdict/clocks';
import { reportOn } from '@/core/care/verdict/report';
import { rideFutures, shareBelow } from '@/core/care/verdict/spread';
import { quantileOf } from '@/core/learn/belief';
import { kmUntilWorn } from '@/core/wear/foresee';
import { wearRateOf } from '@/core/wear/rate';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { recordedRider } from '@/test/recordedRiders';
import { madeUpRider, type Noting } from '@/test/riders';
import { kmUntil, kmUntilWornOut, weatheredRider, type Reading } from '@/test/weatheredRiders';

/** How often the truth lay within the band told for half of all cases, and within that for eight tenths. */
export interface Covered {
  half: number;
  most: number;
}

/** What is believed of made-up riders of known truth: a case of the audit. */
export interface CoverageCase {
  name: string;
  of: (riders: number) => Covered;
  /** Riders that are enough to tell: of each, so many coats to come count. */
  enough: number;
}

/** Bands, by the probability they leave out at each end. */
const HALF = 0.25;
const MOST = 0.1;

/** Counts how often `truth` lies between the quantiles that `at` tells. */
export class Count {
  private half = 0;
  private most = 0;
  private all = 0;

  add(truth: number, at: (p: number) => number): void {
    this.all += 1;
    if (truth >= at(HALF) && truth <= at(1 - HALF)) this.half += 1;
    if (truth >= at(MOST) && truth <= at(1 - MOST)) this.most += 1;
  }

  get covered(): Covered {
    return { half: this.half / this.all, most: this.most / this.all };
  }
}

/** Lives of coats to come, after five coats of a rider who notes so. */
const lives = (name: string, noting: Noting): CoverageCase => ({
  name: `life of a coat: ${name}`,
  enough: 120,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const { replay, nextLives } = madeUpRider(seed, noting);
      const learnt = learntFor(replay.book, 'b1', 'wet');
      for (const life of nextLives) count.add(life, (p) => lifeQuantile(learnt, null, p));
    }
    return count.covered;
  },
});

const TIDY = { ...DEFAULT_SETTINGS, standard: 'tidy' as const };

/** Km to a clock in mixed weather, nothing learnt, so many days into a rider's care. */
const distances = (name: string, days: number, names: readonly ClockName[]): CoverageCase => ({
  name: `km to ${name}, mixed weather, nothing learnt`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const rider = weatheredRider(seed, days, 8);
      const report = reportOn(rider.replay, 'b1', TIDY, rider.now);
      if (!report) continue;
      const { state, cogs, typical, limits, learnt } = report;
      if (readClocks(state, limits).some((c) => c.fired && names.includes(c.name))) continue;
      const { mid } = futuresOf(learnt, state);
      const [km = []] = rideFutures({ state, cogs }, typical, limits, {
        questions: [names],
        learnt,
        mid,
      });
      count.add(kmUntil(rider, limits, names), (p) => shareBelow(km, p));
    }
    return count.covered;
  },
});

const GRIT_NOISE = 0.15;

/** How fast grit comes, learnt from swatches. */
const grit = (name: string, reading: Reading): CoverageCase => ({
  name: `grit, swatches ${name}`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const rider = weatheredRider(seed, 26, 5, reading);
      const { grit: belief } = learntFor(rider.replay.book, 'b1', 'wet');
      count.add(rider.factors.grit, (p) => quantileOf(belief, p, { noise: GRIT_NOISE }));
    }
    return count.covered;
  },
});

/** What a photographed rag is off by, of `outside`. */
export const PHOTO_SD = 0.05;

/** Life of the coat that is on, recorded once beside its quiet after so many km. */
const recorded = (name: string, km: number): CoverageCase => ({
  name: `life of the coat that is on: ${name}`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const { replay, life } = recordedRider(seed, km);
      const state = replay.book.chains.get('c1');
      const learnt = learntFor(replay.book, 'b1', 'wet');
      if (state) count.add(life, (p) => lifeQuantile(learnt, state.notes, p));
    }
    return count.covered;
  },
});

/** A tenth of the normal distribution lies beyond so many quartiles. */
const TENTH_IN_QUARTILES = 1.2816 / 0.6745;

/** How fast a chain wears, read every so many rides or never. */
const wear = (name: string, reading: Reading): CoverageCase => ({
  name: `wear, ${name}`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const rider = weatheredRider(seed, 62, 6, reading);
      const state = rider.replay.book.chains.get('c1');
      if (!state) continue;
      const { low, high } = futuresOf(learntFor(rider.replay.book, 'b1', 'wet'), state);
      const out = Math.log(low.wear / state.wearFactor) * TENTH_IN_QUARTILES;
      const at = (p: number) =>
        p === HALF
          ? high.wear
          : p === 1 - HALF
            ? low.wear
            : state.wearFactor * Math.exp(p < HALF ? -out : out);
      count.add(rider.factors.wear, at);
    }
    return count.covered;
  },
});

/** Km until a chain is worn to its limit, foreseen after some 1,400 km of mixed weather. */
const wornOut = (name: string, reading: Reading): CoverageCase => ({
  name: `km until worn out, ${name}`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const rider = weatheredRider(seed, 40, 6, reading);
      const state = rider.replay.book.chains.get('c1');
      if (!state) continue;
      const rate = wearRateOf(rider.replay.steps, 'c1');
      count.add(kmUntilWornOut(rider, WORN_OUT), (p) => kmUntilWorn(state, rate, WORN_OUT, p));
    }
    return count.covered;
  },
});
/** The limit of a chain of eleven speeds or more, %. */
const WORN_OUT = 0.5;

const FILM: ClockName[] = ['film', 'standing'];

export const COVERAGE: readonly CoverageCase[] = [
  lives('squeaks noted exactly', { rideKm: 25, squeak: 'exactly', quiet: false }),
  lives('squeaks after rides of 25 km', { rideKm: 25, squeak: 'after the ride', quiet: false }),
  lives('squeaks after rides of 60 km', { rideKm: 60, squeak: 'after the ride', quiet: false }),
  lives('quiet after each ride, renewed when spent', {
    rideKm: 25,
    squeak: 'never',
    quiet: true,
  }),
  lives('quiet after each ride, renewed whenever it suits', {
    rideKm: 25,
    squeak: 'never',
    quiet: true,
    renews: 'whenever',
  }),
  lives('both', { rideKm: 60, squeak: 'after the ride', quiet: true }),
  lives('nothing noted', { rideKm: 60, squeak: 'never', quiet: false }),
  distances('lube, some rides into the coat', 12, FILM),
  distances('lube, early in the coat', 9, FILM),
  distances('a wipe', 9, ['outside']),
  grit('before each clean', { swatchEvery: 5 }),
  grit('after each ride', { swatchEvery: 1 }),
  grit('photographed before each clean', { swatchEvery: 5, photoSd: PHOTO_SD }),
  grit('photographed after each ride', { swatchEvery: 1, photoSd: PHOTO_SD }),
  recorded('recorded once, some way into it', 240),
  recorded('recorded once, early', 100),
  wear('never read', {}),
  wear('read every 15 rides', { wearEvery: 15 }),
  wornOut('never read', {}),
  wornOut('read once', { wearEvery: 40 }),
  wornOut('read three times', { wearEvery: 13 }),
];
