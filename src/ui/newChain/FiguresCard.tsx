import type { Bike, Chain } from '@/core/garage';
import { chainFigures, WAY_ROUND } from '@/core/words/newChain';
import { StepDrawing } from '../bench/drawings/StepDrawing';
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

/** Which way round a chain goes on. */
export function WayRoundCard({ bike }: { bike: Bike }) {
  return (
    <Card title="Which way round">
      {WAY_ROUND.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <StepDrawing
        drawing="arrow"
        hasDerailleur={bike.gear === 'derailleur'}
        turning={false}
        upsideDown={false}
      />
    </Card>
  );
}
