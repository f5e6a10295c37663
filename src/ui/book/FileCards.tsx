import { StyleSheet, View } from 'react-native';
import type { Counts, RestorePreview } from '@/core/formats';
import { Button, FilePick } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';

const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });

/** Taking everything out as one file. */
export function BackupCard({ onExport }: { onExport: () => void }) {
  return (
    <Card title="Backup">
      <Txt>
        Everything you entered, in one readable file. Your data lies in this browser only, so keep a
        backup elsewhere.
      </Txt>
      <Button kind="strong" label="Save a backup file" onPress={onExport} />
    </Card>
  );
}

interface RestoreProps {
  problem: string | null;
  file: { name: string; preview: RestorePreview } | null;
  onPick: (file: File) => void;
  onRestore: () => void;
  onCancel: () => void;
}

/** Taking a backup in: first what it would do, then the doing. */
export function RestoreCard({ problem, file, onPick, onRestore, onCancel }: RestoreProps) {
  return (
    <Card title="Restore">
      <Txt>
        A backup is added to what is here: nothing is deleted, of two versions of a bike or chain
        the newer stays, and one undo takes it all back.
      </Txt>
      <FilePick
        label="Choose a backup file"
        fieldLabel="Backup file"
        accept=".json,application/json"
        onPick={([picked]) => picked && onPick(picked)}
      />
      {problem ? (
        <Txt tone="danger" live="assertive">
          {problem}
        </Txt>
      ) : null}
      {file ? (
        <Preview
          name={file.name}
          preview={file.preview}
          onRestore={onRestore}
          onCancel={onCancel}
        />
      ) : null}
    </Card>
  );
}

interface PreviewProps {
  name: string;
  preview: RestorePreview;
  onRestore: () => void;
  onCancel: () => void;
}

function Preview({ name, preview, onRestore, onCancel }: PreviewProps) {
  const { events, bikes, chains, products, settings, from, to } = preview;
  const counts = (what: string, c: Counts) =>
    `${what}: ${c.added} added, ${c.replaced} replaced, ${c.kept} kept as they are.`;
  const span =
    from && to ? `, ${day.format(Date.parse(from))} to ${day.format(Date.parse(to))}` : '';
  return (
    <View style={styles.preview}>
      <Txt variant="strong">
        {name}
        {span}
      </Txt>
      <Txt>
        Log: {events.added} {events.added === 1 ? 'entry' : 'entries'} added, {events.kept} here
        already.
      </Txt>
      <Txt>{counts('Bikes', bikes)}</Txt>
      <Txt>{counts('Chains', chains)}</Txt>
      <Txt>{counts('Products', products)}</Txt>
      <Txt>Settings: {settings === 'kept' ? 'kept as they are' : 'replaced by the file’s'}.</Txt>
      <View style={styles.buttons}>
        <Button kind="strong" label="Restore" onPress={onRestore} />
        <Button label="Leave it" onPress={onCancel} />
      </View>
    </View>
  );
}

interface QuarantineProps {
  part: string;
  onExport: () => void;
  onDiscard: () => void;
}

/** A part that could not be read and was set aside whole. */
export function QuarantineCard({ part, onExport, onDiscard }: QuarantineProps) {
  return (
    <Card title="Set aside" danger>
      <Txt>
        “{part}” could not be read and was set aside whole; the rest of your logbook is here. Save
        it to have it looked at, or restore a backup.
      </Txt>
      <View style={styles.buttons}>
        <Button label="Save what was set aside" onPress={onExport} />
        <Button kind="danger" label="Discard it" onPress={onDiscard} />
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  preview: { gap: 6 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
