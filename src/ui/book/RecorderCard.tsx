import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  on: boolean;
  /** What is remembered of imports, in words. */
  remembered: readonly { key: string; text: string }[];
  onRecorder: (on: boolean) => void;
  onForget: (key: string) => void;
}

/** The ride recorder, and what the app remembers so as not to ask twice when rides come in. */
export function RecorderCard({ on, remembered, onRecorder, onForget }: Props) {
  return (
    <Card title="Rides that come by themselves">
      <Choice
        label="Ride recorder"
        options={[
          { value: 0, label: 'None', hint: 'Rides come by hand or from files.' },
          {
            value: 1,
            label: 'Sync from it',
            hint: 'Rides has a Sync button. The recorder that ships with the app holds the rides of the demo’s rider.',
          },
        ]}
        value={on ? 1 : 0}
        onChange={(value) => onRecorder(value === 1)}
      />
      {remembered.length > 0 ? <Txt variant="label">Remembered from imports</Txt> : null}
      {remembered.map(({ key, text }) => (
        <View key={key} style={styles.row}>
          <Txt variant="small" style={styles.grow}>
            {text}
          </Txt>
          <Button kind="quiet" label="Forget" onPress={() => onForget(key)} />
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1 },
});
