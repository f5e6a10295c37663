import type { Bike } from '@/core/records/garage';
import { whichChain } from '@/core/words/newChain';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

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
