import { StyleSheet, View } from 'react-native';
import { allWatts, USUAL_W, WATT_ITEMS, type WattItem, type WattLedger } from '@/core/watts/ledger';
import { formatWatts, NOT_KNOWN, WATT_LABEL, wattsSentence } from '@/core/words/watts';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  ledger: WattLedger;
  power: number;
}

/** What the chain takes now, item by item, on one scale. */
export function LedgerCard({ ledger, power }: Props) {
  const most = Math.max(4, ...WATT_ITEMS.map((item) => ledger[item] ?? 0));
  return (
    <Card title="Watts lost now" help="watts">
      <Txt variant="lead">{wattsSentence(allWatts(ledger), power)}</Txt>
      <View>
        {WATT_ITEMS.map((item) => (
          <Row key={item} item={item} watts={ledger[item]} most={most} />
        ))}
      </View>
    </Card>
  );
}

function Row({ item, watts, most }: { item: WattItem; watts: number | null; most: number }) {
  const colors = useColors();
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <View style={styles.words}>
        <Txt>{WATT_LABEL[item]}</Txt>
        <Txt variant="number">
          {watts === null ? `0 to ${USUAL_W[item][1]} W` : formatWatts(watts)}
        </Txt>
      </View>
      {watts === null ? (
        <Txt variant="small" tone="inkSoft">
          {NOT_KNOWN[item]}
        </Txt>
      ) : (
        <View style={styles.track} aria-hidden>
          <View
            style={[
              styles.fill,
              { width: `${(watts / most) * 100}%`, backgroundColor: colors.ink },
            ]}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { paddingVertical: 8, borderTopWidth: 1, gap: 4 },
  words: { flexDirection: 'row', justifyContent: 'space-between', gap: 12 },
  track: { height: 8 },
  fill: { height: 8, borderRadius: 3 },
});
