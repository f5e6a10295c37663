import type { ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import type { Cause } from '@/core/faults';
import { DRAWING_SAID, type DrawnCause } from '@/core/words/faults/drawings';
import { RoutingDrawing } from '../../bench/drawings/RoutingDrawing';
import { DRAWING } from '../../bench/drawings/size';
import { useColors, type Colors } from '../../theme';
import { HookedTeeth } from './HookedTeeth';
import { PackedRing } from './PackedRing';
import { StiffLink } from './StiffLink';

const DRAWN: Record<DrawnCause, ComponentType<{ colors: Colors }>> = {
  'wrong side of tab': RoutingDrawing,
  'stiff link': StiffLink,
  'worn cogs': HookedTeeth,
  'packed ring': PackedRing,
};

const isDrawn = (cause: Cause): cause is DrawnCause => Object.hasOwn(DRAWN, cause);

/** A cause as it looks, where a drawing tells more than words. */
export function CauseDrawing({ cause }: { cause: Cause }) {
  const colors = useColors();
  if (!isDrawn(cause)) return null;
  const Drawn = DRAWN[cause];
  return (
    <View role="img" aria-label={DRAWING_SAID[cause]} style={styles.drawing}>
      <Svg
        width="100%"
        height="100%"
        viewBox={`0 0 ${DRAWING.width} ${DRAWING.height}`}
        aria-hidden
      >
        <Drawn colors={colors} />
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({
  drawing: { width: '100%', maxWidth: 460, aspectRatio: DRAWING.width / DRAWING.height },
});
