import { StyleSheet, View } from 'react-native';
import type { SwapAhead } from '@/core/plan/agenda/swaps';
import { shortDay } from '@/core/time/dates';
import { swapSentence } from '@/core/words/rotation';
import { Button } from '../form';
import { Txt, useColors } from '../theme';

interface Props {
  swap: SwapAhead;
  onDo: (swap: SwapAhead) => void;
}

/** Two chains of a bike to be swapped on a day of the plan. */
export function SwapRow({ swap, onDo }: Props) {
  const colors = useColors();
  return (
    <View
      role="group"
      aria-label={`${swap.bike.name}, swap, ${shortDay(swap.date)}`}
      style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.line }]}
    >
      <Txt variant="strong">{`${swap.bike.name}: swap the chains`}</Txt>
      <Txt variant="small">{swapSentence(swap)}</Txt>
      <Button label="Do it" onPress={() => onDo(swap)} />
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, padding: 14, gap: 8, alignItems: 'flex-start' },
});
