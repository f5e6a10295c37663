import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import type { CoatPoint } from '@/core/trials/report';
import { coatMarks, type PictureOf } from '@/core/trials/picture';
import type { Arm } from '@/core/records/trialKinds';
import { howToRead } from '@/core/words/trialPicture';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  points: readonly CoatPoint[];
  labels: Record<Arm, string>;
  of: PictureOf;
}

const FACE = { fontFamily: 'Hanken Grotesk', fontSize: 12 } as const;
const LANE = 76;
const FOOT = 34;

/** Every coat that counts as a point, by habit: as it was, and with its weather taken out. */
export function CoatsPicture({ points, labels, of }: Props) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const height = 2 * LANE;
  const { marks, ticks, unit } = coatMarks(points, of, { width, lane: LANE });
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ gap: 8 }}>
      {width > 0 ? (
        <Svg width={width} height={height + FOOT} aria-hidden>
          {ticks.map(({ x, label }) => (
            <Line key={label} x1={x} x2={x} y1={0} y2={height} stroke={colors.line} />
          ))}
          <Line x1={0} x2={width} y1={LANE} y2={LANE} stroke={colors.lineStrong} />
          {(['a', 'b'] as const).map((arm, n) => (
            <SvgText {...FACE} key={arm} x={2} y={n * LANE + 14} fill={colors.ink}>
              {labels[arm]}
            </SvgText>
          ))}
          {marks.map(({ key, ...mark }) => (
            <Mark
              key={key}
              {...mark}
              ink={colors.ink}
              soft={colors.inkSoft}
              ground={colors.cloth}
            />
          ))}
          {ticks.map(({ x, label, anchor }) => (
            <SvgText
              {...FACE}
              key={label}
              x={x}
              y={height + 15}
              textAnchor={anchor}
              fill={colors.inkSoft}
            >
              {label}
            </SvgText>
          ))}
          <SvgText {...FACE} x={width} y={height + 30} textAnchor="end" fill={colors.inkSoft}>
            {unit}
          </SvgText>
        </Svg>
      ) : null}
      <Txt variant="small" tone="inkSoft">
        {howToRead(
          of.measure,
          points.some((p) => p.atLeast),
        )}
      </Txt>
    </View>
  );
}

interface MarkProps {
  x: number;
  rawX: number;
  y: number;
  atLeast: boolean;
  ink: string;
  soft: string;
  ground: string;
}

/** A coat: full where its weather is taken out, a ring where it truly ended; an arrow where it lasted longer. */
const Mark = ({ x, rawX, y, atLeast, ink, soft, ground }: MarkProps) => (
  <>
    <Line x1={rawX} x2={x} y1={y} y2={y} stroke={soft} />
    <Circle cx={rawX} cy={y} r={3.5} fill={ground} stroke={soft} strokeWidth={1.5} />
    <Circle cx={x} cy={y} r={4.5} fill={ink} />
    {atLeast ? (
      <Path d={`M${x + 7} ${y} h10 m-4 -4 l4 4 l-4 4`} stroke={ink} strokeWidth={1.5} fill="none" />
    ) : null}
  </>
);
