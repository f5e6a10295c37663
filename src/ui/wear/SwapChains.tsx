import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike, Chain } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { rotationOf } from '@/core/wear/rotation';
import { turnsAhead } from '@/core/wear/turns';
import { rotationSentence, turnsSentence } from '@/core/words/rotation';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import type { Played } from './useWear';

interface Props {
  bike: Bike;
  played: Played;
  chains: Readonly<Record<string, Chain>>;
  units: Units;
  /** Swapping step by step. */
  onBench: (off: Chain) => void;
  /** It is done already. */
  onSwap: (on: Chain) => void;
}

/** Of a bike whose chains take turns: which to ride and why, and swapping them. */
export function SwapChains({ bike, played, chains, units, onBench, onSwap }: Props) {
  const rotation = useMemo(
    () => rotationOf(played.replay.steps, chains, played.replay.book.fitted, bike),
    [played, chains, bike],
  );
  const ahead = useMemo(
    () => rotation && turnsAhead(played.replay.steps, rotation, bike),
    [played, rotation, bike],
  );
  if (!rotation) return null;
  const { on, next, due } = rotation;
  return (
    <View style={styles.box}>
      <Txt>{rotationSentence(rotation)}</Txt>
      {ahead ? (
        <Txt variant="small" tone="inkSoft">
          {turnsSentence(rotation, ahead, units)}
        </Txt>
      ) : null}
      <View style={styles.buttons}>
        <Button
          kind={due ? 'strong' : 'plain'}
          label="Swap them at the bench"
          onPress={() => onBench(on.chain)}
        />
        <Button label={`${next.chain.name} is on already`} onPress={() => onSwap(next.chain)} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 12, alignItems: 'flex-start' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
