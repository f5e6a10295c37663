import { useState } from 'react';
import { Pressable, ScrollView, StyleSheet } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import { shortVerdict } from '@/core/words/verdict';
import type { Units } from '@/core/units/convert';
import { afterPaint } from '../afterPaint';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  reports: readonly ChainReport[];
  chosen: string;
  /** Bikes of which enough has been read; null: all. */
  told: readonly string[] | null;
  units: Units;
  onChoose: (bikeId: string) => void;
}

/** All bikes side by side, each with its verdict in short; one of them is spoken of below. */
export function OtherBikes({ reports, chosen, told, units, onChoose }: Props) {
  const colors = useColors();
  // Marked at once; the page of another bike takes longer to draw than a finger waits.
  const [tapped, setTapped] = useState<{ id: string; from: string } | null>(null);
  const marked = tapped?.from === chosen ? tapped.id : chosen;
  if (reports.length < 2) return null;
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
      {reports.map((report) => {
        const here = report.bike.id === marked;
        const isTold = told === null || told.includes(report.bike.id);
        const calls = isTold && report.verdict.kind !== 'good for';
        return (
          <Pressable
            key={report.bike.id}
            role="button"
            aria-pressed={here}
            disabled={!isTold}
            onPress={() => choose(report.bike.id)}
            style={[
              styles.bike,
              {
                backgroundColor: here ? colors.cloth : 'transparent',
                borderColor: here ? colors.ink : colors.line,
              },
            ]}
          >
            <Txt variant="label">{report.bike.name}</Txt>
            <Txt variant="small" tone={calls ? 'danger' : 'inkSoft'}>
              {isTold ? shortVerdict(report.verdict, report.state, units) : '…'}
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
