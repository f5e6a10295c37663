import { mean } from 'simple-statistics';
import { CARE } from '@/core/care/model/constants';
import type { LubeClass } from '@/core/lube/classes';
import { YearChain } from './yearChain';

/** Years that are averaged: a rainy one wears a chain a tenth faster than a dry one. */
const YEARS = 20;
const MOST_KM = 40_000;
/** Average care lasts until a chain of up to 10 speeds is worn. */
const WORN = 0.75;

const overYears = (of: (seed: number) => number): number =>
  mean(Array.from({ length: YEARS }, (_, seed) => of(seed)));

/** Returns the km to 0.75 % under average care: rides of 50 km, wiped and lubed every 250, scrubbed every so many rounds. */
export const averageCareKm = (lube: LubeClass, rounds: number): number =>
  overYears((seed) => {
    const chain = new YearChain(lube, 'mixed', seed).coated();
    for (let round = 1; chain.state.wear < WORN && chain.state.km < MOST_KM; round++) {
      for (let n = 0; n < 5 && chain.state.wear < WORN; n++) chain.ride(50);
      chain.work(round % rounds === 0 ? 'scrubber' : 'solvent wipe');
    }
    return chain.state.km;
  });

/** Returns the km to 0.75 % under immaculate care: scrubber, cogs and a new coat every 100 km. */
export const immaculateKm = (lube: LubeClass, weather: 'mixed' | 'dry'): number =>
  overYears((seed) => {
    const chain = new YearChain(lube, weather, seed).coated();
    while (chain.state.wear < WORN && chain.state.km < MOST_KM)
      chain.ride(100).work('scrubber', true);
    return chain.state.km;
  });

/** Returns the wear, %, of a chain after 10,000 km in hot wax, in the pot every 850 km. */
export const hotWaxWear = (): number =>
  overYears((seed) => {
    const chain = new YearChain('hot wax', 'mixed', seed).coated();
    while (chain.state.km < 10_000) {
      for (let n = 0; n < 17 && chain.state.km < 10_000; n++) chain.ride(50);
      chain.work('wax reset', true);
    }
    return chain.state.wear;
  });

/** Returns the km to 0.5 % of a new chain that is never touched. */
export const untouchedKm = (): number =>
  overYears((seed) => {
    const chain = new YearChain('wet', 'mixed', seed);
    while (chain.state.wear < 0.5 && chain.state.km < MOST_KM) chain.ride(25);
    return chain.state.km;
  });

/** Returns the km to 0.75 % of a commuter's chain in drip wax, salted rain on most days: topped up when spent, never cleaned. */
export const waxedInSaltedRainKm = (): number =>
  overYears((seed) => {
    const chain = new YearChain('drip wax', 'salted rain', seed).coated();
    while (chain.state.wear < WORN && chain.state.km < MOST_KM) {
      chain.ride(5);
      if (chain.state.film <= CARE.reserve.value) chain.work('dry wipe');
    }
    return chain.state.km;
  });
