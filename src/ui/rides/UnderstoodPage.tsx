import { StyleSheet, View } from 'react-native';
import type { Understood, UnderstoodChain } from '@/core/arrivals/understood';
import type { Units } from '@/core/units/convert';
import { chainLines, ridesLine } from '@/core/words/arrivals/understood';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  bikes: readonly Understood[];
  units: Units;
  onRides: () => void;
  onToday: () => void;
  onChange: (what: 'history' | 'chain' | 'wear', chain: UnderstoodChain) => void;
}

/** What the log holds of each bike's rides and believes of its chain, each line with the way to put it right. */
export function UnderstoodPage({ bikes, units, onRides, onToday, onChange }: Props) {
  return (
    <View style={styles.page}>
      {bikes.length === 0 ? <Txt>No rides are in the log yet.</Txt> : null}
      {bikes.map((of) => (
        <Card key={of.bike.id} title={of.bike.name}>
          <View style={styles.line}>
            <Txt style={styles.grow}>{ridesLine(of, units)}</Txt>
            <Button kind="quiet" label="See them" onPress={onRides} />
          </View>
          {of.chain ? (
            <>
              <Txt variant="strong">{of.chain.chain.name}</Txt>
              {chainLines(of.chain, units).map(({ text, change }) => (
                <View key={text} style={styles.line}>
                  <Txt style={styles.grow}>{text}</Txt>
                  <Button
                    kind="quiet"
                    label={change === 'wear' ? 'Measure' : 'Change'}
                    onPress={() => of.chain && onChange(change, of.chain)}
                  />
                </View>
              ))}
            </>
          ) : (
            <Txt tone="inkSoft">No chain is on it.</Txt>
          )}
        </Card>
      ))}
      <Button kind="strong" label="All right, to Today" onPress={onToday} />
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: 18 },
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  // With large text the button goes below its line.
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
});
