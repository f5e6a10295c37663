import { createElement, useRef } from 'react';
import { View } from 'react-native';
import { Button } from './Button';

interface Props {
  /** Words on the button. */
  label: string;
  /** Names the hidden field for screen readers. */
  fieldLabel: string;
  /** What the browser's picker offers, as in an `accept` attribute. */
  accept: string;
  kind?: 'strong' | 'plain';
  multiple?: boolean;
  disabled?: boolean;
  onPick: (files: File[]) => void;
}

/** A button that opens the browser's picker of files. */
export function FilePick({
  label,
  fieldLabel,
  accept,
  kind = 'plain',
  multiple = false,
  disabled = false,
  onPick,
}: Props) {
  const input = useRef<HTMLInputElement>(null);
  const field = {
    ref: input,
    type: 'file',
    multiple,
    accept,
    'aria-label': fieldLabel,
    style: { display: 'none' },
    onChange: (event: { target: HTMLInputElement }) => {
      const files = Array.from(event.target.files ?? []);
      // The same file may be picked again after it was mended.
      event.target.value = '';
      if (files.length > 0) onPick(files);
    },
  };
  return (
    <View>
      <HiddenInput field={field} />
      <Button
        kind={kind}
        label={label}
        disabled={disabled}
        onPress={() => input.current?.click()}
      />
    </View>
  );
}

const HiddenInput = ({ field }: { field: object }) => createElement('input', field);
