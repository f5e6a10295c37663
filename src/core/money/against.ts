import { quantileSorted } from 'simple-statistics';
import type { ChainState } from '../care/model/state';
import type { Factors } from '../care/model/personal';
import { Chance } from '../chance/chance';
import type { LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';
import type { Standard } from '../records/standards';
import type { Leg } from '../years/course';
import { moneyOf, wholeOf, type CarePrices } from '../years/outcome';
import { play } from '../years/play';
import type { Kept, RegimeName } from '../years/regimes';
import { worksWith } from '../years/works';

/** The rides of a bike as they were, played again with other care. */
export interface Again {
  course: readonly Leg[];
  /** The chain before the first of them, and the grit on the cogs. */
  start: { state: ChainState; cogs: number };
  limit: number;
  lube: LubeClass;
  standard: Standard;
  between: Schools['between'];
  kept: Kept;
  prices: CarePrices;
  /** What is known of the bike's coats and chain. */
  own: Factors;
  sigma: Factors;
  seed: number;
}

/** Natures that are tried: enough for a middle half. */
const NATURES = 40;

/** What the rides would have cost under a regime, in the rider's money, one figure a nature; sorted. */
export function costsAgain(again: Again, name: RegimeName): number[] {
  const { course, start, limit, lube, standard, between, kept, prices, own, sigma, seed } = again;
  const first = course[0];
  if (!first) return [];
  const works = worksWith(lube, between);
  return Array.from({ length: NATURES }, (_, k) => {
    const chance = new Chance(seed, k, 29);
    const nature = {
      life: own.life * Math.exp(sigma.life * chance.normal()),
      grit: own.grit * Math.exp(sigma.grit * chance.normal()),
      wear: own.wear * Math.exp(sigma.wear * chance.normal()),
    };
    const regime = { name, lube, standard, kept };
    const outcome = play(course, first.at, {
      regime,
      works,
      limit,
      nature,
      chainSigma: 0,
      seed: seed + k,
      start,
    });
    return wholeOf(moneyOf(outcome, prices));
  }).sort((a, b) => a - b);
}

/** Between which figures the middle half of sorted costs lies. */
export const middleHalf = (sorted: readonly number[]): [number, number] => [
  quantileSorted([...sorted], 0.25),
  quantileSorted([...sorted], 0.75),
];
