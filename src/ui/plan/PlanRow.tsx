import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** For who does not see it: the bike, what is done and the day. */
  label: string;
  /** Small, above it; null: nothing. */
  above: string | null;
  what: string;
  why: string;
  onDo: () => void;
}

/** Something to do on a day of the plan beside its jobs, which is not moved about. */
export function PlanRow({ label, above, what, why, onDo }: Props) {
  const colors = useColors();
  return (
    <View
      role="group"
      aria-label={label}
      style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.line }]}
    >
      {above === null ? null : (
        <Txt variant="label" tone="inkSoft">
          {above}
        </Txt>
      )}
      <Txt variant="strong">{what}</Txt>
      <Txt variant="small">{why}</Txt>
      <Button label="Do it" onPress={onDo} />
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, padding: 14, gap: 8, alignItems: 'flex-start' },
});
