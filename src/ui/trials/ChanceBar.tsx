import { StyleSheet, View } from 'react-native';
import type { TrialReport } from '@/core/trials/report';
import { chanceParts } from '@/core/words/trials';
import type { Arm } from '@/core/records/trialKinds';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  answer: TrialReport['answer'];
  labels: Record<Arm, string>;
}

/** The chances of a trial as lengths of one bar, each written out under it. */
export function ChanceBar({ answer, labels }: Props) {
  const colors = useColors();
  const parts = chanceParts(answer, labels);
  const fills = [colors.ink, colors.line, colors.tape];
  return (
    <View style={styles.all}>
      <View style={[styles.bar, { borderColor: colors.lineStrong }]} aria-hidden>
        {parts.map(({ name, share }, n) => (
          <View key={name} style={{ flexGrow: share, backgroundColor: fills[n] }} />
        ))}
      </View>
      {parts.map(({ name, line }, n) => (
        <View key={name} style={styles.key}>
          <View
            style={[styles.block, { backgroundColor: fills[n], borderColor: colors.lineStrong }]}
          />
          <Txt variant="small" style={styles.grow}>
            {line}
          </Txt>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 6 },
  bar: { flexDirection: 'row', height: 22, borderRadius: 6, borderWidth: 1, overflow: 'hidden' },
  key: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  block: { width: 12, height: 12, borderRadius: 3, borderWidth: 1 },
  grow: { flex: 1 },
});
