import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  differenceOf,
  QUANTITIES,
  REGIME_NAMES,
  type CarePrices,
  type RegimeName,
  type YearsFigures,
} from '@/core/years';
import { REGIME_LABEL } from '@/core/words/money';
import { differenceSentence, type ShownIn } from '@/core/words/years';
import { SelectField } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';

interface Props {
  figures: YearsFigures;
  prices: CarePrices;
  power: number;
  shown: ShownIn;
}

const OPTIONS = REGIME_NAMES.map((value) => ({ value, label: REGIME_LABEL[value] }));
const isRegime = (value: string): value is RegimeName =>
  REGIME_NAMES.some((name) => name === value);

/** Any two ways held against each other in the same weather. */
export function PairCard({ figures, prices, power, shown }: Props) {
  const [pair, setPair] = useState<readonly [RegimeName, RegimeName]>(['plan', 'kept']);
  const [a, b] = pair;
  const sentences = QUANTITIES.flatMap((quantity) => {
    const difference = differenceOf(figures[a] ?? [], figures[b] ?? [], quantity, {
      prices,
      power,
    });
    return difference ? [differenceSentence(pair, quantity, difference, shown)] : [];
  });
  return (
    <Card title="One against the other">
      <View style={styles.row}>
        <SelectField
          label="This"
          options={OPTIONS}
          value={a}
          onChange={(value) => (isRegime(value) ? setPair([value, b]) : undefined)}
        />
        <SelectField
          label="Against"
          options={OPTIONS}
          value={b}
          onChange={(value) => (isRegime(value) ? setPair([a, value]) : undefined)}
        />
      </View>
      {a === b ? (
        <Txt tone="inkSoft">Pick two different ways.</Txt>
      ) : (
        sentences.map((sentence) => <Txt key={sentence}>{sentence}</Txt>)
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
