import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { UnknownTable } from '@/core/formats/rideFile';
import type { CsvMapping } from '@/core/formats/csvMapping';
import { Button, Choice, FieldProblem } from '../form';
import { Card } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  /** The file the table was found in. */
  file: string;
  table: UnknownTable;
  onExplain: (mapping: CsvMapping) => void;
}

const NONE = '';

/** Which column of a table is what: a guess to be put right once; the same header is known from then on. */
export function MappingCard({ file, table, onExplain }: Props) {
  const [mapping, setMapping] = useState(table.guess);
  const [asked, setAsked] = useState(false);
  const set = (part: Partial<CsvMapping>) => setMapping((m) => ({ ...m, ...part }));
  const names = table.header.map((name) => ({ value: name, label: name || '(no name)' }));
  const missing = mapping.start === NONE || mapping.distance === NONE;
  const column = (label: string, key: Optional) => (
    <Choice
      label={label}
      options={[...names, { value: NONE, label: 'None' }]}
      value={mapping[key] ?? NONE}
      onChange={(value) => set({ [key]: value === NONE ? null : value })}
    />
  );
  return (
    <Card title={`Columns of ${file}`}>
      <Sample table={table} />
      <Choice
        label="When it started"
        options={names}
        value={mapping.start}
        onChange={(start) => set({ start })}
      />
      {column('Time of day, if apart', 'time')}
      <Choice
        label="Order in dates like 3/4/2026"
        options={DAY_ORDERS}
        value={mapping.dayOrder}
        onChange={(dayOrder) => set({ dayOrder })}
      />
      <Choice
        label="Distance"
        options={names}
        value={mapping.distance}
        onChange={(distance) => set({ distance })}
      />
      <Choice
        label="Distance is in"
        options={UNITS}
        value={mapping.unit}
        onChange={(unit) => set({ unit })}
      />
      {column('Riding time', 'duration')}
      {mapping.duration ? <DurationUnit mapping={mapping} onChange={set} /> : null}
      {column('Metres climbed', 'climb')}
      {column('Name of the ride', 'name')}
      {column('Bike', 'gear')}
      {asked && missing ? <FieldProblem problem={{ code: 'csv/columns' }} /> : null}
      <Button
        kind="strong"
        label="Read with these columns"
        onPress={() => (missing ? setAsked(true) : onExplain(mapping))}
      />
    </Card>
  );
}

/** Columns a table may do without. */
type Optional = 'time' | 'duration' | 'climb' | 'name' | 'gear';

const DAY_ORDERS = [
  { value: 'day first', label: 'Day first' },
  { value: 'month first', label: 'Month first' },
] as const;
const UNITS = [
  { value: 'km', label: 'km' },
  { value: 'mi', label: 'miles' },
  { value: 'm', label: 'metres' },
] as const;
interface DurationUnitProps {
  mapping: CsvMapping;
  onChange: (part: Partial<CsvMapping>) => void;
}

const DurationUnit = ({ mapping, onChange }: DurationUnitProps) => (
  <Choice
    label="Riding time as a plain number is in"
    options={DURATION_UNITS}
    value={mapping.durationUnit}
    onChange={(durationUnit) => onChange({ durationUnit })}
  />
);

const DURATION_UNITS = [
  { value: 'h', label: 'hours' },
  { value: 'min', label: 'minutes' },
  { value: 's', label: 'seconds' },
] as const;

/** The first rows as they stand in the file. */
function Sample({ table }: { table: UnknownTable }) {
  const colors = useColors();
  return (
    <View style={styles.sample}>
      {table.header.map((name, i) => (
        <View key={`${name} ${i}`} style={[styles.column, { borderColor: colors.line }]}>
          <Txt variant="label">{name}</Txt>
          {table.sample.map((row, n) => (
            <Txt key={n} variant="small" tone="inkSoft">
              {row[i] ?? ''}
            </Txt>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  sample: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  column: { borderWidth: 1, borderRadius: 8, paddingHorizontal: 10, paddingVertical: 6 },
});
