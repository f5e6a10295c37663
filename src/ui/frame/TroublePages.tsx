import { StyleSheet, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { Card } from './Card';
import { Page } from './Page';
import { useSay } from '../useSay';

/** What a page in trouble can still reach: the logbook in memory, or what can be read of it from storage. */
export interface Ways {
  tryAgain: () => void;
  startWithout: () => void;
  /** A backup of the logbook the page holds. */
  saveBackup: () => void;
  /** A backup of whatever can still be read from storage. */
  saveStored: () => void;
}

interface ErrorProps {
  error: Error;
  /** What undo would take back; null: there is nothing to undo. */
  last: string | null;
  onUndo: () => void;
  onAgain: () => void;
  ways: Ways;
}

/** A page that could not be drawn: what happened, and the ways out. */
export function ErrorPage({ error, last, onUndo, onAgain, ways }: ErrorProps) {
  return (
    <Page title="This page stumbled">
      <Card danger>
        <Txt>
          The app made a mistake here and cannot show this page. Your logbook is as it was. The
          other places still open.
        </Txt>
        <Txt variant="small" tone="inkSoft">
          {error.message.slice(0, 200)}
        </Txt>
        <View style={styles.buttons}>
          <Button kind="strong" label="Show it again" onPress={onAgain} />
          {last === null ? null : <Button label={`Undo: ${last}`} onPress={onUndo} />}
          <Button label="Save a backup file" onPress={ways.saveBackup} />
        </View>
      </Card>
    </Page>
  );
}

/** The logbook could not be opened: never shown as an empty one. */
export function UnreadablePage({ problem, ways }: { problem: Problem; ways: Ways }) {
  const say = useSay();
  const isNewer = problem.code === 'storage/newer';
  return (
    <Page title="The logbook stays shut">
      <Card danger>
        <Txt live="assertive">{say(problem)}</Txt>
        <View style={styles.buttons}>
          {isNewer ? (
            <Button kind="strong" label="Reload" onPress={() => window.location.reload()} />
          ) : (
            <Button kind="strong" label="Try again" onPress={ways.tryAgain} />
          )}
          <Button label="Save what can be read as a file" onPress={ways.saveStored} />
          {isNewer ? null : <Button label="Start without it for now" onPress={ways.startWithout} />}
        </View>
        {isNewer ? null : (
          <Txt variant="small" tone="inkSoft">
            If it goes on, close other tabs of this app, or restart the browser. What you enter
            without it is added to your logbook once that can be read.
          </Txt>
        )}
      </Card>
    </Page>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
