import { StyleSheet, View } from 'react-native';
import type { MinutesLost, WinBack } from '@/core/watts';
import { minutesSentence, waySentence, winBackFacts } from '@/core/words/watts';
import { Card } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  ways: readonly WinBack[];
  currency: string | null;
  /** What the losses cost on a ride, and how that ride is called. */
  lost: MinutesLost;
  ride: string;
}

/** What wins watts back, the most for a minute's work first; and what they are worth on a ride. */
export function WinBackCard({ ways, currency, lost, ride }: Props) {
  const colors = useColors();
  return (
    <Card title="Win them back">
      <Txt>{minutesSentence(lost, ride)}</Txt>
      {ways.length === 0 ? <Txt>There is nothing worth doing for speed now.</Txt> : null}
      <View>
        {ways.map((way) => (
          <View key={way.way} style={[styles.row, { borderColor: colors.line }]}>
            <Txt style={styles.words}>{waySentence(way)}</Txt>
            <Txt variant="numberSmall">{winBackFacts(way, currency)}</Txt>
          </View>
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        Each stands for itself: what one wins back, another cannot win again.
      </Txt>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'center',
    columnGap: 12,
    paddingVertical: 9,
    borderTopWidth: 1,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
});
