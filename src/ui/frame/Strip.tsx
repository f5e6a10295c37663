import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Txt, type TxtVariant } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import type { Colors } from '../theme/colors';

interface Props {
  role: 'status' | 'alert' | 'region';
  name?: string;
  ground: keyof Colors;
  tone: keyof Colors;
  variant: TxtVariant;
  text: string;
  /** The buttons. */
  children: ReactNode;
}

/** A line across the frame: something to know, and what can be done about it. */
export function Strip({ role, name, ground, tone, variant, text, children }: Props) {
  const colors = useColors();
  return (
    <View
      role={role}
      aria-label={name}
      style={[styles.strip, { backgroundColor: colors[ground], borderColor: colors.line }]}
    >
      <Txt variant={variant} tone={tone} style={styles.text}>
        {text}
      </Txt>
      <View style={styles.buttons}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 12,
    paddingVertical: 8,
    paddingHorizontal: 16,
    borderTopWidth: 1,
    borderBottomWidth: 1,
  },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
  buttons: { flexDirection: 'row', gap: 8 },
});
