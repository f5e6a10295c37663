import { createElement, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ImportRow } from '@/core/entry';
import type { Bike } from '@/core/garage';
import { say } from '@/core/messages';
import { formatExactDistance, type UnitSystem } from '@/core/units';
import { Button, Choice, FilePick } from '../form';
import { Card } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  bikes: readonly Bike[];
  bikeId: string;
  onBike: (bikeId: string) => void;
  /** How many of the files are read; null when none are being read. */
  progress: { read: number; of: number } | null;
  onFiles: (files: File[]) => void;
  onCancel: () => void;
  /** What importing will do; null before files were read. */
  rows: readonly ImportRow[] | null;
  onImport: () => void;
  units: UnitSystem;
}

/** Bringing in ride files: which bike, which files, what will become of each, then one tap. */
export function ImportPanel(props: Props) {
  const { bikes, bikeId, onBike, progress, onFiles, onCancel, rows, onImport, units } = props;
  const added = rows?.filter((r) => r.outcome === 'added').length ?? 0;
  return (
    <View style={styles.panel}>
      <Choice
        label="Ridden on"
        options={bikes.map((b) => ({ value: b.id, label: b.name }))}
        value={bikeId}
        onChange={onBike}
      />
      <DropZone onFiles={onFiles} busy={progress !== null} />
      {progress ? (
        <Card>
          <Txt live="polite">
            Reading {progress.read} of {progress.of} …
          </Txt>
          <Button label="Stop" onPress={onCancel} />
        </Card>
      ) : null}
      {rows ? (
        <Card title={added === 1 ? '1 ride to add' : `${added} rides to add`}>
          {rows.map((row, i) => (
            <Row key={`${row.file} ${i}`} row={row} units={units} />
          ))}
          <Txt variant="small" tone="inkSoft">
            Files do not tell the weather. A middle is assumed until you open a ride and say how it
            was.
          </Txt>
          {added > 0 ? (
            <Button
              kind="strong"
              label={added === 1 ? 'Add this ride' : `Add ${added} rides`}
              onPress={onImport}
            />
          ) : null}
        </Card>
      ) : null}
    </View>
  );
}

/** A place to drop files on, and a button for those who cannot drop. */
function DropZone({ onFiles, busy }: { onFiles: (files: File[]) => void; busy: boolean }) {
  const colors = useColors();
  const [over, setOver] = useState(false);
  const take = (list: FileList | null) => {
    if (list && list.length > 0) onFiles(Array.from(list));
  };
  const zone = {
    onDragOver: (event: DragEvent) => {
      event.preventDefault();
      setOver(true);
    },
    onDragLeave: () => setOver(false),
    onDrop: (event: DragEvent) => {
      event.preventDefault();
      setOver(false);
      take(event.dataTransfer?.files ?? null);
    },
    style: {
      display: 'flex',
      flexDirection: 'column',
      gap: 12,
      padding: 18,
      borderRadius: 14,
      border: `2px dashed ${over ? colors.ink : colors.lineStrong}`,
      background: over ? colors.tape : 'transparent',
    },
  };
  return createElement(
    'div',
    zone,
    <Txt key="text" tone={over ? 'onTape' : 'ink'}>
      Drop GPX or TCX files here, as many as you like, or choose them.
    </Txt>,
    <FilePick
      key="pick"
      kind="strong"
      label="Choose ride files"
      fieldLabel="Ride files"
      accept=".gpx,.tcx,application/gpx+xml,application/xml,text/xml"
      multiple
      disabled={busy}
      onPick={onFiles}
    />,
  );
}

const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

function Row({ row, units }: { row: ImportRow; units: UnitSystem }) {
  const colors = useColors();
  const failed = row.outcome === 'failed';
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <View style={styles.grow}>
        <Txt variant="label">{row.file}</Txt>
        <Txt variant="small" tone={failed ? 'danger' : 'inkSoft'}>
          {rowText(row, units)}
        </Txt>
      </View>
      <Txt variant="label" tone={failed ? 'danger' : row.outcome === 'added' ? 'done' : 'inkSoft'}>
        {{ added: 'New', duplicate: 'Here already', failed: 'Failed' }[row.outcome]}
      </Txt>
    </View>
  );
}

function rowText(row: ImportRow, units: UnitSystem): string {
  if (row.outcome === 'failed') return say(row.problem);
  const [at, km] =
    row.outcome === 'added' ? [row.ride.at, row.ride.distanceKm] : [row.startedAt, row.distanceKm];
  const doubt =
    row.outcome === 'added' && row.disagrees
      ? '; the recorder’s distance, which differs from the track’s'
      : '';
  return `${day.format(Date.parse(at))}, ${formatExactDistance(km, units)}${doubt}`;
}

const styles = StyleSheet.create({
  panel: { gap: 18 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  grow: { flexGrow: 1, flexShrink: 1 },
});
