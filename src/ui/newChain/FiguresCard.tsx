import type { Bike, Chain } from '@/core/records/garage';
import { chainFigures } from '@/core/words/newChain';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

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
