import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Txt, useTheme } from '../theme';

interface Props {
  label: string;
  options: readonly { value: string; label: string }[];
  value: string;
  onChange: (value: string) => void;
}

/** One of many, as the browser's own list: for more than fit as words to tap. */
export function SelectField({ label, options, value, onChange }: Props) {
  const { colors, textScale } = useTheme();
  const id = useId();
  return (
    <View style={styles.field}>
      <Txt variant="label" id={id}>
        {label}
      </Txt>
      {createElement(
        'select',
        {
          'aria-labelledby': id,
          value,
          onChange: (event: { target: { value: string } }) => onChange(event.target.value),
          style: {
            font: `500 ${16 * textScale}px 'Hanken Grotesk'`,
            minHeight: 48,
            boxSizing: 'border-box',
            width: '100%',
            minWidth: 0,
            padding: '0 12px',
            borderRadius: 10,
            border: `1px solid ${colors.lineStrong}`,
            color: colors.ink,
            background: colors.field,
          },
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.label),
        ),
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: 6, flexGrow: 1, flexShrink: 1, flexBasis: 220, maxWidth: '100%' },
});
