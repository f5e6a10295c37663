import { StyleSheet, View } from 'react-native';
import { BarChart } from 'react-native-chart-kit/v2';
import { useTheme } from '../theme/ThemeContext';
import { TableBehind } from './TableBehind';
import { Legend } from './Legend';
import { chartTheme } from './theme';
import { Drawing } from './Drawing';

interface Props {
  /** Stands before the keys. */
  title?: string;
  /** Each its first moment (ms) and its values, in the order of `parts`. */
  months: readonly { start: number; values: readonly number[] }[];
  parts: readonly { key: string; name: string; color: string }[];
  height: number;
  monthOf: (start: number) => string;
  /** For the table behind: a month by its whole name, and a value with its unit. */
  table: { of: string; month: (start: number) => string; value: (value: number) => string };
  /** The chart in words, for those who cannot see it. */
  text: string;
}

/** Months as bars of their parts, one upon the other. */
export function MonthBars({ title, months, parts, height, monthOf, table, text }: Props) {
  const { colors } = useTheme();
  const data = months.map(({ start, values }) => ({
    // Short names repeat; the chart tells months apart by their moment.
    month: start,
    ...Object.fromEntries(parts.map(({ key }, n) => [key, values[n] ?? 0])),
  }));
  return (
    <View style={styles.bars}>
      <Legend {...(title ? { title } : {})} shape="block" edge={colors.lineStrong} keys={parts} />
      <Drawing said={text} style={[styles.chart, { height }]}>
        {(width) => (
          <>
            <BarChart
              data={data as Record<string, unknown>[]}
              xKey="month"
              series={parts.map(({ key, name, color }) => ({ yKey: key, label: name, color }))}
              mode="stacked"
              width={width}
              height={height}
              barRadius={2}
              barWidthRatio={0.62}
              yTickCount={3}
              legend={false}
              interaction="none"
              tooltip={false}
              labelStrategy="show"
              formatXLabel={(at) => monthOf(Number(at))}
              formatYLabel={(value) => `${Math.round(value)}`}
              theme={chartTheme(colors)}
            />
          </>
        )}
      </Drawing>
      <TableBehind
        of={table.of}
        columns={['Month', ...parts.map(({ name }) => name)]}
        rows={() => months.map((m) => [table.month(m.start), ...m.values.map(table.value)])}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  bars: { gap: 6 },
  chart: { overflow: 'hidden' },
});
