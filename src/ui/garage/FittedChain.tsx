import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { readMoment } from '@/core/entry/form';
import type { Chain } from '@/core/records/garage';
import type { Problem } from '@/core/problem';
import { Button } from '../form/Button';
import { MomentField } from '../form/MomentField';
import { Txt } from '../theme/Txt';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  chain: Chain;
  /** When it was fitted, ISO. */
  since: string | null;
  now: number;
  /** The form of a new one. */
  ofNew: ReactNode;
  /** Whether that is open from the start. */
  isNewOpen?: boolean;
  onRemove: (at: string) => void;
}

const day = dateFormat({ dateStyle: 'long' });

/** The chain on a bike, and taking it off. */
export function FittedChain({ chain, since, now, ofNew, isNewOpen = false, onRemove }: Props) {
  const [doing, setDoing] = useState<'taking off' | 'a new one' | null>(
    isNewOpen ? 'a new one' : null,
  );
  const [at, setAt] = useState<string | null>(new Date(now).toISOString());
  const [problem, setProblem] = useState<Problem | undefined>();
  const remove = () => {
    const when = readMoment(at, now);
    const early = when.ok && since !== null && when.value < since;
    const found: Problem | undefined = !when.ok
      ? when.problem
      : early
        ? { code: 'chain/not-fitted' }
        : undefined;
    setProblem(found);
    if (when.ok && !found) onRemove(when.value);
  };
  return (
    <View style={styles.box}>
      <Txt>
        {chain.name}
        {since ? `, on it since ${day.format(Date.parse(since))}.` : '.'}
      </Txt>
      {doing === 'a new one' ? (
        ofNew
      ) : doing === 'taking off' ? (
        <>
          <MomentField label="Taken off" value={at} onChange={setAt} problem={problem} />
          <Button label="Take it off" onPress={remove} />
        </>
      ) : (
        <View style={styles.buttons}>
          <Button label="Fit a new chain" onPress={() => setDoing('a new one')} />
          <Button label="Take this chain off" onPress={() => setDoing('taking off')} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 12, alignItems: 'flex-start' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
