import { YEAR_SKIES, type YearMonth, type YearSky } from '@/core/rides/year';
import { distanceUnit, toShownDistance, type Units } from '@/core/units/convert';
import { formatDistance } from '@/core/units/format';
import { useColors } from '../theme/ThemeContext';
import type { Colors } from '../theme/colors';
import { MonthBars } from './MonthBars';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  months: readonly YearMonth[];
  units: Units;
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
  const colors = useColors();
  const skies = YEAR_SKIES.filter((sky) => months.some((m) => m[sky] > 0));
  return (
    <MonthBars
      title={`Your year in ${distanceUnit(units)}`}
      months={months.map((m) => ({
        start: m.start,
        values: skies.map((sky) => Math.round(toShownDistance(m[sky], units))),
      }))}
      parts={skies.map((sky) => ({ key: sky, name: LABEL[sky], color: colorOf(sky, colors) }))}
      height={CHART_HEIGHT}
      monthOf={(start) => month.format(start)}
      table={{
        of: 'Your year by month and weather',
        month: (start) => monthName.format(start),
        value: (value) => `${value} ${distanceUnit(units)}`,
      }}
      text={yearText(months, units)}
    />
  );
}

/** The strip in words, month by month, for those who cannot see it. */
function yearText(months: readonly YearMonth[], units: Units): string {
  const ridden = months.flatMap((m) => {
    const skies = YEAR_SKIES.filter((sky) => m[sky] > 0);
    if (skies.length === 0) return [];
    const parts = skies.map((s) => `${LABEL[s].toLowerCase()} ${formatDistance(m[s], units)}`);
    return [`${monthName.format(m.start)}: ${parts.join(', ')}`];
  });
  return `Your year by month and weather. ${ridden.join('. ')}.`;
}

const CHART_HEIGHT = 140;
