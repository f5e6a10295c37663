import { StyleSheet, View } from 'react-native';
import { WEEK_STARTS } from '@/core/records/kinds';
import type { Written } from '@/core/settings/regional';
import { weekdayName } from '@/core/time/dates';
import { UNITS, type Units } from '@/core/units/convert';
import { UNIT_LABEL, UNITS_LABEL } from '@/core/words/labels';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';

interface Props {
  written: Written;
  onChange: (written: Partial<Written>) => void;
}

const KINDS = Object.keys(UNITS) as (keyof Units)[];

/** In what a rider reads distances, heat, rain and clocks, and on what day their weeks begin. */
export const WrittenCard = ({ written: { units, weekStart }, onChange }: Props) => (
  <Card title="Units, clock and weeks">
    <View style={styles.kinds}>
      {KINDS.map((kind) => (
        <View key={kind} style={styles.kind}>
          <Choice
            label={UNITS_LABEL[kind]}
            options={UNITS[kind].map((value) => ({ value, label: UNIT_LABEL[value] }))}
            value={units[kind]}
            onChange={(value) => onChange({ units: { ...units, [kind]: value } })}
          />
        </View>
      ))}
    </View>
    <Choice
      label="Weeks begin on"
      options={WEEK_STARTS.map((value) => ({ value, label: weekdayName(value) }))}
      value={weekStart}
      onChange={(day) => onChange({ weekStart: day })}
    />
  </Card>
);

const styles = StyleSheet.create({
  kinds: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24, rowGap: 14 },
  // Two beside each other on most phones.
  kind: { flexBasis: 130, flexGrow: 1 },
});
