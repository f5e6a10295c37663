import { useState } from 'react';
import { Pressable, ScrollView, StyleSheet } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import type { Bike } from '@/core/records/garage';
import { shortVerdict } from '@/core/words/verdict';
import type { Units } from '@/core/units/convert';
import { afterPaint } from '../afterPaint';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  bikes: readonly Bike[];
  /** The report on one of them; null: not yet. */
  reportOf: (bikeId: string) => ChainReport | null;
  chosen: string;
  /** Bikes of which enough has been read; null: all. */
  told: readonly string[] | null;
  units: Units;
  onChoose: (bikeId: string) => void;
}

/** All bikes side by side, each with its verdict in short; one of them is spoken of below. */
export function OtherBikes({ bikes, reportOf, chosen, told, units, onChoose }: Props) {
  const colors = useColors();
  // Marked at once; the page of another bike takes longer to draw than a finger waits.
  const [tapped, setTapped] = useState<{ id: string; from: string } | null>(null);
  const marked = tapped?.from === chosen ? tapped.id : chosen;
  if (bikes.length < 2) return null;
  const choose = (id: string) => {
    setTapped({ id, from: chosen });
    afterPaint(() => onChoose(id));
  };
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      role="group"
      aria-label="Bikes"
      contentContainerStyle={styles.row}
      style={styles.scroll}
    >
      {bikes.map(({ id, name }) => {
        const here = id === marked;
        const isTold = told === null || told.includes(id);
        const report = isTold ? reportOf(id) : null;
        const calls = report !== null && report.verdict.kind !== 'good for';
        return (
          <Pressable
            key={id}
            role="button"
            aria-pressed={here}
            disabled={!isTold}
            onPress={() => choose(id)}
            style={[
              styles.bike,
              {
                backgroundColor: here ? colors.cloth : 'transparent',
                borderColor: here ? colors.ink : colors.line,
              },
            ]}
          >
            <Txt variant="label">{name}</Txt>
            <Txt variant="small" tone={calls ? 'danger' : 'inkSoft'}>
              {report ? shortVerdict(report.verdict, report.state, units) : '…'}
            </Txt>
          </Pressable>
        );
      })}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  scroll: { flexGrow: 0 },
  row: { gap: 10, padding: 2 },
  bike: {
    borderWidth: 1.5,
    borderRadius: 12,
    paddingHorizontal: 14,
    paddingVertical: 8,
    maxWidth: 240,
  },
});
