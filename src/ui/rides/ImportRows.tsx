import { StyleSheet, View } from 'react-native';
import type { ImportRow } from '@/core/arrivals/importRides';
import { dateFormat, dayAndTime } from '@/core/intl/dates';
import { formatExactDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { FailedRows } from './FailedRows';

/** More rows than this nobody reads. */
const SHOWN = 60;

/** A ride that was read and is settled: those held back stand by themselves. */
type Settled = Exclude<ImportRow, { outcome: 'held' | 'failed' }>;

/** What will become of each ride and file: what failed first, then the rest in the files' order. */
export function ImportRows({ rows, units }: { rows: readonly ImportRow[]; units: Units }) {
  const settled = rows.filter((r): r is Settled => r.outcome !== 'held' && r.outcome !== 'failed');
  const more = settled.length - SHOWN;
  return (
    <View>
      <FailedRows rows={rows} units={units} />
      {settled.slice(0, SHOWN).map((row) => (
        <Row key={row.key} row={row} units={units} />
      ))}
      {more > 0 ? (
        <Txt variant="small" tone="inkSoft">
          And {more} more.
        </Txt>
      ) : null}
    </View>
  );
}

const date = dateFormat({ dateStyle: 'medium' });

const OUTCOME = {
  added: { label: 'New', tone: 'done' },
  duplicate: { label: 'Here already', tone: 'inkSoft' },
  'left out': { label: 'Left out', tone: 'inkSoft' },
  work: { label: 'Work', tone: 'done' },
  'work known': { label: 'Here already', tone: 'inkSoft' },
} as const;

function Row({ row, units }: { row: Settled; units: Units }) {
  const colors = useColors();
  const { label, tone } = OUTCOME[row.outcome];
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <View style={styles.grow}>
        <Txt variant="label">{row.file}</Txt>
        <Txt variant="small" tone="inkSoft">
          {rowText(row, units)}
        </Txt>
      </View>
      <Txt variant="label" tone={tone}>
        {label}
      </Txt>
    </View>
  );
}

function rowText(row: Settled, units: Units): string {
  if (row.outcome === 'work' || row.outcome === 'work known') {
    const at = row.outcome === 'work' ? row.work.at : row.at;
    return `${date.format(Date.parse(at))}, ${row.note}`;
  }
  if (row.outcome !== 'added')
    return `${dayAndTime(Date.parse(row.startedAt), units.clock)}, ${formatExactDistance(row.distanceKm, units)}`;
  const { at, distanceKm, note } = row.ride;
  const told = [dayAndTime(Date.parse(at), units.clock), formatExactDistance(distanceKm, units)];
  if (note) told.push(note);
  const more = [
    row.eBike ? 'with a motor’s help' : '',
    row.disagrees ? 'the recorder’s distance, which differs from the track’s' : '',
    row.cleaned ? 'invisible signs were taken out of its name' : '',
  ];
  return [told.join(', '), ...more.filter((text) => text !== '')].join('; ');
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  grow: { flexGrow: 1, flexShrink: 1 },
});
