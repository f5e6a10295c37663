import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BenchStep } from '@/core/bench/steps';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { tone } from './device';

/** Turns or drops to count, with a beat to count by for those who want one. */
export function Counter({ counter }: { counter: NonNullable<BenchStep['counter']> }) {
  const colors = useColors();
  const [beats, setBeats] = useState<number | null>(null);
  const running = beats !== null && beats < counter.count;
  useEffect(() => {
    if (!running) return;
    const beat = setInterval(() => {
      setBeats((n) => (n ?? 0) + 1);
      tone('beat');
    }, 60_000 / counter.perMinute);
    return () => clearInterval(beat);
  }, [running, counter.perMinute]);
  const word = counter.kind === 'drops' ? 'drops' : counter.count === 1 ? 'turn' : 'turns';
  return (
    <View style={[styles.counter, { borderColor: colors.line, backgroundColor: colors.cloth }]}>
      <Txt variant="reading">{`${beats === null ? '' : `${beats} of `}${counter.count} ${word}`}</Txt>
      <Button
        label={
          running
            ? 'Stop the beeps'
            : counter.kind === 'turns'
              ? 'Beep each turn'
              : 'Beep each drop'
        }
        onPress={() => setBeats(running ? null : 0)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  counter: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: 12,
    borderWidth: 1,
    borderRadius: 12,
    padding: 12,
  },
});
