import type { LucideIcon } from 'lucide-react-native';
import { Pressable, StyleSheet } from 'react-native';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  label: string;
  /** For screen readers, where the label alone does not tell it from others. */
  name?: string;
  onPress: () => void;
  /** `strong`: the one thing to do here; `plain`: everything else; `quiet`: no frame. */
  kind?: 'strong' | 'plain' | 'quiet' | 'danger';
  icon?: LucideIcon;
  expanded?: boolean;
  disabled?: boolean;
  grow?: boolean;
}

/** A button at least 48 px high. */
export function Button({
  label,
  name,
  onPress,
  kind = 'plain',
  icon: Icon,
  expanded,
  disabled = false,
  grow = false,
}: Props) {
  const colors = useColors();
  const tone = kind === 'strong' ? 'onStrong' : kind === 'danger' ? 'danger' : 'ink';
  const framed = kind === 'plain' || kind === 'danger';
  return (
    <Pressable
      role="button"
      aria-label={name}
      aria-expanded={expanded}
      disabled={disabled}
      onPress={onPress}
      style={({ pressed }) => [
        styles.button,
        grow && styles.grow,
        kind === 'strong' && { backgroundColor: colors.strong },
        framed && { backgroundColor: colors.cloth, borderColor: colors.lineStrong, borderWidth: 1 },
        pressed && styles.pressed,
        disabled && styles.disabled,
      ]}
    >
      {Icon ? <Icon size={20} color={colors[tone]} aria-hidden /> : null}
      <Txt variant="strong" tone={tone} style={styles.label}>
        {label}
      </Txt>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    maxWidth: '100%',
    minHeight: 48,
    minWidth: 44,
    paddingHorizontal: 16,
    paddingVertical: 10,
    borderRadius: 10,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: 8,
  },
  grow: { flexGrow: 1 },
  label: { flexShrink: 1, textAlign: 'center' },
  pressed: { opacity: 0.7 },
  disabled: { opacity: 0.5 },
});
