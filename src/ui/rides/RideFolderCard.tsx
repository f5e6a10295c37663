import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

export interface RideFolder {
  /** Its name; null: none was picked. */
  name: string | null;
  /** The browser wants the rider's word again. */
  asks: boolean;
  /** Ride files found that are not in yet; null: not looked yet. */
  fresh: number | null;
  onPick: () => void;
  onLook: () => void;
  onForget: () => void;
}

/** A folder that is looked through for new rides whenever the import opens. */
export function RideFolderCard({ folder }: { folder: RideFolder }) {
  const { name, asks, fresh, onPick, onLook, onForget } = folder;
  if (name === null)
    return (
      <Card title="A folder of rides">
        <Txt>
          Pick the folder your recorder writes to once. New rides in it are found whenever you open
          the app.
        </Txt>
        <View style={styles.buttons}>
          <Button label="Pick a folder" onPress={onPick} />
        </View>
      </Card>
    );
  return (
    <Card title="A folder of rides">
      <Txt live="polite">{folderLine(name, asks, fresh)}</Txt>
      <View style={styles.buttons}>
        <Button kind={asks ? 'strong' : 'plain'} label="Look through it" onPress={onLook} />
        <Button label="Pick another folder" onPress={onPick} />
        <Button label="Look there no more" onPress={onForget} />
      </View>
    </Card>
  );
}

function folderLine(name: string, asks: boolean, fresh: number | null): string {
  if (asks) return `The browser wants your word again before we look into “${name}”.`;
  if (fresh === null) return `Looking through “${name}” …`;
  if (fresh === 0) return `Nothing new in “${name}”.`;
  return fresh === 1 ? `1 new file in “${name}”.` : `${fresh} new files in “${name}”.`;
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
