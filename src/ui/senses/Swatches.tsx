import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Ellipse, Path, Rect } from 'react-native-svg';
import { SWATCH_LEVELS } from '@/core/care/model/constants';
import { RAG_SHADES } from '@/core/words/labels';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  onPick: (swatch: number) => void;
}

/** Five pieces of cloth: pick the one that looks like what came off on the rag. */
export function Swatches({ onPick }: Props) {
  return (
    <View role="group" aria-label="What came off on the rag" style={styles.row}>
      {SWATCH_LEVELS.map((level, i) => (
        <Swatch
          key={level}
          level={level}
          number={i + 1}
          word={RAG_SHADES[i] ?? ''}
          onPress={() => onPick(i + 1)}
        />
      ))}
    </View>
  );
}

interface SwatchProps {
  level: number;
  number: number;
  word: string;
  onPress: () => void;
}

function Swatch({ level, number, word, onPress }: SwatchProps) {
  const colors = useColors();
  return (
    <Pressable
      role="button"
      aria-label={`Shade ${number} of 5: ${word}`}
      onPress={onPress}
      style={({ pressed }) => [styles.swatch, pressed && styles.pressed]}
    >
      <Svg width="100%" style={styles.cloth} viewBox="0 0 58 58" aria-hidden>
        <Path
          d="M2 4l4-2 4 2 4-2 4 2 4-2 4 2 4-2 4 2 4-2 4 2 4-2 4 2 4-2 2 4v44l-2 4-4-2-4 2-4-2-4 2-4-2-4 2-4-2-4 2-4-2-4 2-4-2-4 2-4-2-2-4z"
          fill="#efe9dc"
          stroke={colors.lineStrong}
        />
        {[12, 20, 28, 36, 44].map((y) => (
          <Rect key={y} x={6} y={y} width={46} height={0.8} fill="#cfc6b3" />
        ))}
        <Ellipse
          cx={29}
          cy={29}
          rx={14 + level * 10}
          ry={9 + level * 14}
          fill="#2a2723"
          opacity={level}
        />
        <Ellipse
          cx={31}
          cy={28}
          rx={9 + level * 7}
          ry={5 + level * 9}
          fill="#17150f"
          opacity={level}
        />
      </Svg>
      <Txt variant="small">{word}</Txt>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  // As large as five side by side can be.
  swatch: {
    alignItems: 'center',
    flexGrow: 1,
    flexBasis: 58,
    maxWidth: 120,
    paddingVertical: 4,
    gap: 2,
  },
  cloth: { aspectRatio: 1 },
  pressed: { opacity: 0.6 },
});
