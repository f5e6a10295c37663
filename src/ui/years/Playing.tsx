import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { ProgressBar } from '../form/ProgressBar';
import { Txt } from '../theme/Txt';
import type { YearsKnown } from './useYears';

interface Props {
  known: YearsKnown & { cancel: () => void };
  onAgain: () => void;
}

/** How far the years are played, and what can be done about it. */
export function Playing({ known, onAgain }: Props) {
  const { state, share, cancel } = known;
  if (state === 'done')
    return (
      <View role="status" aria-live="polite" style={styles.playing}>
        <Txt tone="inkSoft">Every way was ridden through the same futures.</Txt>
      </View>
    );
  if (state === 'playing')
    return (
      <View role="status" aria-live="polite" style={styles.playing}>
        <ProgressBar share={share} label="Riding the years" />
        <Button label="Cancel" onPress={cancel} />
      </View>
    );
  return (
    <View role="status" aria-live="polite" style={styles.playing}>
      <Txt>
        {state === 'cancelled'
          ? 'Cancelled. You are seeing what was played so far.'
          : 'The years could not be played. Try again; if it stays so, restart the app.'}
      </Txt>
      <Button label="Play them again" onPress={onAgain} />
    </View>
  );
}

const styles = StyleSheet.create({
  // As high in every state: what stands below does not jump.
  playing: { gap: 10, minHeight: 68, justifyContent: 'center' },
});
