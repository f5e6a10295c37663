import { StyleSheet, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useSay } from '../useSay';

interface Props {
  status:
    | { kind: 'idle' }
    | { kind: 'asking' }
    | { kind: 'fetching'; done: number; of: number }
    | { kind: 'failed'; problem: Problem }
    | {
        kind: 'done';
        added: number;
        failed: { file: string; problem: Problem }[];
        deleted: number;
      };
  /** Fetches the rides deleted here as well. */
  onWithDeleted: () => void;
}

/** What the ride recorder is at, and what came of it. */
export function SyncLine({ status, onWithDeleted }: Props) {
  const say = useSay();
  if (status.kind === 'idle') return null;
  return (
    <View style={styles.line} role="status" aria-live="polite">
      <Txt variant="small" tone={status.kind === 'failed' ? 'danger' : 'inkSoft'}>
        {statusText(status, say)}
      </Txt>
      {status.kind === 'done' ? (
        <>
          {status.failed.map(({ file, problem }) => (
            <Txt key={file} variant="small" tone="danger">
              {file}: {say(problem)} It is tried again at the next sync.
            </Txt>
          ))}
          {status.deleted > 0 ? (
            <View style={styles.deleted}>
              <Txt variant="small" tone="inkSoft">
                {status.deleted === 1
                  ? 'A ride you deleted is still in the recorder.'
                  : `${status.deleted} rides you deleted are still in the recorder.`}
              </Txt>
              <Button kind="quiet" label="Fetch again" onPress={onWithDeleted} />
            </View>
          ) : null}
        </>
      ) : null}
    </View>
  );
}

function statusText(
  status: Exclude<Props['status'], { kind: 'idle' }>,
  say: ReturnType<typeof useSay>,
): string {
  switch (status.kind) {
    case 'asking':
      return 'Asking the recorder …';
    case 'fetching':
      return `Fetching ride ${status.done + 1} of ${status.of} …`;
    case 'failed':
      return say(status.problem, 'The recorder');
    case 'done':
      if (status.added === 0) return status.failed.length ? 'No ride added.' : 'Nothing new.';
      return status.added === 1 ? '1 ride added.' : `${status.added} rides added.`;
  }
}

const styles = StyleSheet.create({
  line: { gap: 4 },
  deleted: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 8 },
});
