import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readWithin } from '@/core/entry/number';
import type { Result } from '@/core/problem';
import { Field } from './Field';

interface Limits {
  label: string;
  unit?: string;
  hint?: string;
  low: number;
  high: number;
}

/** A field of a calculator: its text, and the number it reads as. */
export function useAmount(start: number, { label, unit, hint, low, high }: Limits) {
  const [text, setText] = useState(String(start));
  const read: Result<number> = readWithin(text, low, high);
  const field = (
    <View style={styles.field}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        numeric
        problem={read.ok ? undefined : read.problem}
        {...(unit ? { unit } : {})}
        {...(hint ? { hint } : {})}
      />
    </View>
  );
  return { field, value: read.ok ? read.value : null };
}

const styles = StyleSheet.create({ field: { flexGrow: 1, flexBasis: 140 } });
