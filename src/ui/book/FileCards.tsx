import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { numberFormat } from '@/core/intl/numbers';
import { timeOfDay } from '@/core/intl/dates';
import { useWritten } from '../useSay';

interface BackupProps {
  /** Whole days since the last backup; null: there was none. */
  daysSince: number | null;
  /** Entries no backup holds. */
  unsaved: number;
  onExport: () => void;
  /** Everything as a table, for a spreadsheet. */
  onTable: () => void;
  /** Null where the browser cannot share files. */
  onShare: (() => void) | null;
  /** To where it is carried to another device by camera. */
  onCarry: () => void;
}

/** Taking everything out as one file. */
export function BackupCard({
  daysSince,
  unsaved,
  onExport,
  onTable,
  onShare,
  onCarry,
}: BackupProps) {
  return (
    <Card title="Backup">
      <Txt>
        Everything you entered, in one readable file. Your data lies in this browser only, so keep a
        backup elsewhere.
      </Txt>
      <Txt tone="inkSoft">{sinceWords(daysSince, unsaved)}</Txt>
      <View style={styles.buttons}>
        <Button kind="strong" label="Save a backup file" onPress={onExport} />
        <Button label="Save everything as a table" onPress={onTable} />
        {onShare ? <Button label="Send it elsewhere" onPress={onShare} /> : null}
        <Button label="To another device by camera" onPress={onCarry} />
      </View>
    </Card>
  );
}

function sinceWords(daysSince: number | null, unsaved: number): string {
  const entries = unsaved === 1 ? '1 entry' : `${unsaved} entries`;
  if (daysSince === null)
    return unsaved === 0 ? 'Nothing to back up yet.' : `No backup yet: ${entries} in the log.`;
  const when = daysSince === 0 ? 'today' : daysSince === 1 ? 'yesterday' : `${daysSince} days ago`;
  return unsaved === 0
    ? `Last backup ${when}. It holds everything.`
    : `Last backup ${when}; ${entries} since.`;
}

interface FolderProps {
  folder: { name: string; state: 'kept' | 'asks'; lastAt: number | null } | null;
  problem: string | null;
  onPick: () => void;
  onReopen: () => void;
  onDrop: () => void;
}

/** A backup that keeps itself, in a folder the rider picks once. */
export function FolderCard({ folder, problem, onPick, onReopen, onDrop }: FolderProps) {
  const { units } = useWritten();
  return (
    <Card title="A backup that keeps itself">
      {!folder ? (
        <>
          <Txt>
            Pick a folder once, best one that is copied elsewhere. We write a backup there after
            each change, read it back to be sure, and keep the newest ten.
          </Txt>
          <View style={styles.buttons}>
            <Button label="Pick a folder" onPress={onPick} />
          </View>
        </>
      ) : (
        <>
          <Txt>
            {folder.state === 'asks'
              ? `The browser wants your word again before we write to “${folder.name}”.`
              : folder.lastAt === null
                ? `Backups go to “${folder.name}”.`
                : `Backups go to “${folder.name}”. Last written and checked at ${timeOfDay(folder.lastAt, units.clock)}.`}
          </Txt>
          {problem ? (
            <Txt tone="danger" live="assertive">
              {problem}
            </Txt>
          ) : null}
          <View style={styles.buttons}>
            {folder.state === 'asks' ? (
              <Button kind="strong" label="Go on writing there" onPress={onReopen} />
            ) : null}
            <Button label="Pick another folder" onPress={onPick} />
            <Button label="Stop writing backups" onPress={onDrop} />
          </View>
        </>
      )}
    </Card>
  );
}

interface DeviceProps {
  persisted: boolean | null;
  usedBytes: number | null;
  leftBytes: number | null;
  onOperations: () => void;
}

const mb = numberFormat({ maximumFractionDigits: 1 });
const size = (bytes: number): string =>
  bytes >= 1e9 ? `${mb.format(bytes / 1e9)} GB` : `${mb.format(bytes / 1e6)} MB`;

/** How this browser keeps the data. */
export function DeviceCard({ persisted, usedBytes, leftBytes, onOperations }: DeviceProps) {
  return (
    <Card title="On this device">
      <Txt>
        {persisted === null
          ? 'The browser does not say whether it keeps your data when it runs short of room.'
          : persisted
            ? 'The browser has promised to keep your data, even when it runs short of room.'
            : 'The browser may clear your data when it runs short of room. A backup is your safety.'}
      </Txt>
      {usedBytes !== null && leftBytes !== null ? (
        <Txt tone="inkSoft">
          {size(usedBytes)} used, {size(leftBytes)} left.
        </Txt>
      ) : null}
      <Txt tone="inkSoft">
        If something went wrong, save a list of the last 200 things the app did and send it along.
        It holds no rides, names or places.
      </Txt>
      <Button label="Save what the app did" onPress={onOperations} />
    </Card>
  );
}

interface QuarantineProps {
  part: string;
  onExport: () => void;
  onDiscard: () => void;
}

/** Something that could not be read and was set aside. */
export function QuarantineCard({ part, onExport, onDiscard }: QuarantineProps) {
  return (
    <Card title="Set aside" danger>
      <Txt>
        Some of “{part}” could not be read and was set aside; the rest of your logbook is here. Save
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
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
