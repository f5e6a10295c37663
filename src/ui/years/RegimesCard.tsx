import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  middleOf,
  QUANTITIES,
  quantityOf,
  REGIME_NAMES,
  type CarePrices,
  type Middle,
  type Quantity,
  type RegimeName,
  type YearsFigures,
} from '@/core/years';
import { REGIME_LABEL } from '@/core/words/money';
import { halfSaid, QUANTITY_LABEL, type ShownIn } from '@/core/words/years';
import { Choice } from '../form';
import { Card } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  figures: YearsFigures;
  prices: CarePrices;
  power: number;
  shown: ShownIn;
}

/** The ways of keeping a chain side by side, by one quantity at a time. */
export function RegimesCard({ figures, prices, power, shown }: Props) {
  const [quantity, setQuantity] = useState<Quantity>('money');
  const rows = REGIME_NAMES.flatMap((name) => {
    const values = (figures[name] ?? []).map((o) => quantityOf(o, quantity, { prices, power }));
    const middle = middleOf(values);
    return middle ? [{ name, middle }] : [];
  });
  const most = Math.max(1e-9, ...rows.map(({ middle }) => middle.most[1]));
  return (
    <Card title="Side by side">
      <Choice
        label="Compare by"
        options={QUANTITIES.map((value) => ({ value, label: QUANTITY_LABEL[value] }))}
        value={quantity}
        onChange={setQuantity}
      />
      <View style={styles.rows}>
        {rows.map(({ name, middle }) => (
          <Row
            key={name}
            name={name}
            middle={middle}
            most={most}
            said={halfSaid(middle, quantity, shown)}
          />
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        The dark part of each bar is where half of the futures end, the pale part nine in ten.
      </Txt>
    </Card>
  );
}

interface RowProps {
  name: RegimeName;
  middle: Middle;
  most: number;
  said: string;
}

/** One way: its middle half, and where nine in ten futures end. */
function Row({ name, middle, most, said }: RowProps) {
  const colors = useColors();
  const span = ([from, to]: readonly [number, number], color: string, height: number) => (
    <View
      style={[
        styles.span,
        {
          left: `${(from / most) * 100}%`,
          width: `${Math.max(0.8, ((to - from) / most) * 100)}%`,
          height,
          top: (TRACK - height) / 2,
          backgroundColor: color,
        },
      ]}
    />
  );
  return (
    <View>
      <View style={styles.words}>
        <Txt variant="label">{REGIME_LABEL[name]}</Txt>
        <Txt variant="number">{said}</Txt>
      </View>
      <View style={[styles.track, { backgroundColor: colors.field }]} aria-hidden>
        {span(middle.most, colors.spread, 10)}
        {span(middle.half, colors.ink, TRACK)}
      </View>
    </View>
  );
}

const TRACK = 16;

const styles = StyleSheet.create({
  rows: { gap: 12 },
  words: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', columnGap: 12 },
  track: { height: TRACK, borderRadius: 4, marginTop: 3 },
  span: { position: 'absolute', borderRadius: 4 },
});
