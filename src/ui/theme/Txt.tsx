import type { ReactNode } from 'react';
import { StyleSheet, Text, type StyleProp, type TextStyle } from 'react-native';
import type { Colors } from './colors';
import { useTheme } from './ThemeContext';

const VARIANTS = StyleSheet.create({
  verdict: { fontSize: 31, lineHeight: 36, fontWeight: '700', letterSpacing: -0.5 },
  title: { fontSize: 24, lineHeight: 30, fontWeight: '700', letterSpacing: -0.2 },
  heading: { fontSize: 18, lineHeight: 24, fontWeight: '650' as TextStyle['fontWeight'] },
  lead: { fontSize: 20, lineHeight: 28, fontWeight: '450' as TextStyle['fontWeight'] },
  body: { fontSize: 16, lineHeight: 23, fontWeight: '400' },
  strong: { fontSize: 16, lineHeight: 23, fontWeight: '600' },
  small: { fontSize: 14, lineHeight: 20, fontWeight: '400' },
  label: { fontSize: 14, lineHeight: 19, fontWeight: '600' },
  number: { fontSize: 16, lineHeight: 22, fontWeight: '500', fontFamily: 'Red Hat Mono' },
  numberSmall: { fontSize: 13, lineHeight: 18, fontWeight: '500', fontFamily: 'Red Hat Mono' },
  reading: { fontSize: 22, lineHeight: 28, fontWeight: '600', fontFamily: 'Red Hat Mono' },
});

export type TxtVariant = keyof typeof VARIANTS;

interface Props {
  variant?: TxtVariant;
  tone?: keyof Colors;
  /** Heading level for screen readers; none for plain text. */
  level?: 1 | 2 | 3;
  /** Read out when it changes. */
  live?: 'polite' | 'assertive';
  id?: string;
  /** Makes the words a button within a line of text. */
  onPress?: () => void;
  style?: StyleProp<TextStyle>;
  children: ReactNode;
}

/** All text of the app: one text face, one face for numbers, scaled as the browser asks. */
export function Txt({
  variant = 'body',
  tone = 'ink',
  level,
  live,
  id,
  onPress,
  style,
  children,
}: Props) {
  const { colors, textScale, largestPx } = useTheme();
  const base = VARIANTS[variant] as TextStyle;
  const plain = base.fontSize ?? 16;
  const scale = Math.min(textScale, Math.max(1, largestPx / plain));
  const sized =
    scale === 1 ? null : { fontSize: plain * scale, lineHeight: (base.lineHeight ?? 23) * scale };
  return (
    <Text
      id={id}
      role={level ? 'heading' : onPress ? 'button' : undefined}
      onPress={onPress}
      aria-level={level}
      aria-live={live}
      style={[
        styles.face,
        base,
        base.fontFamily ? styles.closer : null,
        sized,
        { color: colors[tone] },
        style,
      ]}
    >
      {children}
    </Text>
  );
}

const styles = StyleSheet.create({
  face: { fontFamily: 'Hanken Grotesk' },
  // A space as wide as a digit tears a number from its unit. CSS that React Native does not list.
  closer: { wordSpacing: '-0.3em' } as TextStyle,
});
