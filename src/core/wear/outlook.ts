import { wearLimitPercent } from '../chain/geometry';
import { typicalRiding } from '../care/verdict/typical';
import type { ChainState } from '../care/model/state';
import type { ReplayStep } from '../care/replay/step';
import type { Bike, Chain } from '../records/garage';
import { MS_PER_DAY } from '../units/convert';
import { chancePast, foresee, wearAfter, withCare, type Foresight } from './foresee';
import { usesUpAt } from './parts';
import { wearRateOf, type WearRate } from './rate';
import { wearStory, type WearStory } from './story';

/** All that is said of a chain's wear. */
export interface WearOutlook {
  state: ChainState;
  limit: number;
  rate: WearRate;
  story: WearStory;
  /** Km until it is worn out, and with better and worse care (the middle). */
  foresight: Foresight;
  /** Km until it has used up a new cassette. */
  cassette: Foresight;
  better: number;
  worse: number;
  /** Chance that it is past its limit now. */
  past: number;
  /** The usual distance a week on its bike; 0: it is in the drawer. */
  kmPerWeek: number;
  /** Rides to come on its bike, planned and usual, in order of time; empty: none are known. */
  coming: readonly ComingRide[];
}

/** A ride to come: when it begins, ms, and how far it goes. */
export interface ComingRide {
  at: number;
  km: number;
}

/** What to expect of a chain's wear from how it was ridden and read; null: it was never fitted. */
export function wearOutlook(
  steps: readonly ReplayStep[],
  chain: Chain,
  bike: Bike | null,
  now: number,
): WearOutlook | null {
  const state = steps.findLast((s) => s.chainId === chain.id && s.after)?.after;
  if (!state) return null;
  const limit = wearLimitPercent(chain.speeds, bike?.gear ?? 'derailleur');
  const rate = wearRateOf(steps, chain.id);
  const mid = (care: 'better' | 'worse') => foresee(state, withCare(rate, care), limit).mid;
  return {
    state,
    limit,
    rate,
    story: wearStory(steps, chain.id),
    foresight: foresee(state, rate, limit),
    cassette: foresee(state, rate, usesUpAt(limit)),
    better: mid('better'),
    worse: mid('worse'),
    past: chancePast(state, rate, limit, 0),
    coming: [],
    kmPerWeek: bike ? typicalRiding(steps, bike, now).kmPerWeek : 0,
  };
}

/** The wear in % below which a share `p` of futures lies after so many km more. */
export const foreseenAt = ({ state, rate }: WearOutlook, km: number, p: number): number =>
  wearAfter(state, rate, km, p);

/**
 * The day a distance will have been ridden, ms: that of the ride to come on which it is; beyond those, by the usual
 * week. Null: nobody rides it.
 */
export function dayOf(
  km: number,
  { coming, kmPerWeek }: Pick<WearOutlook, 'coming' | 'kmPerWeek'>,
  now: number,
): number | null {
  let ridden = 0;
  for (const ride of coming) {
    ridden += ride.km;
    if (ridden >= km) return ride.at;
  }
  const from = coming.at(-1)?.at ?? now;
  return kmPerWeek > 0 ? from + ((km - ridden) / kmPerWeek) * 7 * MS_PER_DAY : null;
}
