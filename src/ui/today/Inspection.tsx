import { StyleSheet, View } from 'react-native';
import { FINDINGS, type Finding } from '@/core/records/kinds';
import { FINDING_LABEL } from '@/core/words/labels';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

/** Asks what an inspection after rust found. */
export function Inspection({ onFound }: { onFound: (found: Finding) => void }) {
  return (
    <Card title="What did you find?">
      <Txt variant="small" tone="inkSoft">
        Bend each link by hand: it should straighten by itself. Pits are holes in rollers or plates
        that stay when the brown is brushed off.
      </Txt>
      <View style={styles.row}>
        {FINDINGS.map((found) => (
          <Button key={found} label={FINDING_LABEL[found]} onPress={() => onFound(found)} />
        ))}
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
