import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { heldGroups, type HeldRow } from '@/core/arrivals/heldGroups';
import type { Decision, ImportRow } from '@/core/arrivals/importRides';
import { dayAndTime } from '@/core/intl/dates';
import { formatExactDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { countedRides } from '@/core/words/counted';
import { decisionsOf, decisionsOfAll, heldTitle, odditySentence } from '@/core/words/arrivals/held';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  rows: readonly ImportRow[];
  units: Units;
  /** What the rider says of rides; null takes it back. */
  onDecide: (keys: string[], decision: Decision | null) => void;
}

/** Rides held back for a look: what is odd, and a tap that mends it. */
export function HeldCard({ rows, units, onDecide }: Props) {
  const groups = heldGroups(rows);
  const held = groups.reduce((sum, group) => sum + group.rows.length, 0);
  const decided = rows.filter(
    (r) => r.outcome === 'left out' || (r.outcome === 'added' && r.mended),
  );
  if (held + decided.length === 0) return null;
  return (
    <Card title={held === 0 ? 'All looked at' : `Look at ${countedRides(held)}`}>
      {held > 0 ? (
        <Txt variant="small" tone="inkSoft">
          {held === 1
            ? 'Something about it is odd. It is not added before you say how.'
            : 'Something about each is odd. They are not added before you say how.'}
        </Txt>
      ) : null}
      {groups.map((group) => (
        <Group key={group.key} rows={group.rows} units={units} onDecide={onDecide} />
      ))}
      {decided.length > 0 ? (
        <View style={styles.actions}>
          <Txt variant="small" tone="inkSoft">
            {countedRides(decided.length)} decided.
          </Txt>
          <Button
            kind="quiet"
            label="Decide again"
            onPress={() =>
              onDecide(
                decided.map((r) => r.key),
                null,
              )
            }
          />
        </View>
      ) : null}
    </Card>
  );
}

/** More rides of a group are shown on request. */
const SHOWN = 6;

interface GroupProps extends Omit<Props, 'rows'> {
  rows: readonly HeldRow[];
}

function Group({ rows, units, onDecide }: GroupProps) {
  const [all, setAll] = useState(false);
  const shown = all ? rows : rows.slice(0, SHOWN);
  const keys = rows.map((r) => r.key);
  return (
    <View style={styles.group}>
      <Txt variant="strong">{heldTitle(rows.length, rows[0]!.doubt.odd)}</Txt>
      {rows.length > 1 ? (
        <View style={styles.actions}>
          {decisionsOfAll(rows.map((r) => r.doubt)).map(({ value, label }) => (
            <Button key={value} label={label} onPress={() => onDecide(keys, value)} />
          ))}
        </View>
      ) : null}
      {shown.map((row) => (
        <Held key={row.key} row={row} units={units} onDecide={onDecide} />
      ))}
      {shown.length < rows.length ? (
        <Button
          kind="quiet"
          label={`Show ${rows.length - shown.length} more`}
          onPress={() => setAll(true)}
        />
      ) : null}
    </View>
  );
}

interface HeldProps extends Omit<Props, 'rows'> {
  row: HeldRow;
}

function Held({ row, units, onDecide }: HeldProps) {
  const colors = useColors();
  const { file, ride, doubt, key } = row;
  return (
    <View role="group" aria-label={file} style={[styles.held, { borderColor: colors.line }]}>
      <Txt variant="label">{file}</Txt>
      <Txt variant="small" tone="inkSoft">
        {dayAndTime(Date.parse(ride.startedAt), units.clock)},{' '}
        {formatExactDistance(ride.distanceKm, units)}
        {ride.name ? `, ${ride.name}` : ''}
      </Txt>
      {doubt.odd.map((odd) => (
        <Txt key={odd} variant="small">
          {odditySentence(odd, ride, units)}
        </Txt>
      ))}
      <View style={styles.actions}>
        {decisionsOf(doubt, units).map(({ value, label }) => (
          <Button key={value} label={label} onPress={() => onDecide([key], value)} />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 10 },
  held: { borderTopWidth: 1, paddingTop: 10, gap: 6 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
});
