import { StyleSheet } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { StripHour } from '@/core/care/replay/strip';
import { Drawing } from '../charts/Drawing';
import { useColors } from '../theme/ThemeContext';
import { STRIP, stripShapes } from './stripShapes';
import { clockFormat } from '@/core/intl/dates';
import { useWritten } from '../useSay';

interface Props {
  strip: readonly StripHour[];
  /** Said to those who cannot see the drawing. */
  summary: string;
}

const hourOf = clockFormat({ hour: '2-digit' });

/** The hours around a ride: rain as bars, under them the road, darker the wetter, the ride framed. */
export function SkyStrip({ strip, summary }: Props) {
  const { units } = useWritten();
  return (
    <Drawing said={summary} style={styles.strip}>
      {(width) => (
        <Hours shapes={stripShapes(strip, width, (at) => hourOf(at, units.clock))} width={width} />
      )}
    </Drawing>
  );
}

function Hours({ shapes, width }: { shapes: ReturnType<typeof stripShapes>; width: number }) {
  const colors = useColors();
  const ridden = shapes.filter((s) => s.riding);
  const from = ridden[0]?.x ?? 0;
  const to = (ridden.at(-1)?.x ?? 0) + (ridden.at(-1)?.width ?? 0);
  return (
    <Svg width={width} height={STRIP.height}>
      <Rect
        x={from}
        y={0}
        width={to - from}
        height={STRIP.roadBottom + 4}
        fill={colors.tape}
        opacity={0.28}
      />
      {shapes.map((hour) => (
        <Hour key={hour.x} hour={hour} />
      ))}
      <Line
        x1={0}
        x2={shapes.length * (shapes[0]?.width ?? 0)}
        y1={STRIP.rainBottom}
        y2={STRIP.rainBottom}
        stroke={colors.lineStrong}
      />
    </Svg>
  );
}

/** Rain of an hour, how wet the road is, salt, and its time. */
function Hour({ hour }: { hour: ReturnType<typeof stripShapes>[number] }) {
  const colors = useColors();
  return (
    <G opacity={hour.riding ? 1 : 0.55}>
      <Rect
        x={hour.x + 2}
        y={STRIP.rainBottom - hour.rain}
        width={hour.width - 4}
        height={hour.rain}
        rx={1.5}
        fill={colors.ink}
      />
      <Rect
        x={hour.x + 1}
        y={STRIP.roadTop}
        width={hour.width - 2}
        height={STRIP.roadBottom - STRIP.roadTop}
        fill="none"
        stroke={colors.lineStrong}
        strokeWidth={1}
        strokeDasharray={hour.wet === null ? '2 3' : '0'}
      />
      <Rect
        x={hour.x + 1}
        y={STRIP.roadTop}
        width={hour.width - 2}
        height={STRIP.roadBottom - STRIP.roadTop}
        fill={colors.ink}
        opacity={(hour.wet ?? 0) * 0.75}
      />
      {hour.salted ? (
        <Circle
          cx={hour.x + hour.width / 2}
          cy={(STRIP.roadTop + STRIP.roadBottom) / 2}
          r={2.5}
          fill={colors.tape}
        />
      ) : null}
      {hour.label ? (
        <SvgText
          x={hour.x + hour.width / 2}
          y={STRIP.height - 8}
          textAnchor="middle"
          fill={colors.inkSoft}
          fontFamily="Red Hat Mono"
          fontSize={12}
          fontWeight="500"
        >
          {hour.label}
        </SvgText>
      ) : null}
    </G>
  );
}

const styles = StyleSheet.create({ strip: { height: STRIP.height } });
