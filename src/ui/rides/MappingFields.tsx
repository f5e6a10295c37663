import { StyleSheet, View } from 'react-native';
import type { CsvMapping } from '@/core/records/csvMapping';
import { Choice } from '../form/Choice';
import { SelectField } from '../form/SelectField';

interface Props {
  header: readonly string[];
  mapping: CsvMapping;
  onChange: (part: Partial<CsvMapping>) => void;
}

const NONE = '';

/** Columns a table may do without. */
const OPTIONAL = [
  ['time', 'Time of day, if apart'],
  ['duration', 'Riding time'],
  ['elapsed', 'Time from start to end'],
  ['climb', 'Height climbed'],
  ['name', 'Name of the ride'],
  ['gear', 'Bike'],
  ['sport', 'Sport'],
] as const satisfies readonly (readonly [keyof CsvMapping, string])[];

/** Which column is what, and how its figures are written. */
export function MappingFields({ header, mapping, onChange }: Props) {
  const names = header.map((name) => ({ value: name, label: name }));
  const maybe = [{ value: NONE, label: 'None' }, ...names];
  return (
    <View style={styles.fields}>
      <View style={styles.columns}>
        {(['start', 'distance'] as const).map((key) => (
          <SelectField
            key={key}
            label={key === 'start' ? 'When it started' : 'Distance'}
            options={mapping[key] === NONE ? maybe : names}
            value={mapping[key]}
            onChange={(value) => onChange({ [key]: value })}
          />
        ))}
        {OPTIONAL.map(([key, label]) => (
          <SelectField
            key={key}
            label={label}
            options={maybe}
            value={mapping[key] ?? NONE}
            onChange={(value) => onChange({ [key]: value === NONE ? null : value })}
          />
        ))}
      </View>
      <Figures mapping={mapping} onChange={onChange} />
    </View>
  );
}

/** How dates, lengths and times are written. */
function Figures({ mapping, onChange }: Omit<Props, 'header'>) {
  const hasTimes = mapping.duration !== null || mapping.elapsed !== null;
  return (
    <>
      <Choice
        label="Order in dates like 3/4/2026"
        options={DAY_ORDERS}
        value={mapping.dayOrder}
        onChange={(dayOrder) => onChange({ dayOrder })}
      />
      <Choice
        label="Distance is in"
        options={UNITS}
        value={mapping.unit}
        onChange={(unit) => onChange({ unit })}
      />
      <Choice
        label="Before tenths stands"
        options={DECIMALS}
        value={mapping.decimal}
        onChange={(decimal) => onChange({ decimal })}
      />
      {hasTimes ? (
        <>
          <Choice
            label="A time like 52:10 is"
            options={CLOCKS}
            value={mapping.clock}
            onChange={(clock) => onChange({ clock })}
          />
          <Choice
            label="A time as a plain number is in"
            options={DURATION_UNITS}
            value={mapping.durationUnit}
            onChange={(durationUnit) => onChange({ durationUnit })}
          />
        </>
      ) : null}
      {mapping.climb ? (
        <Choice
          label="Height is in"
          options={HEIGHTS}
          value={mapping.climbUnit}
          onChange={(climbUnit) => onChange({ climbUnit })}
        />
      ) : null}
    </>
  );
}

const DAY_ORDERS = [
  { value: 'day first', label: 'Day first' },
  { value: 'month first', label: 'Month first' },
] as const;
const UNITS = [
  { value: 'km', label: 'km' },
  { value: 'mi', label: 'miles' },
  { value: 'm', label: 'metres' },
] as const;
const DECIMALS = [
  { value: '.', label: 'A point: 1,042.5' },
  { value: ',', label: 'A comma: 1.042,5' },
  { value: 'either', label: 'Either' },
] as const;
const CLOCKS = [
  { value: 'h:mm', label: 'Hours and minutes' },
  { value: 'mm:ss', label: 'Minutes and seconds' },
] as const;
const DURATION_UNITS = [
  { value: 'h', label: 'hours' },
  { value: 'min', label: 'minutes' },
  { value: 's', label: 'seconds' },
] as const;
const HEIGHTS = [
  { value: 'm', label: 'metres' },
  { value: 'ft', label: 'feet' },
] as const;

const styles = StyleSheet.create({
  fields: { gap: 14 },
  columns: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
