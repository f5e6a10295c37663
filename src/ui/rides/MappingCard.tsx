import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { CsvMapping } from '@/core/records/csvMapping';
import type { UnknownTable } from '@/core/formats/rideFile';
import type { Units } from '@/core/units/convert';
import { exampleOf } from '@/core/words/arrivals/table';
import { Button } from '../form/Button';
import { FieldProblem } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { MappingFields } from './MappingFields';

interface Props {
  /** The file the table was found in. */
  file: string;
  table: UnknownTable;
  units: Units;
  /** Tables with other columns, asked about afterwards. */
  more: number;
  onExplain: (mapping: CsvMapping) => void;
}

const isWhole = ({ start, distance }: CsvMapping): boolean => start !== '' && distance !== '';

/** How a table is read: a guess to be put right once; the same header is known from then on. */
export function MappingCard({ file, table, units, more, onExplain }: Props) {
  const [mapping, setMapping] = useState(table.guess);
  const [open, setOpen] = useState(!isWhole(table.guess));
  const [asked, setAsked] = useState(false);
  const missing = !isWhole(mapping);
  return (
    <Card title={`Columns of ${file}`}>
      <Txt>
        {missing
          ? 'Which column is the date, and which the distance?'
          : 'The table’s rows, and how they are read. Is that right?'}
      </Txt>
      {more > 0 ? (
        <Txt variant="small" tone="inkSoft">
          {more === 1 ? 'One table' : `${more} tables`} with other columns will be asked about next.
        </Txt>
      ) : null}
      {table.sample.map((row, n) => (
        <Example
          key={n}
          table={table}
          row={row}
          text={missing ? null : exampleOf(table.header, row, mapping, units)}
        />
      ))}
      {asked && missing ? <FieldProblem problem={{ code: 'csv/columns' }} /> : null}
      <View style={styles.buttons}>
        <Button
          kind="strong"
          label="Read with these columns"
          onPress={() => (missing ? setAsked(true) : onExplain(mapping))}
        />
        {open ? null : <Button label="Something is wrong" onPress={() => setOpen(true)} />}
      </View>
      {open ? (
        <MappingFields
          header={table.header}
          mapping={mapping}
          onChange={(part) => setMapping((m) => ({ ...m, ...part }))}
        />
      ) : null}
    </Card>
  );
}

interface ExampleProps {
  table: UnknownTable;
  row: readonly string[];
  /** How it is read; null: not yet. */
  text: string | null;
}

/** A row as it stands in the file, and as it is read. */
function Example({ table, row, text }: ExampleProps) {
  const colors = useColors();
  const cells = table.header.flatMap((name, n) => {
    const cell = (row[n] ?? '').trim();
    return cell === '' ? [] : [`${name}: ${cell}`];
  });
  return (
    <View style={[styles.example, { borderColor: colors.line }]}>
      {text ? <Txt variant="strong">{text}</Txt> : null}
      <Txt variant="small" tone="inkSoft">
        {cells.join(' · ')}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  example: { borderTopWidth: 1, paddingTop: 8, gap: 2 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
