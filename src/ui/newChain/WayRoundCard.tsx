import type { Bike } from '@/core/records/garage';
import { WAY_ROUND } from '@/core/words/newChain';
import { StepDrawing } from '../bench/drawings/StepDrawing';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

/** Which way round a chain goes on. */
export function WayRoundCard({ bike }: { bike: Bike }) {
  return (
    <Card title="Which way round">
      {WAY_ROUND.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <StepDrawing
        drawing="way round"
        hasDerailleur={bike.gear === 'derailleur'}
        turning={false}
        upsideDown={false}
      />
    </Card>
  );
}
