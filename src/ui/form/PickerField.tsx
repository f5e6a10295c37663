import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { Txt } from '../theme/Txt';
import { useTheme } from '../theme/ThemeContext';
import { nativeStyle } from './nativeStyle';
import { FieldProblem } from './Field';

interface Props {
  label: string;
  type: 'date' | 'time' | 'datetime-local';
  /** As the browser's pickers speak: `2026-11-24`, `08:30`, `2026-11-24T08:30`; empty: none. */
  value: string;
  onChange: (value: string) => void;
  problem?: Problem | undefined;
}

/** The browser's own picker of a day or a time, which every phone knows how to show. */
export function PickerField({ label, type, value, onChange, problem }: Props) {
  const { colors, textScale } = useTheme();
  const id = useId();
  return (
    <View style={styles.field}>
      <Txt variant="label" id={`${id}-label`}>
        {label}
      </Txt>
      {createElement('input', {
        type,
        'aria-labelledby': `${id}-label`,
        'aria-describedby': problem ? `${id}-problem` : undefined,
        'aria-invalid': problem !== undefined,
        defaultValue: value,
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        style: nativeStyle(colors, textScale, {
          face: 'Red Hat Mono',
          border: problem ? colors.danger : colors.lineStrong,
        }),
      })}
      <FieldProblem id={`${id}-problem`} problem={problem} />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: 6, maxWidth: '100%' },
});
