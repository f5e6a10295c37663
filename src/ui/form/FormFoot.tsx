import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useColors } from '../theme/ThemeContext';

/** The buttons that end a form: they stay in view at the foot while the form scrolls under them. */
export function FormFoot({ children }: { children: ReactNode }) {
  const colors = useColors();
  return (
    <View style={[styles.foot, { backgroundColor: colors.chalk, borderColor: colors.line }]}>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  foot: {
    // React Native for the web knows `sticky`; React Native's types do not.
    position: 'sticky' as 'relative',
    bottom: 0,
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: 12,
    paddingVertical: 10,
    borderTopWidth: 1,
  },
});
