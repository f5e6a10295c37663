import { StyleSheet, View } from 'react-native';
import { BENCH_KEYS, GO_KEYS, OTHER_KEYS, type KeyWords } from '@/core/words/keys';
import { Sheet } from '../frame/Sheet';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

const PLACES: readonly KeyWords[] = GO_KEYS.map(([keys, , does]) => ({ keys, does }));

/** Every key and what it does. */
export const KeysSheet = ({
  atTheBench,
  onClose,
}: {
  atTheBench: boolean;
  onClose: () => void;
}) => (
  <Sheet title="Keys" onClose={onClose}>
    {atTheBench ? (
      <Keys rows={BENCH_KEYS} />
    ) : (
      <>
        <Keys rows={PLACES} />
        <Keys rows={OTHER_KEYS} />
        <Txt variant="strong">At the bench</Txt>
        <Keys rows={BENCH_KEYS} />
      </>
    )}
  </Sheet>
);

function Keys({ rows }: { rows: readonly KeyWords[] }) {
  const colors = useColors();
  return (
    <View>
      {rows.map(({ keys, does }) => (
        <View key={keys} style={[styles.row, { borderColor: colors.line }]}>
          <Txt variant="number" style={styles.keys}>
            {keys}
          </Txt>
          <Txt style={styles.does}>{does}</Txt>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12, paddingVertical: 6, borderTopWidth: 1 },
  keys: { width: 128 },
  does: { flex: 1 },
});
