import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  /** The value in words, beside the label. */
  text: string;
  onChange: (value: number) => void;
}

/** A value to drag. The browser's own slider: it knows fingers, arrow keys and screen readers. */
export function Slider({ label, value, min, max, step, text, onChange }: Props) {
  const colors = useColors();
  return (
    <View style={styles.slider}>
      <View style={styles.line}>
        <Txt variant="label">{label}</Txt>
        <Txt variant="numberSmall" tone="inkSoft">
          {text}
        </Txt>
      </View>
      {createElement('input', {
        type: 'range',
        'aria-label': label,
        'aria-valuetext': text,
        value,
        min,
        max,
        step,
        onChange: (event: { target: HTMLInputElement }) => onChange(Number(event.target.value)),
        style: { width: '100%', height: 44, margin: 0, accentColor: colors.ink },
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  slider: { gap: 2 },
  line: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', columnGap: 12 },
});
