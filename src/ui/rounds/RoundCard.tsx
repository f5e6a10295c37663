import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike } from '@/core/records/garage';
import { isDue, type RoundState } from '@/core/rounds/due';
import type { Units } from '@/core/units/convert';
import { ROUND_END_LABEL } from '@/core/words/roundLabels';
import { dueSentence, roundName } from '@/core/words/roundLines';
import { roundSaid } from '@/core/words/rounds';
import { ROUND_ENDS, type RoundEnd } from '@/core/records/rounds';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  state: RoundState;
  bike: Bike;
  units: Units;
  onEnd: (end: RoundEnd) => void;
  onOff: () => void;
}

/** One slower round: whether it is due, how it is done, and noting it. */
export function RoundCard({ state, bike, units, onEnd, onOff }: Props) {
  const [open, setOpen] = useState(false);
  const { round, minutes } = state;
  const { tools, steps, caution } = roundSaid(round, bike);
  const due = isDue(state);
  const name = roundName(round, bike);
  return (
    <Card title={due ? `${name}, due` : name}>
      <Txt>{dueSentence(state, units)}</Txt>
      <Txt tone="inkSoft">{`${minutes} min. ${tools}.`}</Txt>
      <Button
        label={open ? 'Hide the steps' : `${name}: the steps`}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <>
          {steps.map((line, n) => (
            <Txt key={line}>{`${n + 1}. ${line}`}</Txt>
          ))}
          <Txt variant="strong">{caution}</Txt>
          <View style={styles.row}>
            {ROUND_ENDS.map((end) => (
              <Button
                key={end}
                label={ROUND_END_LABEL[end]}
                kind={end === 'fine' ? 'strong' : 'plain'}
                onPress={() => onEnd(end)}
              />
            ))}
            <Button label="Do not offer this" kind="quiet" onPress={onOff} />
          </View>
        </>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
