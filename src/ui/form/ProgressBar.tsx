import { StyleSheet, View } from 'react-native';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** 0 to 1. */
  share: number;
  label: string;
}

/** How much of something is done. */
export function ProgressBar({ share, label }: Props) {
  const colors = useColors();
  const percent = Math.round(share * 100);
  return (
    <View
      role="progressbar"
      aria-valuenow={percent}
      aria-label={label}
      style={[styles.bar, { backgroundColor: colors.line }]}
    >
      <View style={[styles.done, { width: `${percent}%`, backgroundColor: colors.done }]} />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { height: 8, borderRadius: 4, overflow: 'hidden' },
  done: { height: 8 },
});
