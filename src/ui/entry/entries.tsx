import type { ComponentProps, ReactElement } from 'react';
import { useController, useFormContext, useWatch, type FieldValues } from 'react-hook-form';
import type { Problem } from '@/core/problem';
import { Choice, Toggles } from '../form/Choice';
import { Field } from '../form/Field';
import { MomentField } from '../form/MomentField';
import { PickerField } from '../form/PickerField';
import type { EntryError } from './useEntry';

/** Props of a field of its own, less what the form knows. */
type Bound<P, Name> = Omit<P, 'value' | 'onChange' | 'problem'> & { name: Name };
type ChoiceProps = ComponentProps<typeof Choice<string | number | null>>;

function useBound(name: string) {
  const { field, fieldState } = useController({ name });
  const error = fieldState.error as EntryError | undefined;
  const problem: Problem | undefined = error?.problem;
  const onChange = field.onChange as (value: unknown) => void;
  // By its reference the form finds the first field that is wrong, and puts the cursor there.
  return { value: field.value, onChange, problem, inputRef: field.ref };
}

function TextEntry({ name, ...props }: Bound<ComponentProps<typeof Field>, string>) {
  const { inputRef, ...bound } = useBound(name);
  return <Field {...props} {...bound} inputRef={inputRef} />;
}

function PickerEntry({ name, ...props }: Bound<ComponentProps<typeof PickerField>, string>) {
  const { value, onChange, problem } = useBound(name);
  return <PickerField {...props} value={value} onChange={onChange} problem={problem} />;
}

function MomentEntry({ name, ...props }: Bound<ComponentProps<typeof MomentField>, string>) {
  const { value, onChange, problem } = useBound(name);
  return <MomentField {...props} value={value} onChange={onChange} problem={problem} />;
}

function ChoiceEntry({ name, ...props }: Bound<ChoiceProps, string>) {
  const { value, onChange } = useBound(name);
  return <Choice {...props} value={value} onChange={onChange} />;
}

interface TogglesProps<Name> {
  label: string;
  options: readonly { name: Name; label: string }[];
}

function ToggleEntries({ label, options }: TogglesProps<string>) {
  const { setValue } = useFormContext();
  const values = useWatch({ name: options.map((o) => o.name) }) as boolean[];
  return (
    <Toggles
      label={label}
      options={options.map((option, n) => ({
        label: option.label,
        on: values[n] ?? false,
        onChange: (on) => setValue(option.name, on),
      }))}
    />
  );
}

/** Fields bound to the form around them, by the names of its draft. */
interface Entries<Name extends string> {
  Text: (props: Bound<ComponentProps<typeof Field>, Name>) => ReactElement;
  Picker: (props: Bound<ComponentProps<typeof PickerField>, Name>) => ReactElement;
  Moment: (props: Bound<ComponentProps<typeof MomentField>, Name>) => ReactElement;
  Choice: (props: Bound<ChoiceProps, Name>) => ReactElement;
  Toggles: (props: TogglesProps<Name>) => ReactElement;
}

/** The bound fields of a draft: a name it does not have does not compile. */
export const entriesOf = <Draft extends FieldValues>(): Entries<Extract<keyof Draft, string>> => ({
  Text: TextEntry,
  Picker: PickerEntry,
  Moment: MomentEntry,
  Choice: ChoiceEntry,
  Toggles: ToggleEntries,
});
