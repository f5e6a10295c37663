import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, Path, Pattern, Rect } from 'react-native-svg';
import { useColors } from '../theme/ThemeContext';

/** What may hurt stands behind a hatched edge. */
export function Hatched({ children }: { children: ReactNode }) {
  const colors = useColors();
  return (
    <View
      role="note"
      aria-label="Caution"
      style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.lineStrong }]}
    >
      <Svg width={EDGE} height="100%" style={styles.edge} aria-hidden>
        <Defs>
          <Pattern id="hatch" width={12} height={12} patternUnits="userSpaceOnUse">
            <Rect width={12} height={12} fill={colors.tape} />
            <Path d="M-3 9L9 -3M0 18L18 0" stroke={colors.onTape} strokeWidth={4} />
          </Pattern>
        </Defs>
        <Rect width={EDGE} height="100%" fill="url(#hatch)" />
      </Svg>
      <View style={styles.text}>{children}</View>
    </View>
  );
}

const EDGE = 14;

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, overflow: 'hidden' },
  edge: { position: 'absolute', left: 0, top: 0, bottom: 0 },
  text: { paddingVertical: 14, paddingRight: 14, paddingLeft: EDGE + 14, gap: 8 },
});
