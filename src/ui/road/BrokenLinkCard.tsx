import { useState } from 'react';
import type { Bike, Chain } from '@/core/garage';
import { brokenLink, HOLDS, HOLDS_LABEL, holdsHint, type Holds } from '@/core/words/road';
import { Button, Choice } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';

interface Props {
  bike: Bike;
  chain: Chain;
  onMended: (holds: Holds, shorter: number) => void;
}

/** When a link breaks on a ride: how to get home, and noting it. */
export function BrokenLinkCard({ bike, chain, onMended }: Props) {
  const [holds, setHolds] = useState<Holds>('spare link');
  const [shorter, setShorter] = useState(0);
  return (
    <>
      <Card title="When a link breaks">
        {brokenLink(bike, chain).map((line, n) => (
          <Txt key={line}>{`${n + 1}. ${line}`}</Txt>
        ))}
      </Card>
      <Card title={`${chain.name} broke and holds again`}>
        <Choice
          label="What holds it"
          options={HOLDS.map((value) => ({
            value,
            label: HOLDS_LABEL[value],
            hint: holdsHint(value),
          }))}
          value={holds}
          onChange={setHolds}
        />
        <Choice
          label="Its length"
          options={[
            { value: 0, label: 'As long as before' },
            { value: 2, label: 'Two links shorter' },
          ]}
          value={shorter}
          onChange={setShorter}
        />
        <Button kind="strong" label="Note it" onPress={() => onMended(holds, shorter)} />
      </Card>
    </>
  );
}
