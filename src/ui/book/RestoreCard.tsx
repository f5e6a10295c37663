import { StyleSheet, View } from 'react-native';
import type { FieldChange, RestorePreview } from '@/core/formats/restorePreview';
import { Button } from '../form/Button';
import { FilePick } from '../form/FilePick';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { fieldWords, KIND_WORDS, valueWords } from '@/core/words/fields';
import { dateFormat } from '@/core/intl/dates';

const day = dateFormat({ dateStyle: 'medium' });

/** What a backup file holds, for a look before it is restored. */
export interface BackupFile {
  name: string;
  preview: RestorePreview;
  /** Places in the file that cannot be read. */
  refused: readonly string[];
  altered: boolean;
  capped: number;
  cleaned: number;
}

interface Props {
  problem: string | null;
  file: BackupFile | null;
  onPick: (file: File) => void;
  onRestore: () => void;
  onCancel: () => void;
}

/** Taking a backup in: first what it would do, field by field, then the doing. */
export function RestoreCard({ problem, file, onPick, onRestore, onCancel }: Props) {
  return (
    <Card title="Restore">
      <Txt>
        A backup is added to what is here. Nothing is deleted. Where both have changed the same
        field, the later change stays. One undo takes it all back.
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
        <BackupPreview file={file} label="Restore" onRestore={onRestore} onCancel={onCancel} />
      ) : null}
    </Card>
  );
}

/** What a backup would bring, field by field, and the doing. */
export function BackupPreview({
  file,
  label,
  onRestore,
  onCancel,
}: {
  file: BackupFile;
  label: string;
  onRestore: () => void;
  onCancel: () => void;
}) {
  const { events, records, settings, from, to } = file.preview;
  const span =
    from && to ? `, ${day.format(Date.parse(from))} to ${day.format(Date.parse(to))}` : '';
  return (
    <View style={styles.preview}>
      <Txt variant="strong">
        {file.name}
        {span}
      </Txt>
      <Warnings file={file} />
      <Txt>
        Log: {events.added} {events.added === 1 ? 'entry' : 'entries'} added, {events.kept} here
        already.
      </Txt>
      {records.map(({ kind, added, changed, kept }) => (
        <View key={kind}>
          <Txt>
            {KIND_WORDS[kind].many}: {added} added, {changed.length} changed, {kept} kept as they
            are.
          </Txt>
          {changed.map(({ id, name, fields }) => (
            <Changes key={id} of={`${KIND_WORDS[kind].one} “${name}”`} fields={fields} />
          ))}
        </View>
      ))}
      {settings.length === 0 ? (
        <Txt>Settings: kept as they are.</Txt>
      ) : (
        <Changes of="Settings" fields={settings} />
      )}
      <View style={styles.buttons}>
        <Button kind="strong" label={label} onPress={onRestore} />
        <Button label="Leave it" onPress={onCancel} />
      </View>
    </View>
  );
}

/** What is to be known of the file before it is taken in. */
function Warnings({ file: { refused, altered, capped, cleaned } }: { file: BackupFile }) {
  return (
    <>
      {altered ? (
        <Txt tone="danger">
          This file is not as the app wrote it: it was changed, damaged or cut off. Look closely at
          what it would bring.
        </Txt>
      ) : null}
      {refused.length > 0 ? (
        <Txt tone="danger">
          {refused.length === 1 ? '1 piece' : `${refused.length} pieces`} of it cannot be read and
          will be left out: {refused.slice(0, SHOWN).map(placeWords).join(', ')}
          {refused.length > SHOWN ? ', …' : '.'}
        </Txt>
      ) : null}
      {capped > 0 ? (
        <Txt tone="danger">
          {capped === 1 ? '1 record is' : `${capped} records are`} dated in the future. We count{' '}
          {capped === 1 ? 'it' : 'them'} as written now.
        </Txt>
      ) : null}
      {cleaned > 0 ? (
        <Txt tone="danger">
          {cleaned === 1 ? '1 name' : `${cleaned} names`} held invisible signs. We take them out.
        </Txt>
      ) : null}
    </>
  );
}

/** `events[3]` is “log entry 4”; records go by their kind. */
function placeWords(place: string): string {
  const entry = /^events\[(\d+)\]$/.exec(place)?.[1];
  return entry === undefined
    ? fieldWords(place.replace('/', ' ')).toLowerCase()
    : `log entry ${Number(entry) + 1}`;
}

const SHOWN = 6;

/** Each field that changes, from what to what. */
function Changes({ of, fields }: { of: string; fields: readonly FieldChange[] }) {
  return (
    <View style={styles.changes}>
      <Txt variant="label">{of}</Txt>
      {fields.slice(0, MOST_FIELDS).map(({ field, was, becomes }) => (
        <Txt key={field} variant="small" tone="inkSoft">
          {fieldWords(field)}: {valueWords(was)} → {valueWords(becomes)}
        </Txt>
      ))}
      {fields.length > MOST_FIELDS ? (
        <Txt variant="small" tone="inkSoft">
          and {fields.length - MOST_FIELDS} more.
        </Txt>
      ) : null}
    </View>
  );
}

const MOST_FIELDS = 12;

const styles = StyleSheet.create({
  preview: { gap: 8 },
  changes: { paddingLeft: 12, paddingTop: 4, gap: 2 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
