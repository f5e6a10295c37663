import { StyleSheet, View } from 'react-native';
import { per1000Km, perYear, type Spending } from '@/core/money/sums';
import { KM_PER_MILE, type Units } from '@/core/units/convert';
import { formatMoney } from '@/core/intl/money';
import { costSentence, MONEY_LABEL } from '@/core/words/money';
import { MONEY_ITEMS } from '@/core/years/outcome';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { fillsOf, StackBar } from './StackBar';

interface Props {
  title: string;
  spending: Spending;
  /** Days the spending covers. */
  days: number;
  currency: string | null;
  /** Smallest units in one of the currency. */
  perUnit: number;
  units: Units;
}

/** What care came to, by what it went on: the year, the distance, the share of each. */
export function SpendingCard({ title, spending, days, currency, perUnit, units }: Props) {
  const colors = useColors();
  const fills = fillsOf(colors);
  const money = (minor: number) => formatMoney(minor / perUnit, currency);
  const inUnits = (minor: number | null) => (minor === null ? null : minor / perUnit);
  const distance = inUnits(per1000Km(spending.total, spending.km));
  const per1000 =
    units.distance === 'km'
      ? { amount: distance, unit: units.distance }
      : { amount: distance === null ? null : distance * KM_PER_MILE, unit: units.distance };
  const rows = MONEY_ITEMS.map((item, n) => ({
    key: item,
    label: MONEY_LABEL[item],
    amount: spending.byItem[item],
    fill: fills[n] ?? colors.ink,
  }));
  return (
    <Card title={title} help="money">
      <Txt variant="lead">
        {costSentence(inUnits(perYear(spending.total, days)), per1000, currency)}
      </Txt>
      <StackBar parts={rows} label={rows.map((r) => `${r.label} ${money(r.amount)}`).join(', ')} />
      <View>
        {rows.map((row) => (
          <Row key={row.key} label={row.label} amount={money(row.amount)} fill={row.fill} />
        ))}
        <Row label="All" amount={money(spending.total)} fill={null} />
      </View>
    </Card>
  );
}

function Row({ label, amount, fill }: { label: string; amount: string; fill: string | null }) {
  const colors = useColors();
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <View
        style={[
          styles.key,
          fill ? { backgroundColor: fill, borderColor: colors.lineStrong, borderWidth: 1 } : null,
        ]}
      />
      <Txt variant={fill ? 'body' : 'strong'} style={styles.label}>
        {label}
      </Txt>
      <Txt variant="number">{amount}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    paddingVertical: 7,
    borderTopWidth: 1,
  },
  key: { width: 14, height: 14, borderRadius: 4 },
  label: { flex: 1 },
});
