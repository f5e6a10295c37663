import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Chain } from '@/core/garage';
import { rotationOf } from '@/core/wear';
import { rotationSentence } from '@/core/words/wear';
import { Button } from '../form';
import { Txt } from '../theme';
import type { Played } from './useWear';

interface Props {
  bikeId: string;
  played: Played;
  chains: Readonly<Record<string, Chain>>;
  onSwap: (on: Chain) => void;
}

/** Of a bike whose chains take turns: which to ride and why, and swapping them. */
export function SwapChains({ bikeId, played, chains, onSwap }: Props) {
  const rotation = useMemo(
    () => rotationOf(played.replay.steps, chains, played.replay.book.fitted, bikeId),
    [played, chains, bikeId],
  );
  if (!rotation) return null;
  const { next, due } = rotation;
  return (
    <View style={styles.box}>
      <Txt>{rotationSentence(rotation)}</Txt>
      <Button
        kind={due ? 'strong' : 'plain'}
        label={`Swap to ${next.chain.name} now`}
        onPress={() => onSwap(next.chain)}
      />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 12, alignItems: 'flex-start' } });
