import { formatISO } from 'date-fns/formatISO';
import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { Txt, useTheme } from '../theme';
import { FieldProblem } from './Field';

/** Lengths of `2026-11-24T08:30` and `2026-11-24`, which is what the browser's pickers speak. */
const MINUTES = 16;
const DAY = 10;

interface Props {
  label: string;
  /** ISO instant, or null while the field is empty. */
  value: string | null;
  onChange: (value: string | null) => void;
  problem?: Problem | undefined;
  /** A day only; its instant is the start of the day. */
  dayOnly?: boolean;
}

/** A day and a time, or a day: the browser's own picker, which every phone knows how to show. */
export function MomentField({ label, value, onChange, problem, dayOnly = false }: Props) {
  const { colors, textScale } = useTheme();
  const id = useId();
  return (
    <View style={styles.field}>
      <Txt variant="label" id={`${id}-label`}>
        {label}
      </Txt>
      {createElement('input', {
        type: dayOnly ? 'date' : 'datetime-local',
        'aria-labelledby': `${id}-label`,
        'aria-describedby': problem ? `${id}-problem` : undefined,
        'aria-invalid': problem !== undefined,
        defaultValue: value ? formatISO(new Date(value)).slice(0, dayOnly ? DAY : MINUTES) : '',
        onChange: (event: { target: { value: string } }) => {
          const picked = new Date(dayOnly ? `${event.target.value}T00:00` : event.target.value);
          onChange(Number.isNaN(picked.getTime()) ? null : picked.toISOString());
        },
        style: {
          font: `500 ${16 * textScale}px 'Red Hat Mono'`,
          minHeight: 48,
          boxSizing: 'border-box',
          width: '100%',
          minWidth: 0,
          padding: '0 12px',
          borderRadius: 10,
          border: `1px solid ${problem ? colors.danger : colors.lineStrong}`,
          color: colors.ink,
          background: colors.field,
        },
      })}
      <FieldProblem id={`${id}-problem`} problem={problem} />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: 6, maxWidth: '100%' },
});
