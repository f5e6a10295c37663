import { View } from 'react-native';
import type { Unsettled } from '@/core/records/kinds';
import { LEFT_OPEN, PUT_RIGHT } from '@/core/words/leftOpen';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

export interface LeftOpenProps {
  leftOpen: readonly Unsettled[];
  onSettled: (what: Unsettled) => void;
  /** To where a noise is traced to its cause. */
  onFind: () => void;
}

/** What the last work left open, until it is put right. */
export default function LeftOpen({ leftOpen, onSettled, onFind }: LeftOpenProps) {
  return (
    <Card title="Left open at the bench">
      {leftOpen.map((what) => (
        <View key={what} style={{ gap: 8 }}>
          <Txt>{LEFT_OPEN[what]}</Txt>
          {what === 'noise' ? <Button label="Find where it comes from" onPress={onFind} /> : null}
          <Button label={PUT_RIGHT[what]} onPress={() => onSettled(what)} />
        </View>
      ))}
    </Card>
  );
}
