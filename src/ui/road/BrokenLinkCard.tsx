import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readSpareLink } from '@/core/entry/spareLink';
import type { Bike, Chain } from '@/core/records/garage';
import type { Problem } from '@/core/problem';
import { brokenLink, HOLDS, HOLDS_LABEL, holdsHint, type Holds } from '@/core/words/road';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  bike: Bike;
  chain: Chain;
  onMended: (holds: Holds, shorter: number) => void;
}

/** When a link breaks on a ride: how to get home, and noting it. */
export function BrokenLinkCard({ bike, chain, onMended }: Props) {
  return (
    <>
      <Card title="When a link breaks">
        {brokenLink(bike, chain).map((line, n) => (
          <Txt key={line}>{`${n + 1}. ${line}`}</Txt>
        ))}
      </Card>
      <MendedCard bike={bike} chain={chain} onMended={onMended} />
    </>
  );
}

/** Noting what holds a chain that broke. */
function MendedCard({ bike, chain, onMended }: Props) {
  const [holds, setHolds] = useState<Holds>('spare link');
  const [shorter, setShorter] = useState(0);
  const [speeds, setSpeeds] = useState(String(chain.speeds));
  const [problem, setProblem] = useState<Problem | undefined>();
  const asksLink = holds === 'spare link' && bike.gear === 'derailleur';
  const note = () => {
    const link = asksLink ? readSpareLink(speeds, chain) : null;
    setProblem(link && !link.ok ? link.problem : undefined);
    if (!link || link.ok) onMended(holds, shorter);
  };
  return (
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
      {asksLink ? (
        <View style={styles.row}>
          <Field
            label="Speeds the link is for"
            hint="On its packet, or marked on it."
            value={speeds}
            onChange={setSpeeds}
            problem={problem}
            numeric
            half
          />
        </View>
      ) : null}
      <Choice
        label="Its length"
        options={[
          { value: 0, label: 'As long as before' },
          { value: 2, label: 'Two links shorter' },
        ]}
        value={shorter}
        onChange={setShorter}
      />
      <Button kind="strong" label="Note it" onPress={note} />
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
