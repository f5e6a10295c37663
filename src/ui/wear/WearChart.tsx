import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, {
  Circle,
  ClipPath,
  Defs,
  G,
  Line,
  Path,
  Rect,
  Text as SvgText,
} from 'react-native-svg';
import { distanceUnit, formatNumber, toShownDistance, type UnitSystem } from '@/core/units';
import type { WearOutlook } from '@/core/wear';
import { chartSentence } from '@/core/words/wear';
import { useColors } from '../theme';
import { Legend } from '../charts/Legend';
import { wearShapes, type Frame, type WearShapes } from './wearShapes';

const HEIGHT = 240;
/** The plot, which the band to come runs out of at the top. */
const PLOT = 'wear-plot';
const frameOf = (width: number): Frame => ({
  width,
  height: HEIGHT,
  left: 44,
  right: 12,
  top: 10,
  bottom: 28,
});

interface Props {
  outlook: WearOutlook;
  units: UnitSystem;
}

/** Wear against distance: believed so far, read with its error, foreseen with its band, and the limit. */
export function WearChart({ outlook, units }: Props) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  return (
    <View style={styles.chart}>
      <Legend
        shape="line"
        title={`Wear in %, by distance in ${distanceUnit(units)}`}
        keys={[
          { name: 'Worked out', color: colors.ink },
          { name: 'To come, 8 in 10', color: colors.spread },
          { name: 'Limit', color: colors.danger },
        ]}
      />
      <View
        role="img"
        aria-label={chartSentence(outlook, units)}
        style={styles.plot}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <Plot shapes={wearShapes(outlook, frameOf(width))} frame={frameOf(width)} units={units} />
        ) : null}
      </View>
    </View>
  );
}

interface PlotProps {
  shapes: WearShapes;
  frame: Frame;
  units: UnitSystem;
}

function Plot({ shapes, frame, units }: PlotProps) {
  const colors = useColors();
  const text = { fill: colors.inkSoft, fontSize: 12, fontFamily: 'Red Hat Mono' } as const;
  const right = frame.width - frame.right;
  return (
    <Svg width={frame.width} height={frame.height} aria-hidden>
      {shapes.percentTicks.map(({ y, percent }) => (
        <G key={percent}>
          <Line x1={frame.left} x2={right} y1={y} y2={y} stroke={colors.line} />
          <SvgText x={frame.left - 6} y={y + 4} textAnchor="end" {...text}>
            {formatNumber(percent)}
          </SvgText>
        </G>
      ))}
      {shapes.kmTicks.map(({ x, km }) => (
        <SvgText key={km} x={x} y={frame.height - 8} textAnchor="middle" {...text}>
          {formatNumber(Math.round(toShownDistance(km, units)))}
        </SvgText>
      ))}
      <Defs>
        <ClipPath id={PLOT}>
          <Rect
            x={frame.left}
            y={frame.top}
            width={right - frame.left}
            height={frame.height - frame.top - frame.bottom}
          />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${PLOT})`}>
        <Path d={shapes.band} fill={colors.spread} opacity={0.6} />
        <Path
          d={shapes.middle}
          fill="none"
          stroke={colors.ink}
          strokeWidth={1.5}
          strokeDasharray="4 4"
        />
      </G>
      <Line
        x1={frame.left}
        x2={right}
        y1={shapes.limitY}
        y2={shapes.limitY}
        stroke={colors.danger}
        strokeWidth={2}
      />
      <Path d={shapes.line} fill="none" stroke={colors.ink} strokeWidth={2.5} />
      {shapes.readings.map(({ id, x, y, top, bottom }) => (
        <G key={id}>
          <Line x1={x} x2={x} y1={top} y2={bottom} stroke={colors.ink} strokeWidth={2} />
          <Circle cx={x} cy={y} r={5} fill={colors.tape} stroke={colors.ink} strokeWidth={1.5} />
        </G>
      ))}
    </Svg>
  );
}

const styles = StyleSheet.create({
  chart: { gap: 8 },
  plot: { height: HEIGHT },
});
