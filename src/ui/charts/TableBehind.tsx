import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** What the table is of: "Your year". */
  of: string;
  columns: readonly string[];
  /** Each with its cells in the order of the columns; the first names it. */
  rows: () => readonly (readonly string[])[];
}

/** The figures behind a drawing, as a table, one tap away. */
export function TableBehind({ of, columns, rows }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View style={styles.behind}>
      <Button
        kind="quiet"
        label={open ? 'Hide the table' : 'As a table'}
        name={open ? `Hide the table: ${of}` : `As a table: ${of}`}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? <FiguresTable of={of} columns={columns} rows={rows()} /> : null}
    </View>
  );
}

interface TableProps extends Omit<Props, 'rows'> {
  rows: ReturnType<Props['rows']>;
}

/** Figures in rows and columns. */
export function FiguresTable({ of, columns, rows }: TableProps) {
  const colors = useColors();
  const line = [styles.row, { borderColor: colors.line }];
  return (
    <ScrollView
      horizontal
      tabIndex={0}
      role="group"
      aria-label={of}
      style={styles.across}
      contentContainerStyle={styles.wide}
    >
      <View role="table" aria-label={of} style={styles.table}>
        <View role="row" style={line}>
          {columns.map((column, n) => (
            <View
              key={column}
              role={'columnheader' as 'row'}
              style={n > 0 ? styles.cell : styles.name}
            >
              <Txt variant="label">{column}</Txt>
            </View>
          ))}
        </View>
        {rows.map((cells, at) => (
          <View key={at} role="row" style={line}>
            {cells.map((cell, n) => (
              <View
                key={n}
                role={(n > 0 ? 'cell' : 'rowheader') as 'row'}
                style={n > 0 ? styles.cell : styles.name}
              >
                <Txt variant={n > 0 ? 'numberSmall' : 'small'}>{cell}</Txt>
              </View>
            ))}
          </View>
        ))}
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  behind: { alignItems: 'flex-start' },
  // With large text on a narrow screen a row is wider than its card.
  across: { width: '100%' },
  wide: { flexGrow: 1 },
  table: { flexGrow: 1 },
  row: { flexDirection: 'row', gap: 8, borderTopWidth: 1, paddingVertical: 4, width: '100%' },
  name: { flexGrow: 1.4, flexBasis: 90 },
  // Figures stand under each other.
  cell: { flexGrow: 1, flexBasis: 60, alignItems: 'flex-end' },
});
