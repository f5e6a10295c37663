import { StyleSheet, View } from 'react-native';
import { useColors } from '../theme/ThemeContext';
import type { Colors } from '../theme/colors';

/** Fills that tell six parts apart, in order; each also has its row of words. */
export const fillsOf = (colors: Colors): string[] => [
  colors.tape,
  colors.gritLight,
  colors.ink,
  colors.done,
  colors.danger,
  colors.spread,
];

interface Props {
  parts: readonly { key: string; amount: number; fill: string }[];
  /** Read out in place of the drawing. */
  label: string;
}

/** A whole cut into its parts. */
export function StackBar({ parts, label }: Props) {
  const colors = useColors();
  return (
    <View role="img" aria-label={label} style={[styles.bar, { borderColor: colors.lineStrong }]}>
      {parts.map(({ key, amount, fill }) =>
        amount > 0 ? (
          <View
            key={key}
            style={[
              styles.part,
              { flexGrow: amount, backgroundColor: fill, borderColor: colors.cloth },
            ]}
          />
        ) : null,
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', height: 28, borderRadius: 8, borderWidth: 1, overflow: 'hidden' },
  part: { flexBasis: 0, borderRightWidth: 1 },
});
