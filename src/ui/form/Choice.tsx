import { Pressable, StyleSheet, View } from 'react-native';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Option<T> {
  value: T;
  label: string;
  /** Said in small type under the chosen option. */
  hint?: string;
}

interface Props<T> {
  label: string;
  options: readonly Option<T>[];
  value: T;
  onChange: (value: T) => void;
}

/** One of several, as words to tap. Arrow keys move between them, as in any group of radio buttons. */
export function Choice<T extends string | number | null>({
  label,
  options,
  value,
  onChange,
}: Props<T>) {
  const move = (by: number, group: HTMLElement) => {
    const at = options.findIndex((o) => o.value === value);
    const next = (at + by + options.length) % options.length;
    const option = options[next];
    if (!option) return;
    onChange(option.value);
    const radios = group.querySelectorAll<HTMLElement>('[role=radio]');
    radios[next]?.focus();
  };
  const hint = options.find((o) => o.value === value)?.hint;
  return (
    <View style={styles.field}>
      <Txt variant="label">{label}</Txt>
      <View role="radiogroup" aria-label={label} style={styles.row} {...arrowKeys(move)}>
        {options.map((option) => (
          <Chip
            key={String(option.value)}
            role="radio"
            label={option.label}
            checked={option.value === value}
            tabbable={option.value === value}
            onPress={() => onChange(option.value)}
          />
        ))}
      </View>
      {hint ? (
        <Txt variant="small" tone="inkSoft">
          {hint}
        </Txt>
      ) : null}
    </View>
  );
}

interface TogglesProps {
  label: string;
  options: readonly { label: string; on: boolean; onChange: (on: boolean) => void }[];
}

/** Any of several, as words to tap. */
export function Toggles({ label, options }: TogglesProps) {
  return (
    <View style={styles.field}>
      <Txt variant="label">{label}</Txt>
      <View role="group" aria-label={label} style={styles.row}>
        {options.map((option) => (
          <Chip
            key={option.label}
            role="checkbox"
            label={option.label}
            checked={option.on}
            tabbable
            onPress={() => option.onChange(!option.on)}
          />
        ))}
      </View>
    </View>
  );
}

interface ChipProps {
  role: 'radio' | 'checkbox';
  label: string;
  checked: boolean;
  tabbable: boolean;
  onPress: () => void;
}

function Chip({ role, label, checked, tabbable, onPress }: ChipProps) {
  const colors = useColors();
  return (
    <Pressable
      role={role}
      aria-checked={checked}
      tabIndex={tabbable ? 0 : -1}
      onPress={onPress}
      style={[
        styles.chip,
        { borderColor: checked ? colors.strong : colors.lineStrong },
        { backgroundColor: checked ? colors.strong : colors.cloth },
      ]}
    >
      <Txt variant="label" tone={checked ? 'onStrong' : 'ink'}>
        {label}
      </Txt>
    </Pressable>
  );
}

/** Arrow keys for a group; React Native for the web passes key events through. */
function arrowKeys(move: (by: number, group: HTMLElement) => void): object {
  return {
    onKeyDown(event: { key: string; preventDefault: () => void; currentTarget: HTMLElement }) {
      const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
      if (by === undefined) return;
      event.preventDefault();
      move(by, event.currentTarget);
    },
  };
}

const styles = StyleSheet.create({
  field: { gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  chip: {
    maxWidth: '100%',
    minHeight: 44,
    paddingHorizontal: 14,
    borderRadius: 22,
    borderWidth: 1,
    justifyContent: 'center',
  },
});
