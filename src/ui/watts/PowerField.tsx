import { useState } from 'react';
import { readIfAny } from '@/core/entry/number';
import type { Problem } from '@/core/problem';
import { Field } from '../form/Field';

interface Props {
  watts: number;
  onChange: (watts: number) => void;
}

/** The power the rider rides at. */
export function PowerField({ watts, onChange }: Props) {
  const [text, setText] = useState(String(watts));
  const [problem, setProblem] = useState<Problem | undefined>();
  return (
    <Field
      label="Your power"
      unit="W"
      hint="What you ride at for long. A guess will do."
      value={text}
      numeric
      half
      problem={problem}
      onChange={(next) => {
        setText(next);
        const read = readIfAny(next, 30, 600);
        setProblem(read.ok ? undefined : read.problem);
        if (read.ok && read.value !== null) onChange(Math.round(read.value));
      }}
    />
  );
}
