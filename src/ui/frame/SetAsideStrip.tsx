import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt, useColors } from '../theme';
import { useSay } from '../useSay';

interface Props {
  /** Key of the part set aside: `log/2026-10`, `garage`. */
  part: string;
  onOpen: () => void;
}

/** Tells that a part of the logbook could not be read and was kept aside, and leads there. */
export function SetAsideStrip({ part, onOpen }: Props) {
  const say = useSay();
  const colors = useColors();
  return (
    <View
      role="alert"
      style={[styles.strip, { backgroundColor: colors.dangerCloth, borderColor: colors.danger }]}
    >
      <Txt variant="small" tone="danger" style={styles.text}>
        {say({ code: 'storage/damaged', part })}
      </Txt>
      <Button label="Open Files" onPress={onOpen} />
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 10,
    paddingHorizontal: 16,
    paddingVertical: 6,
    borderBottomWidth: 1,
  },
  text: { flexShrink: 1, flexGrow: 1, flexBasis: 200 },
});
