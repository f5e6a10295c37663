import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { BarChart } from 'react-native-chart-kit/v2';
import { dateFormat } from '@/core/time/dateFormat';
import { WATT_ITEMS, type WattItem, type WattMonth } from '@/core/watts';
import { formatWatts, WATT_LABEL } from '@/core/words/watts';
import { Legend } from '../charts/Legend';
import { chartTheme } from '../charts/theme';
import { Card } from '../frame';
import { fillsOf } from '../money/StackBar';
import { Txt, useTheme } from '../theme';

const month = dateFormat({ month: 'short' });
const monthName = dateFormat({ month: 'long', year: 'numeric' });
const HEIGHT = 200;

interface Props {
  months: readonly WattMonth[];
}

/** The ledger of the past months, on the average of their riding. */
export function WattMonthsCard({ months }: Props) {
  return (
    <Card title="The months so far">
      {months.length < 2 ? (
        <Txt>Two months of rides are needed to show how it went.</Txt>
      ) : (
        <Bars months={months} />
      )}
    </Card>
  );
}

function Bars({ months }: Props) {
  const { colors } = useTheme();
  const [width, setWidth] = useState(0);
  const items = WATT_ITEMS.filter((item) => months.some((m) => (m.ledger[item] ?? 0) > 0.05));
  const fills = fillsOf(colors);
  const colorOf = (item: WattItem) => fills[items.indexOf(item) % fills.length] ?? colors.ink;
  const data = months.map((m) => ({
    month: m.start,
    ...Object.fromEntries(items.map((item) => [item, Math.round((m.ledger[item] ?? 0) * 10) / 10])),
  }));
  return (
    <>
      <Legend
        shape="block"
        edge={colors.lineStrong}
        keys={items.map((item) => ({ name: WATT_LABEL[item], color: colorOf(item) }))}
      />
      <View
        role="img"
        aria-label={months
          .map((m) => `${monthName.format(m.start)}: ${formatWatts(m.watts)}`)
          .join(', ')}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
        style={styles.chart}
      >
        {width > 0 ? (
          <View aria-hidden>
            <BarChart
              data={data as Record<string, unknown>[]}
              xKey="month"
              series={items.map((item) => ({
                yKey: item,
                label: WATT_LABEL[item],
                color: colorOf(item),
              }))}
              mode="stacked"
              width={width}
              height={HEIGHT}
              legend={false}
              interaction="none"
              tooltip={false}
              barRadius={2}
              barWidthRatio={0.62}
              yTickCount={3}
              labelStrategy="show"
              formatYLabel={(value) => `${Math.round(value)}`}
              formatXLabel={(start) => month.format(Number(start))}
              theme={chartTheme(colors)}
            />
          </View>
        ) : null}
      </View>
    </>
  );
}

const styles = StyleSheet.create({ chart: { minHeight: HEIGHT } });
