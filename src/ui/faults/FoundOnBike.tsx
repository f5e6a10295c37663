import { StyleSheet, View } from 'react-native';
import type { OpenFault } from '@/core/care/replay/faults';
import type { Followed } from '@/core/records/faults';
import { FOLLOW_ANSWERS, followQuestion, openFaultText } from '@/core/words/faults/found';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

export interface FoundOnBikeProps {
  faults: readonly OpenFault[];
  onFollowed: (fault: OpenFault, outcome: Followed) => void;
}

/** Faults to be put right, and those of which the last ride tells. */
export function FoundOnBike({ faults, onFollowed }: FoundOnBikeProps) {
  return (
    <Card title="Found on this bike">
      {faults.map((fault) => {
        const { found, putRight, ridden } = fault;
        if (putRight && !ridden) return null;
        return (
          <View key={found.id} style={styles.fault}>
            <Txt>{putRight ? followQuestion(fault) : openFaultText(fault)}</Txt>
            <View style={styles.row}>
              {putRight ? (
                FOLLOW_ANSWERS.map(({ outcome, label }) => (
                  <Button key={outcome} label={label} onPress={() => onFollowed(fault, outcome)} />
                ))
              ) : (
                <Button label="It is put right" onPress={() => onFollowed(fault, 'put right')} />
              )}
            </View>
          </View>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  fault: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
