import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt, useColors } from '../theme';

interface Props {
  unsaved: number;
  daysSince: number | null;
  onOpen: () => void;
  onLater: () => void;
}

/** Reminds of a backup when many entries are in this browser only. */
export default function BackupStrip({ unsaved, daysSince, onOpen, onLater }: Props) {
  const colors = useColors();
  const since =
    daysSince === null
      ? 'There is no backup yet.'
      : `Last backup ${daysSince === 0 ? 'today' : daysSince === 1 ? 'yesterday' : `${daysSince} days ago`}.`;
  return (
    <View role="status" style={[styles.strip, { backgroundColor: colors.tape }]}>
      <Txt variant="label" tone="onTape" style={styles.text}>
        {unsaved} entries are in this browser only. {since}
      </Txt>
      <View style={styles.buttons}>
        <Button label="Back up" onPress={onOpen} />
        <Button label="Later" onPress={onLater} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 12,
    padding: 8,
    paddingLeft: 16,
  },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
  buttons: { flexDirection: 'row', gap: 8 },
});
