import type { Bike } from '@/core/garage';
import { whichChain } from '@/core/words/newChain';
import { Card } from '../frame';
import { Txt } from '../theme';

/** Which chain goes on a bike. */
export function WhichChainCard({ bike }: { bike: Bike }) {
  return (
    <Card title="Which chain">
      {whichChain(bike).map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
    </Card>
  );
}
