import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/bench/job';
import { asksCoat, troublesOf, type Trouble } from '@/core/bench/trouble';
import { helpWith } from '@/core/words/trouble';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  job: Job;
  coat: number;
  onCoat: (share: number) => void;
  onNoise: () => void;
  onClose: () => void;
}

const COATS = [0.25, 0.5, 0.75, 1] as const;
const COAT_WORD: Record<(typeof COATS)[number], string> = {
  0.25: 'A quarter',
  0.5: 'Half',
  0.75: 'Three quarters',
  1: 'All of it',
};

/** Something went wrong: what to do, and back to the work where it was. */
export function TroubleSheet({ job, coat, onCoat, onNoise, onClose }: Props) {
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const help = trouble && helpWith(trouble, job);
  return (
    <View style={styles.sheet}>
      {help ? (
        <Card title={help.title}>
          {help.steps.map((step, n) => (
            <Txt key={step}>{`${n + 1}. ${step}`}</Txt>
          ))}
          {asksCoat(trouble) ? (
            <Choice<number>
              label="Of the chain, coated"
              options={COATS.map((value) => ({ value, label: COAT_WORD[value] }))}
              value={coat}
              onChange={onCoat}
            />
          ) : null}
        </Card>
      ) : (
        <Card title="What is the trouble?">
          {troublesOf(job).map((t) => (
            <Button key={t} label={helpWith(t, job).title} onPress={() => setTrouble(t)} />
          ))}
          <Button label="A noise: find where it comes from" onPress={onNoise} />
        </Card>
      )}
      <Button kind="strong" label="Back to the work" onPress={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({ sheet: { gap: 12 } });
