import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  middleOf,
  QUANTITIES,
  quantityOf,
  type Middle,
  type Quantity,
  type Way,
} from '@/core/years/compare';
import { halfSaid, QUANTITY_LABEL, wayLabel, type ShownIn } from '@/core/words/years';
import { Choice } from '../form/Choice';
import { BarRow } from '../charts/BarRow';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** Ways that were played on the same futures, and how they are shown. */
export interface WaysShown {
  ways: readonly Way[];
  /** What tells them apart. */
  by: 'regime' | 'lube';
  power: number;
  shown: ShownIn;
}

/** The ways side by side, by one quantity at a time. */
export function WaysCard({ title, ways, by, power, shown }: WaysShown & { title: string }) {
  const [quantity, setQuantity] = useState<Quantity>('money');
  const rows = ways.flatMap(({ key, outcomes, prices }) => {
    const middle = middleOf(outcomes.map((o) => quantityOf(o, quantity, { prices, power })));
    return middle ? [{ key, middle }] : [];
  });
  if (rows.length === 0) return null;
  const most = Math.max(1e-9, ...rows.map(({ middle }) => middle.most[1]));
  return (
    <Card title={title} help="years">
      <Choice
        label="Compare by"
        options={QUANTITIES.map((value) => ({ value, label: QUANTITY_LABEL[value] }))}
        value={quantity}
        onChange={setQuantity}
      />
      <View style={styles.rows}>
        {rows.map(({ key, middle }) => (
          <Row
            key={key}
            label={wayLabel(key, by)}
            middle={middle}
            most={most}
            said={halfSaid(middle, quantity, shown)}
          />
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        Half of the futures end in the strong part of each bar, nine in ten in the pale part.
      </Txt>
    </Card>
  );
}

interface RowProps {
  label: string;
  middle: Middle;
  most: number;
  said: string;
}

/** One way: its middle half, and where nine in ten futures end. */
function Row({ label, middle, most, said }: RowProps) {
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
    <BarRow label={label} said={said} track={{ ...TRACK_STYLE, backgroundColor: colors.field }}>
      {span(middle.most, colors.spread, 10)}
      {span(middle.half, colors.ink, TRACK)}
    </BarRow>
  );
}

const TRACK = 16;
const TRACK_STYLE = { height: TRACK, borderRadius: 4, marginTop: 3 };

const styles = StyleSheet.create({
  rows: { gap: 12 },
  span: { position: 'absolute', borderRadius: 4 },
});
