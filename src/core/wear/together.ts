import type { ReplayStep } from '../care/replay/step';
import { NEW_LENGTH_TOLERANCE_PERCENT, wearLimitPercent } from '../chain/geometry';
import type { Bike } from '../records/garage';
import type { PartStory } from './parts';

/** What new and worn parts do to each other. */
export type Together = 'new chain on worn cogs' | 'worn chain on new cogs' | 'worn chain';

/** Cogs count as new up to this share of their life, as worn from that share on. Own choices. */
const NEW_SHARE = 0.1;
const WORN_SHARE = 0.8;
/** A chain worn so many times past its limit has worn the cogs to its own pitch. Common practice: 0.75 % on narrow cogs. */
const SPOILS_FROM = 1.5;

/** What is known where a chain meets a cassette. */
export interface Meeting {
  /** Wear of the chain, and its limit, %. */
  chain: number;
  limit: number;
  /** The cassette's story; null: nothing is known of it. */
  cassette: Pick<PartStory, 'share' | 'worstChain'> | null;
  /** The most worn chain the log saw on the bike, %: counts where nothing is known of the cassette. */
  worstChain: number;
}

/** What there is to say where a chain and a cassette are to run together; empty: nothing. */
export function togetherOf({ chain, limit, cassette, worstChain }: Meeting): Together[] {
  const cogsWorn =
    (cassette?.share ?? 0) >= WORN_SHARE ||
    (cassette?.worstChain ?? worstChain) >= limit * SPOILS_FROM;
  if (chain >= limit)
    return cassette && cassette.share < NEW_SHARE ? ['worn chain on new cogs'] : ['worn chain'];
  return chain <= NEW_LENGTH_TOLERANCE_PERCENT && cogsWorn ? ['new chain on worn cogs'] : [];
}

/** What is known where a chain so worn (%) is to run on a bike: by the cassette's story, else by the chain on it last. */
export function meetingOn(
  steps: readonly ReplayStep[],
  stories: readonly PartStory[],
  bike: Bike,
  chain: number,
): Meeting {
  const last = steps.findLast(
    ({ event, bikeId, after }) => event.type === 'rideLogged' && bikeId === bike.id && after,
  );
  return {
    chain,
    limit: wearLimitPercent(bike.speeds, bike.gear),
    cassette: stories.find((s) => s.bikeId === bike.id && s.part.kind === 'cassette') ?? null,
    worstChain: last?.after?.wear ?? 0,
  };
}
