import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { BarChart } from 'react-native-chart-kit/v2';
import { YEAR_SKIES, type YearMonth, type YearSky } from '@/core/rides';
import { distanceUnit, formatDistance, toShownDistance, type UnitSystem } from '@/core/units';
import { useTheme, type Colors } from '../theme';
import { Legend } from './Legend';
import { chartTheme } from './theme';
import { dateFormat } from '@/core/time/dateFormat';

interface Props {
  months: readonly YearMonth[];
  units: UnitSystem;
}

const LABEL: Record<YearSky, string> = {
  dry: 'Dry',
  damp: 'Damp',
  wet: 'Wet',
  guessed: 'Not known',
};

const colorOf = (sky: YearSky, colors: Colors): string =>
  ({ dry: colors.tape, damp: colors.gritLight, wet: colors.ink, guessed: colors.spread })[sky];

const month = dateFormat({ month: 'narrow' });
const monthName = dateFormat({ month: 'long' });

/** Twelve months of distance by the weather it was ridden in. */
export function YearStrip({ months, units }: Props) {
  const { colors } = useTheme();
  const [width, setWidth] = useState(0);
  const skies = YEAR_SKIES.filter((sky) => months.some((m) => m[sky] > 0));
  const data = months.map((m) => ({
    // Narrow names repeat; the chart tells months apart by their moment.
    month: m.start,
    ...Object.fromEntries(skies.map((sky) => [sky, Math.round(toShownDistance(m[sky], units))])),
  }));
  return (
    <View style={styles.year}>
      <Legend
        title={`Your year in ${distanceUnit(units)}`}
        shape="block"
        edge={colors.lineStrong}
        keys={skies.map((sky) => ({ name: LABEL[sky], color: colorOf(sky, colors) }))}
      />
      <View
        role="img"
        aria-label={yearText(months, units)}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
        style={styles.chart}
      >
        {width > 0 ? (
          <View aria-hidden>
            <BarChart
              data={data as Record<string, unknown>[]}
              xKey="month"
              series={skies.map((sky) => ({
                yKey: sky,
                label: LABEL[sky],
                color: colorOf(sky, colors),
              }))}
              mode="stacked"
              width={width}
              height={CHART_HEIGHT}
              barRadius={2}
              barWidthRatio={0.62}
              yTickCount={3}
              legend={false}
              interaction="none"
              tooltip={false}
              labelStrategy="show"
              formatXLabel={(at) => month.format(Number(at))}
              formatYLabel={(value) => `${Math.round(value)}`}
              theme={chartTheme(colors)}
            />
          </View>
        ) : null}
      </View>
    </View>
  );
}

/** The strip in words, month by month, for those who cannot see it. */
function yearText(months: readonly YearMonth[], units: UnitSystem): string {
  const ridden = months.flatMap((m) => {
    const skies = YEAR_SKIES.filter((sky) => m[sky] > 0);
    if (skies.length === 0) return [];
    const parts = skies.map((s) => `${LABEL[s].toLowerCase()} ${formatDistance(m[s], units)}`);
    return [`${monthName.format(m.start)}: ${parts.join(', ')}`];
  });
  return `Your year by month and weather. ${ridden.join('. ')}.`;
}

const CHART_HEIGHT = 140;

const styles = StyleSheet.create({
  year: { gap: 6 },
  chart: { height: CHART_HEIGHT, overflow: 'hidden' },
});
