import { wearLimitPercent } from '../chain';
import { typicalRiding, type ChainState, type ReplayStep } from '../care';
import type { Bike, Chain } from '../garage';
import { MS_PER_DAY } from '../units';
import { chancePast, foresee, wearAfter, withCare, type Foresight } from './foresee';
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
  better: number;
  worse: number;
  /** Chance that it is past its limit now. */
  past: number;
  /** The usual distance a week on its bike; 0: it is in the drawer. */
  kmPerWeek: number;
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
    better: mid('better'),
    worse: mid('worse'),
    past: chancePast(state, rate, limit, 0),
    kmPerWeek: bike ? typicalRiding(steps, bike, now).kmPerWeek : 0,
  };
}

/** The wear in % below which a share `p` of futures lies after so many km more. */
export const foreseenAt = ({ state, rate }: WearOutlook, km: number, p: number): number =>
  wearAfter(state, rate, km, p);

/** The day a distance will have been ridden, ms; null: nobody rides it. */
export const dayOf = (km: number, { kmPerWeek }: WearOutlook, now: number): number | null =>
  kmPerWeek > 0 ? now + (km / kmPerWeek) * 7 * MS_PER_DAY : null;
