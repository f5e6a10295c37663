import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { failedLines, type FailedLine } from '@/core/arrivals/failedLines';
import type { ImportRow } from '@/core/arrivals/importRides';
import type { Units } from '@/core/units/convert';
import { failedOutcome, failedSentence, rowSentence } from '@/core/words/arrivals/failed';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** More rows of a reason nobody reads. */
const SHOWN = 100;

/** What was not read, a line for each reason of each file, that opens where there are several rows to it. */
export function FailedRows({ rows, units }: { rows: readonly ImportRow[]; units: Units }) {
  return failedLines(rows).map((line) => <Line key={line.key} line={line} units={units} />);
}

function Line({ line, units }: { line: FailedLine; units: Units }) {
  const colors = useColors();
  const [open, setOpen] = useState(false);
  const { label, wrong } = failedOutcome(line);
  const tone = wrong ? 'danger' : 'inkSoft';
  const many = line.rows.length > 1;
  return (
    <View style={[styles.line, { borderColor: colors.line }]}>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Txt variant="label">{line.file}</Txt>
          <Txt variant="small" tone={tone}>
            {failedSentence(line, units)}
          </Txt>
        </View>
        {many ? (
          <Button
            kind="quiet"
            label={open ? 'Hide them' : 'Show them'}
            onPress={() => setOpen(!open)}
          />
        ) : null}
        <Txt variant="label" tone={tone}>
          {label}
        </Txt>
      </View>
      {open
        ? line.rows.slice(0, SHOWN).map((row) => (
            <Txt key={row.key} variant="small" tone="inkSoft">
              {rowSentence(row, line, units)}
            </Txt>
          ))
        : null}
      {open && line.rows.length > SHOWN ? (
        <Txt variant="small" tone="inkSoft">
          And {line.rows.length - SHOWN} more.
        </Txt>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { borderBottomWidth: 1, paddingVertical: 6, gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  grow: { flexGrow: 1, flexShrink: 1 },
});
