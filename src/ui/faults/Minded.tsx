import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useColors } from '../theme';

/** What may hurt, at a thick edge. */
export function Minded({ children }: { children: ReactNode }) {
  const colors = useColors();
  return (
    <View
      role="note"
      aria-label="Caution"
      style={[styles.box, { borderColor: colors.lineStrong, borderLeftColor: colors.tape }]}
    >
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderWidth: 1, borderLeftWidth: 10, borderRadius: 10, padding: 12 },
});
