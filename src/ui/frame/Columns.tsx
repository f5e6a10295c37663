import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './useWide';

interface Props {
  left: ReactNode;
  right: ReactNode;
  /** Width of the left column, the right one being 1. */
  share: number;
}

/** Two columns side by side where there is room, one after the other on a phone. */
export function Columns({ left, right, share }: Props) {
  const wide = useWide();
  if (!wide)
    return (
      <>
        {left}
        {right}
      </>
    );
  return (
    <View style={styles.columns}>
      <View style={[styles.column, { flex: share }]}>{left}</View>
      <View style={[styles.column, { flex: 1 }]}>{right}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: 32, alignItems: 'flex-start' },
  column: { gap: 18, minWidth: 0 },
});
