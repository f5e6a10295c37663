import { StyleSheet, View } from 'react-native';
import { LineChart } from 'react-native-chart-kit/v2';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import type { IntervalLine } from '@/core/choice/interval';
import { distanceUnit, toShownDistance, type Units } from '@/core/units/convert';
import { formatDistance, formatShare } from '@/core/units/format';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import type { Colors } from '../theme/colors';
import { Legend } from './Legend';
import { TableBehind } from './TableBehind';
import { chartTheme } from './theme';
import { Drawing } from './Drawing';

interface Props {
  lines: readonly IntervalLine[];
  /** The rider's own place on the chart. */
  wetShare: number;
  /** Where one lube takes over from another. */
  crossings: readonly { wetShare: number; label: string }[];
  units: Units;
}

const HEIGHT = 240;

/** The plot's edges within the drawing, px: what the chart leaves for its labels. */
const PLOT = { left: 52, right: 16, top: 12, bottom: 34 };

const strokes = (colors: Colors): string[] => [
  colors.ink,
  colors.danger,
  colors.done,
  colors.gritDark,
];

/** How long a coat lasts at each wet share, a line a lube; where the answer changes; where the rider is. */
export function CrossingChart({ lines, wetShare, crossings, units }: Props) {
  const colors = useColors();
  const steps = (lines[0]?.km.length ?? 1) - 1;
  const data = (lines[0]?.km ?? []).map((_, n) => ({
    share: n / steps,
    ...Object.fromEntries(
      lines.map((line) => [line.id, Math.round(toShownDistance(line.km[n] ?? 0, units))]),
    ),
  }));
  const color = (n: number) => strokes(colors)[n % 4] ?? colors.ink;
  return (
    <View style={styles.chart}>
      <Legend shape="line" keys={lines.map((c, n) => ({ name: c.name, color: color(n) }))} />
      <Txt variant="small" tone="inkSoft">
        Distance from coat to coat in {distanceUnit(units)}, by how much of the way is wet
      </Txt>
      <Drawing said={chartText(lines, wetShare, units)} style={styles.plot}>
        {(width) => (
          <>
            <LineChart
              data={data as Record<string, unknown>[]}
              xKey="share"
              series={lines.map((c, n) => ({ yKey: c.id, label: c.name, color: color(n) }))}
              width={width}
              height={HEIGHT}
              legend={false}
              showDots={false}
              interaction="none"
              tooltip={false}
              yAxisLabelWidth={36}
              formatXLabel={(share) =>
                Number(share) % 0.25 === 0 ? formatShare(Number(share)) : ''
              }
              formatYLabel={(value) => `${Math.round(value)}`}
              theme={chartTheme(colors)}
            />
            <Marks width={width} wetShare={wetShare} crossings={crossings} />
          </>
        )}
      </Drawing>
      <TableBehind
        of="Distance from coat to coat"
        columns={['Wet', ...lines.map(({ name }) => name)]}
        rows={() => tableRows(lines, units)}
      />
    </View>
  );
}

/** Shares of a way that is wet, for the table. */
const SHARES = [0, 0.25, 0.5, 0.75, 1];

const tableRows = (lines: readonly IntervalLine[], units: Units): string[][] =>
  SHARES.map((share) => [
    formatShare(share),
    ...lines.map(({ km }) => formatDistance(km[Math.round(share * (km.length - 1))] ?? 0, units)),
  ]);

/** Where the answer changes, and where the rider is, drawn over the chart. */
function Marks({
  width,
  wetShare,
  crossings,
}: Pick<Props, 'wetShare' | 'crossings'> & { width: number }) {
  const colors = useColors();
  const plot = Math.max(0, width - PLOT.left - PLOT.right);
  const x = (share: number) => PLOT.left + share * plot;
  return (
    <Svg width={width} height={HEIGHT} style={StyleSheet.absoluteFill}>
      {crossings.map((c) => (
        <Mark
          key={c.label}
          x={x(c.wetShare)}
          width={width}
          label={c.label}
          color={colors.inkSoft}
          dashed
        />
      ))}
      <Mark x={x(wetShare)} width={width} label="you" color={colors.ink} />
    </Svg>
  );
}

interface MarkProps {
  x: number;
  width: number;
  label: string;
  color: string;
  dashed?: boolean;
}

function Mark({ x, width, label, color, dashed = false }: MarkProps) {
  const left = x > width / 2;
  return (
    <>
      <Line
        x1={x}
        x2={x}
        y1={dashed ? PLOT.top + 14 : PLOT.top}
        y2={HEIGHT - PLOT.bottom}
        stroke={color}
        strokeWidth={dashed ? 1.5 : 2.5}
        strokeDasharray={dashed ? '4 4' : '0'}
      />
      <SvgText
        x={left ? x - 5 : x + 5}
        y={dashed ? PLOT.top + 26 : PLOT.top + 10}
        textAnchor={left ? 'end' : 'start'}
        fill={color}
        fontFamily="Hanken Grotesk"
        fontSize={12}
        fontWeight="600"
      >
        {label}
      </SvgText>
    </>
  );
}

function chartText(lines: readonly IntervalLine[], wetShare: number, units: Units): string {
  const described = lines.map(({ name, km }) => {
    const at = (share: number) =>
      Math.round(toShownDistance(km[Math.round(share * (km.length - 1))] ?? 0, units));
    return `${name}: ${at(0)} dry, ${at(wetShare)} as you ride, ${at(1)} wet`;
  });
  return `Distance from coat to coat in ${distanceUnit(units)}. ${described.join('. ')}.`;
}

const styles = StyleSheet.create({
  chart: { gap: 6 },
  plot: { height: HEIGHT },
});
