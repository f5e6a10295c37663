import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { canThrow } from '@/core/faults/causes/causes';
import type { Cause } from '@/core/records/faults';
import type { Change } from '@/core/faults/change';
import type { Weight } from '@/core/faults/why';
import { formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { CAUSE_WORDS } from '@/core/words/faults/causes';
import { changeText, oddsText, weightText } from '@/core/words/faults/reasons';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** The likeliest first. */
  causes: readonly [Cause, number][];
  whyOf: (cause: Cause) => readonly Weight[];
  /** What would change its odds. */
  changesOf: (cause: Cause) => readonly Change[];
  units: Units;
}

/** What it may be, with odds, and why on a tap. */
export function Candidates({ causes, ...why }: Props) {
  return (
    <Card title="What it may be" help="odds">
      {causes.map(([cause, odds]) => (
        <Candidate key={cause} cause={cause} odds={odds} {...why} />
      ))}
      <Txt variant="small" tone="inkSoft">
        Odds by common practice and your log; each answer moves them.
      </Txt>
    </Card>
  );
}

function Candidate({
  cause,
  odds,
  whyOf,
  changesOf,
  units,
}: { cause: Cause; odds: number } & Omit<Props, 'causes'>) {
  const colors = useColors();
  const [open, setOpen] = useState(false);
  const { name, what } = CAUSE_WORDS[cause];
  return (
    <View style={styles.cause}>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Txt variant="label">{name}</Txt>
          <Txt variant="small" tone="inkSoft">
            {oddsText(odds)}, {formatShare(odds)}
          </Txt>
        </View>
        <Button
          kind="quiet"
          label={open ? 'Hide' : 'Why'}
          name={`Why: ${name}`}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
      </View>
      <View style={[styles.bar, { backgroundColor: colors.line }]} aria-hidden>
        <View
          style={[
            styles.bar,
            {
              width: `${odds * 100}%`,
              backgroundColor: canThrow(cause) ? colors.danger : colors.tape,
            },
          ]}
        />
      </View>
      {open ? (
        <>
          <Txt variant="small">{what}</Txt>
          {whyOf(cause).map((weight) => (
            <Txt key={weightText(weight, units)} variant="small" tone="inkSoft">
              {weightText(weight, units)}
            </Txt>
          ))}
          {changesOf(cause).map((change) => (
            <Txt key={changeText(change)} variant="small" tone="inkSoft">
              {changeText(change)}
            </Txt>
          ))}
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  cause: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  grow: { flexGrow: 1, flexShrink: 1 },
  bar: { height: 6, borderRadius: 3 },
});
