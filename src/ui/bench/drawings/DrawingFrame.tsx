import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { DRAWING } from './size';

/** A drawing in its size, with what it shows in words. */
export const DrawingFrame = ({ said, children }: { said: string; children: ReactNode }) => (
  <View role="img" aria-label={said} style={styles.drawing}>
    <Svg width="100%" height="100%" viewBox={`0 0 ${DRAWING.width} ${DRAWING.height}`} aria-hidden>
      {children}
    </Svg>
  </View>
);

const styles = StyleSheet.create({
  drawing: { width: '100%', maxWidth: 500, aspectRatio: DRAWING.width / DRAWING.height },
});
