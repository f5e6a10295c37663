import { Pressable, StyleSheet } from 'react-native';
import { tick } from './device';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  label: string;
  onPress: () => void;
  /** Yes or done; no; nothing to press yet. */
  kind?: 'go' | 'no';
  disabled?: boolean;
}

/** A button a knuckle can hit. */
export function BigButton({ label, onPress, kind = 'go', disabled = false }: Props) {
  const colors = useColors();
  const go = kind === 'go';
  return (
    <Pressable
      role="button"
      disabled={disabled}
      onPress={() => {
        tick();
        onPress();
      }}
      style={({ pressed }) => [
        styles.button,
        go
          ? { backgroundColor: colors.strong, borderColor: colors.strong }
          : { backgroundColor: colors.cloth, borderColor: colors.lineStrong },
        (pressed || disabled) && styles.pressed,
      ]}
    >
      <Txt variant="title" tone={go ? 'onStrong' : 'ink'} style={styles.label}>
        {label}
      </Txt>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    flex: 1,
    minHeight: 96,
    borderRadius: 16,
    borderWidth: 2,
    padding: 12,
    alignItems: 'center',
    justifyContent: 'center',
  },
  pressed: { opacity: 0.7 },
  label: { textAlign: 'center' },
});
