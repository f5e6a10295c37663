import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { Button } from '../form/Button';
import { ProgressBar } from '../form/ProgressBar';
import { Txt } from '../theme/Txt';

interface Props {
  answer: PlanAnswer | null;
  /** Share of a new plan that is made; null: none is being made. */
  progress: number | null;
  /** Why no new plan is being made: what is shown, if anything, is the one before. */
  old: 'stale' | 'failed' | null;
  onAgain: () => void;
  onCancel: () => void;
}

const OLD = { stale: 'The plan was cancelled.', failed: 'The plan could not be made.' } as const;

/** How far a new plan is, why there is none, or how far the plan reaches. */
export function Making({ answer, progress, old, onCancel, onAgain }: Props) {
  if (progress !== null)
    return (
      <View style={styles.making}>
        <View style={styles.bar}>
          <ProgressBar
            share={progress}
            label={answer ? 'Making the plan again' : 'Making the plan'}
          />
        </View>
        <Button kind="quiet" label="Cancel" onPress={onCancel} />
      </View>
    );
  if (old)
    return (
      <View style={styles.making}>
        <Txt style={styles.bar}>
          {OLD[old]}
          {answer ? ' You see the last plan.' : ''}
        </Txt>
        <Button label="Make it again" onPress={onAgain} />
      </View>
    );
  return answer ? (
    <Txt variant="small" tone="inkSoft">
      {`The next ${answer.days.length} days${answer.forecast ? ', by the forecast where it reaches' : ''}.`}
    </Txt>
  ) : null;
}

const styles = StyleSheet.create({
  making: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  bar: { flex: 1 },
});
