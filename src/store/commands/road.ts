import type { Chain } from '@/core/records/garage';
import type { Holds } from '@/core/words/road';
import type { AppThunk } from '../store';
import { record, type NewEvent } from './perform';

/** A chain that broke on the road and how it was closed again. */
export interface RoadRepair {
  bikeId: string;
  chain: Chain;
  holds: Holds;
  /** Links it has lost. */
  shorter: number;
}

/** Fewer no chain of the garage has. */
const FEWEST_LINKS = 40;

/** Notes a repair on the road: the chain as it is now, and a pin that was pushed back as a fault to be put right. */
export const noteRoadRepair =
  ({ bikeId, chain, holds, shorter }: RoadRepair): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    const now: Chain = {
      ...chain,
      links: Math.max(FEWEST_LINKS, chain.links - shorter),
      closure: 'not known',
      openingsAllowed: null,
      changedAt: at,
    };
    const moved: NewEvent = {
      type: 'faultFound',
      at,
      bikeId,
      chainId: chain.id,
      noise: null,
      cause: 'moved pin',
      place: null,
      showed: null,
      state: 'to do',
    };
    dispatch(
      record(`${chain.name} mended on the road`, holds === 'old pin' ? [moved] : [], {
        chains: [now],
      }),
    );
  };
