import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import type { Belief } from '@/core/learn';
import { BELIEF_COLUMNS, beliefRows } from '@/core/words/tables/belief';
import { TableBehind } from '../charts/TableBehind';
import { useColors } from '../theme';
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
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const { before, now, ticks, mid } = beliefShapes(prior, belief, width);
  return (
    <View style={styles.both}>
      <View
        role="img"
        aria-label={summary}
        style={styles.curve}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <Svg width={width} height={BELIEF.height} aria-hidden>
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
                {label(factor * handbookKm)}
              </SvgText>
            ))}
          </Svg>
        ) : null}
      </View>
      <TableBehind
        of="How long it lasts"
        columns={BELIEF_COLUMNS}
        rows={() => beliefRows(prior, belief, (factor) => label(factor * handbookKm))}
      />
    </View>
  );
}

const styles = StyleSheet.create({ both: { gap: 8 }, curve: { minHeight: BELIEF.height } });
