import { StyleSheet, View } from 'react-native';
import { middleHalf } from '@/core/money/against';
import type { RegimeName } from '@/core/years/regimes';
import { aboutMoney, moneyRange } from '@/core/words/amounts';
import { againstSentence, REGIME_LABEL } from '@/core/words/money';
import { BarRow } from '../charts/BarRow';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  title: string;
  /** What the rides cost under other care, sorted, by its name; null while it is worked out. */
  costs: ReadonlyMap<RegimeName, readonly number[]> | null;
  /** What they cost as they were. */
  spent: number;
  currency: string | null;
}

/** The care that was given against what no care, or the rider's habit, would have cost on the same rides. */
export function AgainstCard({ title, costs, spent, currency }: Props) {
  if (costs === null)
    return (
      <Card title={title}>
        <Txt tone="inkSoft">Riding the same rides again with other care …</Txt>
      </Card>
    );
  const ways = [...costs].map(([name, sorted]) => {
    const [low, high] = middleHalf(sorted);
    return { name, low, high };
  });
  const most = Math.max(spent, ...ways.map((w) => w.high));
  return (
    <Card title={title}>
      <Bar label="As it was" said={aboutMoney(spent, currency)} from={0} to={spent / most} />
      {ways.map(({ name, low, high }) => (
        <Bar
          key={name}
          label={REGIME_LABEL[name]}
          said={moneyRange(low, high, currency)}
          from={low / most}
          to={high / most}
        />
      ))}
      {ways.map(({ name, low, high }) => (
        <Txt key={name}>{againstSentence(name, [low, high], spent, currency)}</Txt>
      ))}
      <Txt variant="small" tone="inkSoft">
        Half of likely chains and weather fall in these ranges. Your time counts at the price of
        your hour.
      </Txt>
    </Card>
  );
}

interface BarProps {
  label: string;
  said: string;
  /** Shares of the widest: the sure part, and where the spread ends. */
  from: number;
  to: number;
}

function Bar({ label, said, from, to }: BarProps) {
  const colors = useColors();
  const isRange = from > 0;
  return (
    <BarRow label={label} said={said} track={styles.track}>
      <View
        style={[
          styles.fill,
          { width: `${(isRange ? from : to) * 100}%`, backgroundColor: colors.ink },
        ]}
      />
      {isRange ? (
        <View
          style={[styles.fill, { width: `${(to - from) * 100}%`, backgroundColor: colors.spread }]}
        />
      ) : null}
    </BarRow>
  );
}

const styles = StyleSheet.create({
  track: { flexDirection: 'row', height: 12, marginTop: 4 },
  fill: { height: 12, borderRadius: 3 },
});
