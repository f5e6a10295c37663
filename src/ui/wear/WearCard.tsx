import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { UnitSystem } from '@/core/units';
import { careSentence, readLine, wearSentences } from '@/core/words/wear';
import { Button } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';
import { useWear, type WearFacts } from './useWear';
import { WearChart } from './WearChart';

interface Props extends WearFacts {
  units: UnitSystem;
  onMeasure: () => void;
  onService: () => void;
}

/** What is known of a chain's wear, what is to come, and the way to measure it. */
export function WearCard({ units, onMeasure, onService, ...facts }: Props) {
  const { now } = facts;
  const outlook = useWear(facts);
  const { id, name } = facts.chain;
  const drawn = useMemo(() => (outlook ? [{ id, name, outlook }] : []), [id, name, outlook]);
  if (!outlook) return null;
  const care = careSentence(outlook, units);
  const readings = [...outlook.story.readings].reverse();
  return (
    <Card title="Wear">
      {wearSentences(outlook, units, now).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <WearChart chains={drawn} units={units} now={now} />
      {care ? (
        <Txt variant="small" tone="inkSoft">
          {care}
        </Txt>
      ) : null}
      {readings.length > 0 ? (
        <View style={styles.readings}>
          <Txt variant="label">Readings</Txt>
          {readings.map((read) => (
            <Txt key={read.id} variant="small">
              {readLine(read, units)}
            </Txt>
          ))}
        </View>
      ) : null}
      <View style={styles.buttons}>
        <Button kind="strong" label="Measure the chain" onPress={onMeasure} />
        <Button label="Service history" onPress={onService} />
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  readings: { gap: 4 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
