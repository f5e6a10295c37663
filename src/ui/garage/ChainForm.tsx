import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import { readChain, type ChainDraft, type ChainField, type ChainFields } from '@/core/entry/garage';
import { CLOSURES, type Chain, type Garage } from '@/core/garage';
import { Button, Choice, Field, FormFoot, Toggles } from '../form';

interface Props {
  chain: Chain | null;
  garage: Garage;
  onSave: (chain: ChainFields) => void;
  onRetire?: () => void;
}

const CLOSURE_HINTS = {
  'reusable link': 'Opens and closes again; count the openings.',
  'single-use link': 'Opens once. Take the chain off only with a new link at hand.',
  'connecting pin': 'Closed by a pin; opened with a chain tool and closed with a new pin.',
} as const;

/** All that matters of a chain. */
export function ChainForm({ chain, garage, onSave, onRetire }: Props) {
  const [draft, setDraft] = useState<ChainDraft>({
    name: chain?.name ?? '',
    links: String(chain?.links ?? 114),
    speeds: String(chain?.speeds ?? 11),
    closure: chain?.closure ?? 'reusable link',
    directional: chain?.directional ?? false,
  });
  const [problems, setProblems] = useState<FieldProblems<ChainField>>({});
  const set = (part: Partial<ChainDraft>) => setDraft((d) => ({ ...d, ...part }));
  const save = () => {
    const read = readChain(draft, garage, chain?.id ?? '');
    setProblems(read.ok ? {} : read.problems);
    if (read.ok) onSave(read.value);
  };
  return (
    <View style={styles.form}>
      <Field
        label="Name"
        value={draft.name}
        onChange={(name) => set({ name })}
        problem={problems.name}
        autoFocus={chain === null}
      />
      <View style={styles.pair}>
        <Field
          label="Links"
          half
          value={draft.links}
          onChange={(links) => set({ links })}
          problem={problems.links}
          hint="One pin is one link."
          numeric
        />
        <Field
          label="Speeds"
          half
          value={draft.speeds}
          onChange={(speeds) => set({ speeds })}
          problem={problems.speeds}
          numeric
        />
      </View>
      <Choice
        label="Closed by"
        options={CLOSURES.map((value) => ({
          value,
          label: value.charAt(0).toUpperCase() + value.slice(1),
          hint: CLOSURE_HINTS[value],
        }))}
        value={draft.closure}
        onChange={(closure) => set({ closure })}
      />
      <Toggles
        label="Direction"
        options={[
          {
            label: 'Runs one way only',
            on: draft.directional,
            onChange: (directional) => set({ directional }),
          },
        ]}
      />
      <FormFoot>
        <Button kind="strong" label={chain ? 'Save chain' : 'Add chain'} onPress={save} grow />
        {onRetire ? <Button kind="danger" label="Remove chain" onPress={onRetire} /> : null}
      </FormFoot>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
