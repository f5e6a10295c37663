import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { UnknownTable } from '@/core/formats/rideFile';
import type { CsvMapping } from '@/core/formats/csvMapping';
import { say } from '@/core/words/problems';
import { Button, Choice } from '../form';
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
  const optional = [...names, { value: NONE, label: 'None' }];
  const missing = mapping.start === NONE || mapping.distance === NONE;
  const column = (label: string, key: 'time' | 'duration' | 'climb' | 'name' | 'gear') => (
    <Choice
      label={label}
      options={optional}
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
        options={[
          { value: 'day first', label: 'Day first' },
          { value: 'month first', label: 'Month first' },
        ]}
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
        options={[
          { value: 'km', label: 'km' },
          { value: 'mi', label: 'miles' },
          { value: 'm', label: 'metres' },
        ]}
        value={mapping.unit}
        onChange={(unit) => set({ unit })}
      />
      {column('Riding time', 'duration')}
      {mapping.duration ? (
        <Choice
          label="Riding time as a plain number is in"
          options={[
            { value: 'h', label: 'hours' },
            { value: 'min', label: 'minutes' },
            { value: 's', label: 'seconds' },
          ]}
          value={mapping.durationUnit}
          onChange={(durationUnit) => set({ durationUnit })}
        />
      ) : null}
      {column('Metres climbed', 'climb')}
      {column('Name of the ride', 'name')}
      {column('Bike', 'gear')}
      {asked && missing ? (
        <Txt tone="danger" live="polite">
          {say({ code: 'csv/columns' })}
        </Txt>
      ) : null}
      <Button
        kind="strong"
        label="Read with these columns"
        onPress={() => (missing ? setAsked(true) : onExplain(mapping))}
      />
    </Card>
  );
}

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
