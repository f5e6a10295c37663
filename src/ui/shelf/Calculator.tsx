import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { readWithin } from '@/core/entry/dose';
import type { LubeClass } from '@/core/lube';
import type { ProductKind } from '@/core/shelf';
import type { ShelfRow } from '@/core/shelf/rows';
import type { Result } from '@/core/problem';
import { Field } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';

interface Props {
  title: string;
  /** The formula in words and signs. */
  formula: string;
  children: ReactNode;
}

/** Where the result of a calculator may come off the shelf, and taking it. */
export interface FromStock {
  rowsOf: (kind: ProductKind, lubeClass?: LubeClass | null) => readonly ShelfRow[];
  onTake: (row: ShelfRow, amount: number) => void;
}

/** One piece of arithmetic: what goes in, what comes out, and how. */
export function Calculator({ title, formula, children }: Props) {
  return (
    <Card title={title}>
      {children}
      <Txt variant="small" tone="inkSoft">
        {formula}
      </Txt>
    </Card>
  );
}

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

/** What comes out, large. */
export function Outcome({ children }: { children: ReactNode }) {
  return (
    <Txt variant="lead" live="polite">
      {children}
    </Txt>
  );
}

const styles = StyleSheet.create({ field: { flexGrow: 1, flexBasis: 140 } });
