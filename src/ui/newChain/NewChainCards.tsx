import type { Bike, Chain } from '@/core/records/garage';
import { FiguresCard } from './FiguresCard';
import { LengthCard } from './LengthCard';
import { WayRoundCard } from './WayRoundCard';
import { WhichChainCard } from './WhichChainCard';

interface Props {
  bike: Bike;
  /** The chain it has, or had last; null: none is known. */
  chain: Chain | null;
  onFit: (links: number) => void;
  onKeepStay: (chainstayMm: number) => void;
}

/** Which chain a bike takes, how long and which way round, and the figures of the one it has. */
export const NewChainCards = ({ bike, chain, onFit, onKeepStay }: Props) => (
  <>
    <WhichChainCard bike={bike} />
    <LengthCard bike={bike} oldLinks={chain?.links ?? null} onFit={onFit} onKeepStay={onKeepStay} />
    <WayRoundCard bike={bike} />
    {chain ? <FiguresCard bike={bike} chain={chain} /> : null}
  </>
);
