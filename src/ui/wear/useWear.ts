import { useMemo } from 'react';
import type { Replay } from '@/core/care/replay/replay';
import type { Bike, Chain } from '@/core/records/garage';
import { wearOutlook, type ComingRide, type WearOutlook } from '@/core/wear/outlook';

/** The logbook as it was played last. A replay goes on in place: what is worked out from it hangs on this, not on its steps. */
export interface Played {
  replay: Replay;
}

/** What a chain's wear is worked out from. */
export interface WearFacts {
  played: Played;
  chain: Chain;
  /** The bike it is on; null: it is in the drawer. */
  bike: Bike | null;
  now: number;
  /** Rides to come, of all bikes. */
  rides: readonly (ComingRide & { bikeId: string })[];
}

/** What to expect of a chain's wear; null: it was never fitted. */
export const useWear = ({ played, chain, bike, now, rides }: WearFacts): WearOutlook | null =>
  useMemo(() => {
    const outlook = wearOutlook(played.replay.steps, chain, bike, now);
    return outlook && { ...outlook, coming: rides.filter((r) => r.bikeId === bike?.id) };
  }, [played, chain, bike, now, rides]);
