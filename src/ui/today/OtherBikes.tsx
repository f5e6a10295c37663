import { Pressable, ScrollView, StyleSheet } from 'react-native';
import { type ChainReport } from '@/core/care';
import { shortVerdict } from '@/core/words/verdict';
import type { UnitSystem } from '@/core/units';
import { Txt, useColors } from '../theme';

interface Props {
  reports: readonly ChainReport[];
  chosen: string;
  units: UnitSystem;
  onChoose: (bikeId: string) => void;
}

/** All bikes side by side, each with its verdict in short; one of them is spoken of below. */
export function OtherBikes({ reports, chosen, units, onChoose }: Props) {
  const colors = useColors();
  if (reports.length < 2) return null;
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
        const here = report.bike.id === chosen;
        const calls = report.verdict.kind !== 'good for';
        return (
          <Pressable
            key={report.bike.id}
            role="button"
            aria-pressed={here}
            onPress={() => onChoose(report.bike.id)}
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
              {shortVerdict(report.verdict, report.state, units)}
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
