import { StyleSheet, View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import type { Belief } from '@/core/learn/belief';
import { BELIEF_COLUMNS, beliefRows } from '@/core/words/tables/belief';
import { Drawing } from '../charts/Drawing';
import { TableBehind } from '../charts/TableBehind';
import { useColors } from '../theme/ThemeContext';
import { BELIEF, beliefShapes } from './beliefShapes';

interface Props {
  prior: Belief;
  belief: Belief;
  /** What a factor of 1 is, km, and how it reads. */
  handbookKm: number;
  label: (km: number) => string;
  /** Said to those who cannot see the drawing. */
  summary: string;
}

/** What was believed before (dashed) and what is believed now, over the life in km. */
export function BeliefCurve({ prior, belief, handbookKm, label, summary }: Props) {
  return (
    <View style={styles.both}>
      <Drawing said={summary} style={styles.curve}>
        {(width) => (
          <Curve
            shapes={beliefShapes(prior, belief, width)}
            width={width}
            labelOf={(factor) => label(factor * handbookKm)}
          />
        )}
      </Drawing>
      <TableBehind
        of="How long it lasts"
        columns={BELIEF_COLUMNS}
        rows={() => beliefRows(prior, belief, (factor) => label(factor * handbookKm))}
      />
    </View>
  );
}

interface CurveProps {
  shapes: ReturnType<typeof beliefShapes>;
  width: number;
  labelOf: (factor: number) => string;
}

function Curve({ shapes: { before, now, ticks, mid }, width, labelOf }: CurveProps) {
  const colors = useColors();
  return (
    <Svg width={width} height={BELIEF.height}>
      <Path d={`${now} Z`} fill={colors.tape} opacity={0.35} />
      <Path d={now} fill="none" stroke={colors.ink} strokeWidth={2} />
      <Path
        d={before}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={1.5}
        strokeDasharray="4 4"
      />
      <Line x1={mid} x2={mid} y1={BELIEF.top} y2={BELIEF.base} stroke={colors.ink} />
      <Line x1={0} x2={width} y1={BELIEF.base} y2={BELIEF.base} stroke={colors.lineStrong} />
      {ticks.map(({ x, factor, anchor }) => (
        <SvgText
          key={factor}
          x={x}
          y={BELIEF.height - 4}
          textAnchor={anchor}
          fontSize={12}
          fontFamily="Red Hat Mono"
          fill={colors.inkSoft}
        >
          {labelOf(factor)}
        </SvgText>
      ))}
    </Svg>
  );
}

const styles = StyleSheet.create({ both: { gap: 8 }, curve: { minHeight: BELIEF.height } });
