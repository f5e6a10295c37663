import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube';
import { Button, Choice } from '../form';
import { Txt } from '../theme';

interface Props {
  /** The chain that comes off; null: there is none on the bike. */
  old: { name: string } | null;
  /** What there is to say before it is fitted. */
  note: ReactNode;
  onFit: (fit: { lube: LubeClass | null; keepsOld: boolean }) => void;
}

/** A new chain for a bike: what is on it, and what becomes of the old one. Everything else is as on the old one. */
export function NewChain({ old, note, onFit }: Props) {
  const [lube, setLube] = useState<LubeClass | null>('wet');
  const [oldOne, setOldOne] = useState<'keep' | 'worn'>('keep');
  return (
    <View style={styles.form}>
      <Choice<LubeClass | null>
        label="Lube on the new chain"
        options={[
          ...LUBE_CLASS_NAMES.map((value) => ({
            value,
            label: value.charAt(0).toUpperCase() + value.slice(1),
            ...(value === 'wet' ? { hint: 'Factory grease counts as wet lube.' } : {}),
          })),
          { value: null, label: 'None, bare' },
        ]}
        value={lube}
        onChange={setLube}
      />
      {old ? (
        <Choice
          label={`The old one, ${old.name}`}
          options={[
            { value: 'keep', label: 'Keep it' },
            { value: 'worn', label: 'It is worn out' },
          ]}
          value={oldOne}
          onChange={setOldOne}
        />
      ) : null}
      <Txt variant="small" tone="inkSoft">
        It goes on now, with the links and speeds of the chain before. Change them in the garage.
      </Txt>
      {note}
      <Button
        kind="strong"
        label="Fit the new chain"
        onPress={() => onFit({ lube, keepsOld: oldOne === 'keep' })}
      />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 18, alignSelf: 'stretch' } });
