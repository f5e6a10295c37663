import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import type { Drawing } from '@/core/bench/steps';
import { useColors } from '../../theme';
import { ArrowDrawing } from './ArrowDrawing';
import { DropDrawing } from './DropDrawing';
import { RagDrawing } from './RagDrawing';
import { RoutingDrawing } from './RoutingDrawing';
import { UnloadDrawing } from './UnloadDrawing';

/** The size every drawing is drawn to. */
export const DRAWING = { width: 340, height: 170 } as const;

const SAID: Record<Drawing, string> = {
  drop: 'Drawing: the bottle’s tip over the inside of the lower run; enlarged, a drop on a roller, and the four places where metal rubs: pin, both shoulders, roller.',
  routing:
    'Drawing: on the left, right: the chain runs straight between the jockey wheels, inside the tab. On the right, wrong: it runs outside the tab and rubs on it.',
  arrow: 'Drawing: the link on the upper run, its arrow pointing forward, to the chainring.',
  unload:
    'Drawing: a string hooked into the chain on both sides of the link, which hangs slack between.',
  rag: 'Drawing: the rag is held round the lower run, well before the cassette; the cranks turn backwards.',
};

interface Props {
  drawing: Drawing;
  hasDerailleur: boolean;
  /** The cranks turn while the rag is held. */
  turning: boolean;
}

/** A drawing for this bike, where words fail. */
export function StepDrawing({ drawing, hasDerailleur, turning }: Props) {
  const colors = useColors();
  return (
    <View role="img" aria-label={SAID[drawing]} style={styles.drawing}>
      <Svg
        width="100%"
        height={DRAWING.height}
        viewBox={`0 0 ${DRAWING.width} ${DRAWING.height}`}
        aria-hidden
      >
        {drawing === 'drop' ? <DropDrawing colors={colors} hasDerailleur={hasDerailleur} /> : null}
        {drawing === 'routing' ? <RoutingDrawing colors={colors} /> : null}
        {drawing === 'arrow' ? (
          <ArrowDrawing colors={colors} hasDerailleur={hasDerailleur} />
        ) : null}
        {drawing === 'unload' ? <UnloadDrawing colors={colors} /> : null}
        {drawing === 'rag' ? (
          <RagDrawing colors={colors} hasDerailleur={hasDerailleur} turning={turning} />
        ) : null}
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({ drawing: { alignSelf: 'stretch', maxWidth: 420 } });
