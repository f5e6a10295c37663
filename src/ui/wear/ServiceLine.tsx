import { StyleSheet, View } from 'react-native';
import type { Garage } from '@/core/records/garage';
import { dateFormat } from '@/core/intl/dates';
import { formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import type { ServiceRow } from '@/core/wear/service';
import { namedEventLine } from '@/core/words/event';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

interface Props {
  row: ServiceRow;
  garage: Garage;
  units: Units;
}

/** An event of a life: what, when, and how far it had run. */
export function ServiceLine({ row, garage, units }: Props) {
  const { event, km } = row;
  const colors = useColors();
  const note = event.type === 'workDone' && event.note ? `, ${event.note}` : '';
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <Txt variant="strong">{namedEventLine(row, garage, units)}</Txt>
      <Txt variant="small" tone="inkSoft">
        {day.format(Date.parse(event.at))}, at {formatDistance(km, units)}
        {note}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({ row: { borderBottomWidth: 1, paddingVertical: 6 } });
