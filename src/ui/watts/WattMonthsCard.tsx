import { dateFormat } from '@/core/intl/dates';
import { WATT_ITEMS } from '@/core/watts/ledger';
import type { WattMonth } from '@/core/watts/months';
import { formatWatts, WATT_LABEL } from '@/core/words/watts';
import { MonthBars } from '../charts/MonthBars';
import { Card } from '../frame/Card';
import { fillsOf } from '../money/StackBar';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

const month = dateFormat({ month: 'short' });
const monthName = dateFormat({ month: 'long', year: 'numeric' });
const HEIGHT = 200;
/** Less than this is not seen in a bar, W. */
const SEEN_W = 0.05;

/** The ledger of the past months, on the average of their riding. */
export function WattMonthsCard({ months }: { months: readonly WattMonth[] }) {
  const colors = useColors();
  const fills = fillsOf(colors);
  const items = WATT_ITEMS.filter((item) => months.some((m) => (m.ledger[item] ?? 0) > SEEN_W));
  return (
    <Card title="The months so far">
      {months.length < 2 ? (
        <Txt>Two months of rides are needed to show how it went.</Txt>
      ) : (
        <MonthBars
          months={months.map(({ start, ledger }) => ({
            start,
            values: items.map((item) => ledger[item] ?? 0),
          }))}
          parts={items.map((item, n) => ({
            key: item,
            name: WATT_LABEL[item],
            color: fills[n % fills.length] ?? colors.ink,
          }))}
          height={HEIGHT}
          monthOf={(start) => month.format(start)}
          table={{
            of: 'Watts by month',
            month: (start) => monthName.format(start),
            value: formatWatts,
          }}
          text={months
            .map((m) => `${monthName.format(m.start)}: ${formatWatts(m.watts)}`)
            .join(', ')}
        />
      )}
    </Card>
  );
}
