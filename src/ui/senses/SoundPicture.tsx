import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Polyline, Rect, Text as SvgText } from 'react-native-svg';
import { bandBars, onsetShapes } from '@/core/senses/sound/shapes';
import { DRY_FROM, type Levels } from '@/core/senses/sound/bands';
import type { Recording } from '@/core/senses/sound/listen';
import type { Turn } from '@/core/senses/sound/turn';
import { SOUND_COLUMNS, soundRows } from '@/core/words/tables/sound';
import { TableBehind } from '../charts/TableBehind';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  recording: Recording;
  turn: Turn;
  /** Levels of its quiet; null: there is none. */
  quiet: Levels | null;
}

const OVER_TIME = 70;
const BY_PITCH = 90;
const FOOT = 18;
const FACE = { fontFamily: 'Hanken Grotesk', fontSize: 12 } as const;
/** Bands whose pitch is written under them. */
const WRITTEN: Readonly<Record<number, string>> = { 500: '500 Hz', 2000: '2 kHz', 8000: '8 kHz' };

const READ_WITH_QUIET =
  'Bars show how loud each pitch is now, strokes its quiet. Yellow is where a dry chain speaks.';
const READ_ALONE =
  'Bars show how loud each pitch is, as the ear weighs it. Yellow is where a dry chain speaks.';

/** What was heard over time and by pitch, and how to read it. */
export function SoundPicture({ recording, turn, quiet }: Props) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const over = onsetShapes(recording, turn, { width, height: OVER_TIME });
  const bars = bandBars(recording.levels, quiet, { width, height: BY_PITCH });
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ gap: 8 }}>
      <Txt variant="label">Over time</Txt>
      {width > 0 ? (
        <Svg width={width} height={OVER_TIME + 2} aria-hidden>
          {over.turns.map((x) => (
            <Line key={x} x1={x} x2={x} y1={0} y2={OVER_TIME} stroke={colors.line} />
          ))}
          <Polyline points={over.line} fill="none" stroke={colors.ink} strokeWidth={1.5} />
        </Svg>
      ) : null}
      <Txt variant="small" tone="inkSoft">
        A spike is something that begins: a click, a chirp. Each upright line is a turn of the
        cranks.
      </Txt>
      <Txt variant="label">By pitch</Txt>
      {width > 0 ? (
        <Svg width={width} height={BY_PITCH + FOOT} aria-hidden>
          {bars.map(({ band, x, width: wide, y, height, quietY }) => (
            <Bar
              key={band}
              {...{ x, wide, y, height, quietY }}
              fill={band >= DRY_FROM ? colors.tape : colors.lineStrong}
              quiet={colors.ink}
            />
          ))}
          {bars.flatMap(({ band, x, width: wide }) =>
            WRITTEN[band]
              ? [
                  <SvgText
                    {...FACE}
                    key={band}
                    x={band === 8000 ? x + wide : x + wide / 2}
                    y={BY_PITCH + 14}
                    textAnchor={band === 8000 ? 'end' : 'middle'}
                    fill={colors.inkSoft}
                  >
                    {WRITTEN[band]}
                  </SvgText>,
                ]
              : [],
          )}
        </Svg>
      ) : null}
      <Txt variant="small" tone="inkSoft">
        {quiet ? READ_WITH_QUIET : READ_ALONE}
      </Txt>
      <TableBehind
        of="Loudness by pitch"
        columns={SOUND_COLUMNS}
        rows={() => soundRows(recording.levels, quiet)}
      />
    </View>
  );
}

interface BarProps {
  x: number;
  wide: number;
  y: number;
  height: number;
  quietY: number | null;
  fill: string;
  quiet: string;
}

const Bar = ({ x, wide, y, height, quietY, fill, quiet }: BarProps) => (
  <>
    <Rect x={x} y={y} width={Math.max(0, wide)} height={Math.max(0, height)} fill={fill} />
    {quietY === null ? null : (
      <Line x1={x} x2={x + wide} y1={quietY} y2={quietY} stroke={quiet} strokeWidth={3} />
    )}
  </>
);
