import { useId, type Ref } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { Txt } from '../theme/Txt';
import { useTheme } from '../theme/ThemeContext';
import { useSay } from '../useSay';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  problem?: Problem | undefined;
  /** Follows the field: km, %, h. */
  unit?: string;
  hint?: string;
  numeric?: boolean;
  autoFocus?: boolean;
  onSubmit?: () => void;
  /** Shares its row with another. */
  half?: boolean;
  /** Shown large: the one number of the form. */
  large?: boolean;
  /** For a form that puts the cursor where something is wrong. */
  inputRef?: Ref<TextInput>;
}

/** A line to write in, with its label above and what is wrong with it beside. */
export function Field({
  label,
  value,
  onChange,
  problem,
  unit,
  hint,
  numeric = false,
  autoFocus = false,
  onSubmit,
  half = false,
  large = false,
  inputRef,
}: Props) {
  const { colors, textScale } = useTheme();
  const id = useId();
  const font = (large ? 30 : 17) * textScale;
  return (
    <View style={[styles.field, half && styles.half]}>
      <Txt variant="label" id={`${id}-label`}>
        {label}
      </Txt>
      <View style={styles.row}>
        <TextInput
          ref={inputRef}
          aria-labelledby={`${id}-label`}
          aria-describedby={problem ? `${id}-problem` : undefined}
          aria-invalid={problem !== undefined}
          value={value}
          onChangeText={onChange}
          inputMode={numeric ? 'decimal' : 'text'}
          autoFocus={autoFocus}
          onSubmitEditing={onSubmit}
          style={[
            styles.input,
            numeric && styles.numeric,
            {
              fontSize: font,
              color: colors.ink,
              backgroundColor: colors.field,
              borderColor: problem ? colors.danger : colors.lineStrong,
            },
          ]}
        />
        {unit ? (
          <Txt variant={large ? 'title' : 'body'} tone="inkSoft">
            {unit}
          </Txt>
        ) : null}
      </View>
      <FieldProblem id={`${id}-problem`} problem={problem} />
      {hint && !problem ? (
        <Txt variant="small" tone="inkSoft">
          {hint}
        </Txt>
      ) : null}
    </View>
  );
}

/** The sentence for what is wrong, read out when it appears. */
export function FieldProblem({ id, problem }: { id?: string; problem?: Problem | undefined }) {
  const say = useSay();
  if (!problem) return null;
  return (
    <Txt variant="small" tone="danger" live="polite" {...(id ? { id } : {})}>
      {say(problem)}
    </Txt>
  );
}

const styles = StyleSheet.create({
  field: { gap: 6, flexGrow: 1, flexShrink: 1 },
  half: { flexBasis: 130 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  input: {
    flex: 1,
    minWidth: 60,
    minHeight: 48,
    borderWidth: 1,
    borderRadius: 10,
    paddingHorizontal: 12,
    fontFamily: 'Hanken Grotesk',
  },
  numeric: { fontFamily: 'Red Hat Mono', maxWidth: 220 },
});
