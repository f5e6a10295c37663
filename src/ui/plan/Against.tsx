import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Costs, CostSpread } from '@/core/plan/simulate/costs';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { formatNumber, roundForUse } from '@/core/units/format';
import { toShownDistance, distanceUnit, type Units } from '@/core/units/convert';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  answer: PlanAnswer;
  units: Units;
}

const money = (x: number) => x.toFixed(2);

interface Row {
  label: string;
  of: (c: Costs) => number;
  show: (x: number) => string;
}

/** The plan beside the rider's routine, on the same weathers: means, and the middle half in small type. */
export const Against = memo(function Against({ answer, units }: Props) {
  const colors = useColors();
  const km = (x: number) => formatNumber(roundForUse(toShownDistance(x, units)));
  const rows: Row[] = [
    { label: 'Minutes', of: (c) => c.minutes, show: (x) => formatNumber(Math.round(x)) },
    { label: 'Lube and goods, money', of: (c) => c.goods, show: money },
    { label: 'Wear of chain and cassette, money', of: (c) => c.wearMoney, show: money },
    { label: `Ridden dry, ${distanceUnit(units)}`, of: (c) => c.dryKm, show: km },
    { label: `Beyond your standard, ${distanceUnit(units)}`, of: (c) => c.grubbyKm, show: km },
    {
      label: 'Watts lost, mean',
      of: (c) => (c.rideHours > 0 ? c.wattHours / c.rideHours : 0),
      show: (x) => x.toFixed(1),
    },
    { label: 'In all, your time too', of: (c) => c.total, show: money },
  ];
  return (
    <Card title="Against your routine" help="against">
      <Txt>{answer.against}</Txt>
      <View role="table" aria-label="The plan against the routine" style={styles.table}>
        <View role="row" style={styles.row}>
          <View role="columnheader" style={styles.what}>
            <Txt variant="small" tone="inkSoft">
              {`Next ${answer.days.length} days`}
            </Txt>
          </View>
          {['Plan', answer.routineName].map((name) => (
            <View key={name} role="columnheader" style={styles.cell}>
              <Txt variant="label" style={styles.right}>
                {name}
              </Txt>
            </View>
          ))}
        </View>
        {rows.map((row) => (
          <View
            key={row.label}
            role="row"
            style={[styles.row, { borderColor: colors.line }, styles.ruled]}
          >
            <View role="rowheader" style={styles.what}>
              <Txt variant="small">{row.label}</Txt>
            </View>
            {[answer.plan, answer.routine].map((spread, n) => (
              <Figures key={n} row={row} spread={spread} />
            ))}
          </View>
        ))}
      </View>
      <Txt variant="small">{`Doing nothing at all would come to ${money(answer.nothing.mean.total)}.`}</Txt>
      <Txt variant="small" tone="inkSoft">
        Averages over 20 possible weathers, the same for both. Half fall in the small range; a few
        bad ones can lift the average above it. The plan changes as days pass, the routine keeps its
        days.
      </Txt>
    </Card>
  );
});

function Figures({ row, spread }: { row: Row; spread: CostSpread }) {
  const [low, high] = [row.show(row.of(spread.low)), row.show(row.of(spread.high))];
  return (
    <View role="cell" style={styles.cell}>
      <Txt variant="number" style={styles.right}>
        {row.show(row.of(spread.mean))}
      </Txt>
      <Txt variant="numberSmall" tone="inkSoft" style={styles.right}>
        {low === high ? low : `${low} to ${high}`}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  table: { gap: 2 },
  row: { flexDirection: 'row', gap: 8, paddingVertical: 5, alignItems: 'flex-start' },
  ruled: { borderTopWidth: 1 },
  what: { flex: 1.3, minWidth: 0 },
  cell: { flex: 1, minWidth: 0 },
  right: { textAlign: 'right' },
});
