import { useMemo } from 'react';
import { StyleSheet } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { bestThreshold, costOfThresholds, type Replacing } from '@/core/money/replace';
import { formatElongation } from '@/core/units/format';
import { formatMoney } from '@/core/intl/money';
import { curveText, replaceSentences } from '@/core/words/money';
import { REPLACE_COLUMNS, replaceRows } from '@/core/words/tables/replace';
import { Legend } from '../charts/Legend';
import { Drawing } from '../charts/Drawing';
import { TableBehind } from '../charts/TableBehind';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { REPLACE, replaceShapes, type ReplaceShapes } from './replaceShapes';

interface Props {
  chainName: string;
  replacing: Replacing;
  /** Elongation of the chain now, %. */
  wear: number;
  currency: string | null;
}

/** Replace now, later, never: what each costs a kilometre, and where this chain stands. */
export function ReplaceCard({ chainName, replacing, wear, currency }: Props) {
  const curve = useMemo(() => costOfThresholds(replacing), [replacing]);
  const best = bestThreshold(curve);
  const colors = useColors();
  return (
    <Card title={`When to replace ${chainName}`} help="replace">
      {replaceSentences(wear, best, replacing.limit, currency).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <Legend
        shape="line"
        keys={[
          { name: 'Cost for 1,000 km', color: colors.ink },
          { name: 'Hardly matters', color: colors.spread },
          { name: 'Your chain', color: colors.tape },
        ]}
      />
      <Drawing said={curveText(curve, currency)} style={styles.plot}>
        {(width) => (
          <Plot
            shapes={replaceShapes(curve, best, wear, width)}
            width={width}
            costOf={(cost) => formatMoney(cost, currency, true)}
          />
        )}
      </Drawing>
      <TableBehind
        of="When to replace"
        columns={REPLACE_COLUMNS}
        rows={() => replaceRows(curve, currency)}
      />
      <Txt variant="small" tone="inkSoft">
        By how this chain has worn lately. A chain changed in time takes a third of a cassette, one
        left on past 1 % all of it (common practice).
      </Txt>
    </Card>
  );
}

interface PlotProps {
  shapes: ReplaceShapes;
  width: number;
  costOf: (cost: number) => string;
}

function Plot({ shapes, width, costOf }: PlotProps) {
  const colors = useColors();
  const text = { fill: colors.inkSoft, fontSize: 12, fontFamily: 'Red Hat Mono' } as const;
  const bottom = REPLACE.height - REPLACE.bottom;
  const { here, least, flat } = shapes;
  return (
    <Svg width={width} height={REPLACE.height}>
      <Rect
        x={flat.x}
        y={REPLACE.top}
        width={flat.width}
        height={bottom - REPLACE.top}
        fill={colors.spread}
        opacity={0.6}
      />
      {shapes.costTicks.map(({ y, cost }) => (
        <G key={cost}>
          <Line x1={REPLACE.left} x2={width - REPLACE.right} y1={y} y2={y} stroke={colors.line} />
          <SvgText x={REPLACE.left - 6} y={y + 4} textAnchor="end" {...text}>
            {costOf(cost)}
          </SvgText>
        </G>
      ))}
      {shapes.ticks.map(({ x, at }) => (
        <SvgText key={at} x={x} y={REPLACE.height - 8} textAnchor="middle" {...text}>
          {formatElongation(at)}
        </SvgText>
      ))}
      <Path d={shapes.path} fill="none" stroke={colors.ink} strokeWidth={2.5} />
      <Circle
        cx={least.x}
        cy={least.y}
        r={4}
        fill={colors.cloth}
        stroke={colors.ink}
        strokeWidth={2}
      />
      {here ? (
        <Circle
          cx={here.x}
          cy={here.y}
          r={7}
          fill={colors.tape}
          stroke={colors.ink}
          strokeWidth={2}
        />
      ) : null}
    </Svg>
  );
}

const styles = StyleSheet.create({ plot: { height: REPLACE.height } });
