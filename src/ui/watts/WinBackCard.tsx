import { StyleSheet, View } from 'react-native';
import type { MinutesLost } from '@/core/watts/minutes';
import type { WinBack } from '@/core/watts/winBack';
import { minutesSentence, perWattSaid, waySentence, winBackFacts } from '@/core/words/watts';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  ways: readonly WinBack[];
  currency: string | null;
  /** What the losses cost on a ride, and how that ride is called. */
  lost: MinutesLost;
  ride: string;
}

/** What wins watts back, the most for a minute's work first; and what they are worth on a ride. */
export function WinBackCard({ ways, currency, lost, ride }: Props) {
  return (
    <Card title="Win them back">
      <Txt>{minutesSentence(lost, ride)}</Txt>
      {ways.length === 0 ? <Txt>There is nothing worth doing for speed now.</Txt> : null}
      <View>
        {ways.map((way) => (
          <WinBackRow key={way.way} way={way} currency={currency} />
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        Each stands for itself: what one wins back, another cannot win again.
      </Txt>
    </Card>
  );
}

function WinBackRow({ way, currency }: { way: WinBack } & Pick<Props, 'currency'>) {
  const perWatt = perWattSaid(way, currency);
  return (
    <View style={[styles.row, { borderColor: useColors().line }]}>
      <View style={styles.words}>
        <Txt>{waySentence(way)}</Txt>
        {perWatt ? (
          <Txt variant="small" tone="inkSoft">
            {perWatt}
          </Txt>
        ) : null}
      </View>
      <Txt variant="numberSmall">{winBackFacts(way, currency)}</Txt>
    </View>
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
