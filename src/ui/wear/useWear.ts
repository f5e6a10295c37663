import { useMemo } from 'react';
import type { ReplayStep } from '@/core/care';
import type { Bike, Chain } from '@/core/garage';
import { wearOutlook, type WearOutlook } from '@/core/wear';

/** What a chain's wear is worked out from. */
export interface WearFacts {
  /** Steps of the logbook, of all chains: a bike's riding is that of each chain it had. */
  steps: readonly ReplayStep[];
  chain: Chain;
  /** The bike it is on; null: it is in the drawer. */
  bike: Bike | null;
  now: number;
}

/** What to expect of a chain's wear; null: it was never fitted. */
export const useWear = ({ steps, chain, bike, now }: WearFacts): WearOutlook | null =>
  useMemo(() => wearOutlook(steps, chain, bike, now), [steps, chain, bike, now]);
