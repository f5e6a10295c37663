import type { Bike, Chain } from '@/core/garage';
import { chainFigures } from '@/core/words/newChain';
import { Card } from '../frame';
import { Txt } from '../theme';

/** A chain in figures: laps, bends, parts. */
export function FiguresCard({ bike, chain }: { bike: Bike; chain: Chain }) {
  return (
    <Card title={`${chain.name} in figures`}>
      {chainFigures(chain, bike).map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
    </Card>
  );
}
