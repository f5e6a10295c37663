import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import type { StartDraft, StartField } from '@/core/entry/fitting';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import { distanceUnit, type Units } from '@/core/units/convert';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';

export const NEW_START: StartDraft = {
  lube: 'wet',
  look: 'used',
  sinceLube: '',
  before: '',
  wearPercent: '',
};

interface Props {
  draft: StartDraft;
  onChange: (part: Partial<StartDraft>) => void;
  problems: FieldProblems<StartField>;
  units: Units;
}

/** How a chain is when it comes into the logbook. */
export function StartFields({ draft, onChange, problems, units }: Props) {
  const unit = distanceUnit(units);
  return (
    <>
      <Choice<LubeClass | null>
        label="Lube on it"
        options={[
          ...LUBE_CLASS_NAMES.map((l) => ({
            value: l,
            label: l.charAt(0).toUpperCase() + l.slice(1),
          })),
          { value: null, label: 'None, bare' },
        ]}
        value={draft.lube}
        onChange={(lube) => onChange({ lube })}
      />
      <Choice
        label="How it looks"
        options={[
          { value: 'clean' as const, label: 'Clean', hint: 'New, or fresh from a deep clean.' },
          { value: 'used' as const, label: 'Grey', hint: 'In normal use: a rag comes away grey.' },
          { value: 'dirty' as const, label: 'Black', hint: 'Black and gritty.' },
        ]}
        value={draft.look}
        onChange={(look) => onChange({ look })}
      />
      <View style={styles.pair}>
        <Field
          label="Ridden since it was lubed"
          value={draft.sinceLube}
          onChange={(sinceLube) => onChange({ sinceLube })}
          problem={problems.sinceLube}
          unit={unit}
          hint="A guess will do. Empty: just lubed."
          numeric
        />
        <Field
          label="Ridden since it was new"
          value={draft.before}
          onChange={(before) => onChange({ before })}
          problem={problems.before}
          unit={unit}
          hint="Empty: new."
          numeric
        />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
