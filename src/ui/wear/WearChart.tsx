import { useMemo, useState } from 'react';
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
import { formatNumber } from '@/core/units/format';
import { toShownDistance, type Units } from '@/core/units/convert';
import { dateFormat } from '@/core/intl/dates';
import { WEAR_COLUMNS, wearRows } from '@/core/words/tables/wear';
import { chartSentence } from '@/core/words/wear';
import { useColors } from '../theme/ThemeContext';
import { Legend } from '../charts/Legend';
import { Drawing } from '../charts/Drawing';
import { TableBehind } from '../charts/TableBehind';
import { Choice } from '../form/Choice';
import { wearShapes, type Axis, type ChainDrawn, type ChainShape, type Frame } from './wearShapes';

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
  chains: readonly ChainDrawn[];
  units: Units;
  now: number;
}

const AXES = [
  { value: 'distance' as const, label: 'By distance' },
  { value: 'date' as const, label: 'By date' },
];

/** Wear against distance or days: believed so far, read with its error, foreseen with its band, and the limit. */
export function WearChart({ chains, units, now }: Props) {
  const colors = useColors();
  const [axis, setAxis] = useState<Axis>('distance');
  return (
    <View style={styles.chart}>
      <Choice label="Wear in %" options={AXES} value={axis} onChange={setAxis} />
      <Legend
        shape="line"
        keys={[
          { name: 'Worked out', color: colors.ink },
          { name: 'To come, 8 in 10', color: colors.spread },
          { name: 'Limit', color: colors.danger },
        ]}
      />
      <Drawing said={chains.map((c) => chartSentence(c, units)).join(' ')} style={styles.plot}>
        {(width) => (
          <Plot
            {...{ chains, axis, now, width }}
            tickOf={axis === 'distance' ? (km) => distanceTick(km, units) : monthTick}
          />
        )}
      </Drawing>
      <TableBehind of="Chain wear" columns={WEAR_COLUMNS} rows={() => wearRows(chains, units)} />
    </View>
  );
}

const distanceTick = (km: number, units: Units): string =>
  formatNumber(Math.round(toShownDistance(km, units)));
const month = dateFormat({ month: 'short', year: '2-digit' });
const monthTick = (at: number): string => month.format(at);

interface PlotProps extends Pick<Props, 'chains' | 'now'> {
  axis: Axis;
  width: number;
  /** What stands below a mark. */
  tickOf: (value: number) => string;
}

function Plot({ chains, axis, now, width, tickOf }: PlotProps) {
  const colors = useColors();
  const frame = useMemo(() => frameOf(width), [width]);
  const shapes = useMemo(() => wearShapes(chains, axis, now, frame), [chains, axis, now, frame]);
  const text = { fill: colors.inkSoft, fontSize: 12, fontFamily: 'Red Hat Mono' } as const;
  const right = frame.width - frame.right;
  return (
    <Svg width={frame.width} height={frame.height}>
      {shapes.percentTicks.map(({ y, percent }) => (
        <G key={percent}>
          <Line x1={frame.left} x2={right} y1={y} y2={y} stroke={colors.line} />
          <SvgText x={frame.left - 6} y={y + 4} textAnchor="end" {...text}>
            {formatNumber(percent)}
          </SvgText>
        </G>
      ))}
      {shapes.ticks.map(({ x, value }) => (
        <SvgText key={value} x={x} y={frame.height - 8} textAnchor="middle" {...text}>
          {tickOf(value)}
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
      {shapes.chains.map((chain) => (
        <Future key={chain.id} chain={chain} />
      ))}
      {shapes.limits.map((y) => (
        <Line
          key={y}
          x1={frame.left}
          x2={right}
          y1={y}
          y2={y}
          stroke={colors.danger}
          strokeWidth={2}
        />
      ))}
      {shapes.chains.map((chain, n) => (
        <Past key={chain.id} chain={chain} dashes={DASHES[n % DASHES.length]!} />
      ))}
      {shapes.chains.length > 1 ? shapes.chains.map((c) => <Name key={c.id} chain={c} />) : null}
    </Svg>
  );
}

/** Lines told apart without colour: whole, dashed, dotted. */
const DASHES = ['', '8 3', '2 3', '10 3 2 3'];

function Future({ chain }: { chain: ChainShape }) {
  const colors = useColors();
  return (
    <G clipPath={`url(#${PLOT})`}>
      <Path d={chain.band} fill={colors.spread} opacity={0.6} />
      <Path
        d={chain.middle}
        fill="none"
        stroke={colors.ink}
        strokeWidth={1.5}
        strokeDasharray="4 4"
      />
    </G>
  );
}

function Past({ chain, dashes }: { chain: ChainShape; dashes: string }) {
  const colors = useColors();
  return (
    <G>
      <Path
        d={chain.line}
        fill="none"
        stroke={colors.ink}
        strokeWidth={2.5}
        strokeDasharray={dashes}
      />
      {chain.readings.map(({ id, x, y, top, bottom }) => (
        <G key={id}>
          <Line x1={x} x2={x} y1={top} y2={bottom} stroke={colors.ink} strokeWidth={2} />
          <Circle cx={x} cy={y} r={5} fill={colors.tape} stroke={colors.ink} strokeWidth={1.5} />
        </G>
      ))}
    </G>
  );
}

/** A chain's name at the end of its line, on a ground that keeps it readable. */
function Name({ chain: { name, label } }: { chain: ChainShape }) {
  const colors = useColors();
  const text = { x: label.x, y: label.y, fontSize: 12, fontFamily: 'Hanken Grotesk' } as const;
  return (
    <>
      <SvgText {...text} textAnchor="end" fill={colors.cloth} stroke={colors.cloth} strokeWidth={4}>
        {name}
      </SvgText>
      <SvgText {...text} textAnchor={label.anchor} fill={colors.ink}>
        {name}
      </SvgText>
    </>
  );
}

const styles = StyleSheet.create({
  chart: { gap: 8 },
  plot: { height: HEIGHT },
});
