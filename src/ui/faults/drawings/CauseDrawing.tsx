import type { ComponentType } from 'react';
import type { Cause } from '@/core/records/faults';
import { DRAWING_SAID, type DrawnCause } from '@/core/words/faults/drawings';
import { DrawingFrame } from '../../bench/drawings/DrawingFrame';
import { RoutingDrawing } from '../../bench/drawings/RoutingDrawing';
import { useColors } from '../../theme/ThemeContext';
import type { Colors } from '../../theme/colors';
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
    <DrawingFrame said={DRAWING_SAID[cause]}>
      <Drawn colors={colors} />
    </DrawingFrame>
  );
}
