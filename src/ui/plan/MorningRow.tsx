import { StyleSheet, View } from 'react-native';
import type { MorningEntry } from '@/core/words/beforeRide';
import { shortDay } from '@/core/time/dates';
import { Button } from '../form';
import { Txt, useColors } from '../theme';

interface Props {
  coat: MorningEntry;
  onDo: (coat: MorningEntry) => void;
}

/** A thin coat on the morning of a ride. */
export function MorningRow({ coat, onDo }: Props) {
  const colors = useColors();
  return (
    <View
      role="group"
      aria-label={`${coat.bikeName}, thin coat, ${shortDay(coat.date)}`}
      style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.line }]}
    >
      <Txt variant="label" tone="inkSoft">{`${coat.bikeName} · ${coat.minutes} min`}</Txt>
      <Txt variant="strong">{coat.what}</Txt>
      <Txt variant="small">{coat.why}</Txt>
      <Button label="Do it" onPress={() => onDo(coat)} />
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, padding: 14, gap: 8, alignItems: 'flex-start' },
});
