import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { useForm, type FieldErrors, type FieldValues, type Resolver } from 'react-hook-form';
import type { FormResult } from '@/core/entry/form';
import type { Problem } from '@/core/problem';
import { readKept, writeKept } from '../form/keptDraft';

/** What is wrong with a field travels as data: it is said where it is shown. */
export interface EntryError {
  type: string;
  problem: Problem;
}

/** A form's reader as react-hook-form asks for one: the record, or what is wrong by field. */
const resolverOf =
  <Draft extends FieldValues, T extends FieldValues>(
    read: (draft: Draft) => FormResult<T, string>,
  ): Resolver<Draft, unknown, T> =>
  (draft) => {
    const result = read(draft);
    if (result.ok) return { values: result.value, errors: {} };
    const errors = Object.entries(result.problems).map(([field, problem]) => [
      field,
      { type: problem?.code, problem },
    ]);
    return { values: {}, errors: Object.fromEntries(errors) as FieldErrors<Draft> };
  };

/**
 * A form filled with a draft and read by its reader in core/entry. `save` reads it and hands the record on, or
 * shows what is wrong beside each field; a field put right says so at once. What is typed and not saved comes back with
 * the form; `startAfresh` then throws it away, and is null where nothing came back.
 */
export function useEntry<Draft extends FieldValues, T extends FieldValues>(
  draft: Draft,
  read: (draft: Draft) => FormResult<T, string>,
  onSave: (value: T) => void,
) {
  const [opened] = useState(draft);
  // The router's path, not the window's: on the way forward the page is drawn before the address follows.
  const path = usePathname();
  const [name] = useState(() => [path, ...Object.keys(opened)].join(' '));
  const [kept] = useState(() => readKept<Draft>(name));
  const [isKept, setIsKept] = useState(Object.keys(kept).length > 0);
  const form = useForm<Draft, unknown, T>({
    defaultValues: { ...opened, ...kept } as never,
    resolver: resolverOf(read),
  });
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values }) => writeKept(name, values, opened),
      }),
    [form, name, opened],
  );
  const startAfresh = () => {
    form.reset(opened);
    writeKept(name, opened, opened);
    setIsKept(false);
  };
  const save = () =>
    form.handleSubmit((value) => {
      writeKept(name, opened, opened);
      onSave(value);
    })();
  return { form, save, startAfresh: isKept ? startAfresh : null };
}
