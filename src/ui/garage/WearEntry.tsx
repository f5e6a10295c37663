import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainState } from '@/core/care';
import { readWear } from '@/core/entry/fitting';
import type { Problem } from '@/core/problem';
import { formatDistance, formatElongation, type UnitSystem } from '@/core/units';
import { Button, Choice, Field } from '../form';
import { Txt } from '../theme';

interface Props {
  state: ChainState;
  units: UnitSystem;
  onRead: (tool: 'checker' | 'ruler', percent: number) => void;
}

/** What the model thinks of the wear, and a reading to set it right. */
export function WearEntry({ state, units, onRead }: Props) {
  const [tool, setTool] = useState<'checker' | 'ruler'>('checker');
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<Problem | undefined>();
  const save = () => {
    const read = readWear(text);
    const missing = read.ok && read.value === null;
    setProblem(!read.ok ? read.problem : missing ? { code: 'number/missing' } : undefined);
    if (read.ok && read.value !== null) onRead(tool, read.value);
  };
  return (
    <View style={styles.box}>
      <Txt>
        Reckoned {formatElongation(state.wear)} after {formatDistance(state.km, units)}, give or
        take {formatElongation(state.wearSd)}.
      </Txt>
      <Choice
        label="Read with"
        options={[
          { value: 'checker' as const, label: 'Chain checker' },
          {
            value: 'ruler' as const,
            label: 'Ruler',
            hint: '24 pitches are 304.8 mm new; 306.3 mm is 0.5 %, 307.8 mm is 1 %.',
          },
        ]}
        value={tool}
        onChange={setTool}
      />
      <Field
        label="Reading"
        value={text}
        onChange={setText}
        problem={problem}
        unit="%"
        numeric
        onSubmit={save}
      />
      <Button label="Note the reading" onPress={save} />
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 12 },
});
