import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { Heard } from '@/core/faults/rhythm';
import { beatShapes, type BeatShapes } from '@/core/faults/ruler';
import { BEAT_WORDS, heardText } from '@/core/words/faults/beats';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

const ROW = 22;
const FACE = { fontFamily: 'Hanken Grotesk' } as const;
/** Of the scale below. */
const FOOT = 20;

/** Events a turn as a ruler: a mark for each thing that turns, and the count with its error falling on it. */
export function BeatRule({ heard }: { heard: Heard }) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const { marks, band, ticks } = beatShapes(heard, width);
  const base = ROW * marks.length + 10;
  return (
    <View
      role="img"
      aria-label={heardText(heard)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <Svg width={width} height={base + FOOT} aria-hidden>
          <Rect x={band.x} width={band.width} height={base} fill={colors.tape} opacity={0.45} />
          {marks.map((mark, n) => (
            <Mark key={mark.beat} mark={mark} row={n} base={base} />
          ))}
          <Line x1={0} x2={width} y1={base} y2={base} stroke={colors.ink} />
          {ticks.map(({ x, label }) => (
            <SvgText
              {...FACE}
              key={label}
              x={x}
              y={base + 15}
              fontSize={12}
              textAnchor="middle"
              fill={colors.inkSoft}
            >
              {label}
            </SvgText>
          ))}
        </Svg>
      ) : null}
      <Txt variant="small" tone="inkSoft">
        Events in one turn of the cranks
      </Txt>
    </View>
  );
}

/** A thing that turns: its line on the ruler, and its name. */
function Mark({
  mark,
  row,
  base,
}: {
  mark: BeatShapes['marks'][number];
  row: number;
  base: number;
}) {
  const colors = useColors();
  const { beat, x, fits, end } = mark;
  return (
    <G>
      <Line
        x1={x}
        x2={x}
        y1={ROW * row + 4}
        y2={base}
        stroke={fits ? colors.ink : colors.lineStrong}
        strokeWidth={fits ? 3 : 1.5}
      />
      <SvgText
        {...FACE}
        x={end ? x - 8 : x + 8}
        y={ROW * row + 16}
        fontSize={13}
        fontWeight={fits ? '700' : '400'}
        textAnchor={end ? 'end' : 'start'}
        fill={fits ? colors.ink : colors.inkSoft}
      >
        {BEAT_WORDS[beat]}
      </SvgText>
    </G>
  );
}
