import { StyleSheet, View } from 'react-native';
import { Txt } from '../theme/Txt';

interface Props {
  /** Stands before the keys. */
  title?: string;
  keys: readonly { name: string; color: string }[];
  /** How a key's colour is shown: as a line or as a block with an edge. */
  shape: 'line' | 'block';
  edge?: string;
}

/** What the colours of a chart stand for. */
export const Legend = ({ title, keys, shape, edge }: Props) => (
  <View style={styles.legend}>
    {title ? <Txt variant="label">{title}</Txt> : null}
    {keys.map(({ name, color }) => (
      <View key={name} style={styles.key}>
        <View style={[styles[shape], { backgroundColor: color, borderColor: edge }]} />
        <Txt variant="small" tone="inkSoft">
          {name}
        </Txt>
      </View>
    ))}
  </View>
);

const styles = StyleSheet.create({
  legend: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: 14,
    rowGap: 2,
  },
  key: { flexDirection: 'row', alignItems: 'center', gap: 5 },
  line: { width: 16, height: 4, borderRadius: 2 },
  block: { width: 12, height: 12, borderRadius: 3, borderWidth: 1 },
});
