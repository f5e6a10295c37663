import { expectBandsToHold } from '@/test/bands';
import { DEFAULT_SETTINGS } from '@/core/settings';
import { cases } from '@/test/cases';
import { truly, weatheredRider, type Reading } from '@/test/weatheredRiders';
import { learntFor, readClocks, reportOn, futuresOf } from '..';
import { quantileOf } from '../../learn';
import { rideFutures, shareBelow } from '../verdict/spread';
import type { ClockName, Limits } from '../verdict/clocks';

const RIDERS = 300;
const SETTINGS = { ...DEFAULT_SETTINGS, standard: 'tidy' as const };

/** Km a rider truly goes on until one of the clocks fires. */
function trueKm(
  rider: ReturnType<typeof weatheredRider>,
  limits: Limits,
  names: readonly ClockName[],
): number {
  let { truth, cogs } = rider;
  let km = 0;
  for (const ride of rider.ahead) {
    // Cut fine, so that the kilometre is known and not the ride.
    for (let part = 0; part < 10; part++) {
      const bit = { ...ride, distanceKm: ride.distanceKm / 10 };
      ({ state: truth, cogs } = truly(truth, cogs, bit, rider.factors));
      km += bit.distanceKm;
      const fired = readClocks({ ...truth, wetLeftH: 0 }, limits).some(
        (c) => c.fired && names.includes(c.name),
      );
      if (fired) return km;
    }
  }
  return 1500;
}

/** How often the truth lies within the verdict's half and within its eight tenths. */
function covered(make: (seed: number) => ReturnType<typeof weatheredRider>, names: ClockName[]) {
  const seen = { half: 0, most: 0, all: 0 };
  for (let seed = 0; seed < cases(RIDERS); seed++) {
    const rider = make(seed);
    const report = reportOn(rider.replay, 'b1', SETTINGS, rider.now);
    if (!report) continue;
    const { state, cogs, typical, limits, learnt } = report;
    if (readClocks(state, limits).some((c) => c.fired && names.includes(c.name))) continue;
    const km = rideFutures({ state, cogs }, typical, limits, {
      clocks: names,
      learnt,
      mid: futuresOf(learnt, state).mid,
    });
    const at = (p: number) => shareBelow(km, p);
    const truth = trueKm(rider, limits, names);
    seen.all += 1;
    if (truth >= at(0.25) && truth <= at(0.75)) seen.half += 1;
    if (truth >= at(0.1) && truth <= at(0.9)) seen.most += 1;
  }
  return { half: seen.half / seen.all, most: seen.most / seen.all };
}

describe('riders in mixed weather, of whom nothing is learnt', () => {
  it.each<[string, number, ClockName[]]>([
    ['lube, some rides into the coat', 12, ['film', 'standing']],
    ['lube, early in the coat', 9, ['film', 'standing']],
    ['a wipe', 9, ['outside']],
  ])(
    'half of the distances to %s lie in the half told',
    (_, days, names) => {
      const { half, most } = covered((seed) => weatheredRider(seed, days, 8), names);
      if (cases(RIDERS) < RIDERS) return;
      expectBandsToHold(half, most);
    },
    120_000,
  );
});

describe('how fast grit comes, learnt from swatches', () => {
  it.each<[string, Reading]>([
    ['before each clean', { swatchEvery: 5 }],
    ['after each ride', { swatchEvery: 1 }],
  ])(
    '%s: the bands hold for the next stretch',
    (_, reading) => {
      let [half, most] = [0, 0];
      const riders = cases(RIDERS);
      for (let seed = 0; seed < riders; seed++) {
        const rider = weatheredRider(seed, 26, 5, reading);
        const { grit } = learntFor(rider.replay.book, 'b1', 'wet');
        const at = (p: number) => quantileOf(grit, p, { noise: 0.15 });
        if (rider.factors.grit >= at(0.25) && rider.factors.grit <= at(0.75)) half += 1 / riders;
        if (rider.factors.grit >= at(0.1) && rider.factors.grit <= at(0.9)) most += 1 / riders;
      }
      if (cases(RIDERS) < RIDERS) return;
      expectBandsToHold(half, most);
    },
    120_000,
  );
});

describe('how fast a chain wears, learnt from readings', () => {
  it.each([0, 15])(
    'the bands hold, read every %i rides',
    (wearEvery) => {
      let [half, most] = [0, 0];
      const riders = cases(RIDERS);
      for (let seed = 0; seed < riders; seed++) {
        const rider = weatheredRider(seed, 62, 6, wearEvery ? { wearEvery } : {});
        const state = rider.replay.book.chains.get('c1')!;
        const learnt = learntFor(rider.replay.book, 'b1', 'wet');
        const { low, high } = futuresOf(learnt, state);
        if (rider.factors.wear >= high.wear && rider.factors.wear <= low.wear) half += 1 / riders;
        const out = (1.2816 / 0.6745) * Math.log(low.wear / state.wearFactor);
        if (Math.abs(Math.log(rider.factors.wear / state.wearFactor)) <= out) most += 1 / riders;
      }
      if (cases(RIDERS) < RIDERS) return;
      expectBandsToHold(half, most);
    },
    120_000,
  );
});
