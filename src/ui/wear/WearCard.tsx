import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Units } from '@/core/units/convert';
import { careSentence, cassetteSentence, readLine, wearSentences } from '@/core/words/wear';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useWear, type WearFacts } from './useWear';
import { WearChart } from './WearChart';

interface Props extends WearFacts {
  units: Units;
  onMeasure: () => void;
  onService: () => void;
  /** A reading, by the id of its event. */
  onChange: (readingId: string) => void;
  onDelete: (readingId: string) => void;
}

/** What is known of a chain's wear, what is to come, and the way to measure it. */
export function WearCard(props: Props) {
  const { units, onMeasure, onService, onChange, onDelete, ...facts } = props;
  const { now } = facts;
  const outlook = useWear(facts);
  const { id, name } = facts.chain;
  const drawn = useMemo(() => (outlook ? [{ id, name, outlook }] : []), [id, name, outlook]);
  if (!outlook) return null;
  const beside = [careSentence(outlook, units), cassetteSentence(outlook, units)].filter(
    (sentence) => sentence !== null,
  );
  const readings = [...outlook.story.readings].reverse();
  return (
    <Card title="Wear" help="wear">
      {wearSentences(outlook, units, now).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <WearChart chains={drawn} units={units} now={now} />
      {beside.map((sentence) => (
        <Txt key={sentence} variant="small" tone="inkSoft">
          {sentence}
        </Txt>
      ))}
      {readings.length > 0 ? (
        <View style={styles.readings}>
          <Txt variant="label">Readings</Txt>
          {readings.map((read) => (
            <View key={read.id} style={styles.reading}>
              <Txt variant="small" style={styles.grow}>
                {readLine(read, units)}
              </Txt>
              <Button kind="quiet" label="Change" onPress={() => onChange(read.id)} />
              <Button kind="quiet" label="Delete" onPress={() => onDelete(read.id)} />
            </View>
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
  reading: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 4 },
  // With large text the buttons go below their line.
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 140 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
