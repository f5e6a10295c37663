import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Txt } from '../theme/Txt';
import { useTheme } from '../theme/ThemeContext';
import { nativeStyle } from './nativeStyle';

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
          style: nativeStyle(colors, textScale, {
            face: 'Hanken Grotesk',
            border: colors.lineStrong,
          }),
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
