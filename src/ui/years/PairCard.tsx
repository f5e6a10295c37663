import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { differenceOf, QUANTITIES } from '@/core/years/compare';
import { differenceSentence, wayLabel } from '@/core/words/years';
import { SelectField } from '../form/SelectField';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import type { WaysShown } from './WaysCard';

/** Any two ways held against each other in the same weather. */
export function PairCard({ title, ways, by, power, shown }: WaysShown & { title: string }) {
  const [picked, setPicked] = useState<readonly [string | null, string | null]>([null, null]);
  const of = (key: string | null, n: number) => ways.find((w) => w.key === key) ?? ways[n];
  const [a, b] = [of(picked[0], 0), of(picked[1], 1)];
  if (!a || !b) return null;
  const options = ways.map(({ key }) => ({ value: key, label: wayLabel(key, by) }));
  const names = [wayLabel(a.key, by), wayLabel(b.key, by)] as const;
  const sentences = QUANTITIES.flatMap((quantity) => {
    const difference = differenceOf(a, b, quantity, power);
    return difference ? [differenceSentence(names, quantity, difference, shown)] : [];
  });
  return (
    <Card title={title}>
      <View style={styles.row}>
        <SelectField
          label="This"
          options={options}
          value={a.key}
          onChange={(key) => setPicked([key, b.key])}
        />
        <SelectField
          label="Against"
          options={options}
          value={b.key}
          onChange={(key) => setPicked([a.key, key])}
        />
      </View>
      {a === b ? (
        <Txt tone="inkSoft">Pick two different ones.</Txt>
      ) : (
        sentences.map((sentence) => <Txt key={sentence}>{sentence}</Txt>)
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
