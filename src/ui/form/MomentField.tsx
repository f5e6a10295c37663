import { formatISO } from 'date-fns/formatISO';
import type { Problem } from '@/core/problem';
import { PickerField } from './PickerField';

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

/** A moment: a day and a time, or a day, as an instant. */
export function MomentField({ label, value, onChange, problem, dayOnly = false }: Props) {
  return (
    <PickerField
      label={label}
      type={dayOnly ? 'date' : 'datetime-local'}
      value={value ? formatISO(new Date(value)).slice(0, dayOnly ? DAY : MINUTES) : ''}
      problem={problem}
      onChange={(text) => {
        const picked = new Date(dayOnly ? `${text}T00:00` : text);
        onChange(Number.isNaN(picked.getTime()) ? null : picked.toISOString());
      }}
    />
  );
}
