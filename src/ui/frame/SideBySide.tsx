import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { useColors } from '../theme/ThemeContext';
import { useWide } from './useWide';

interface Props {
  list: ReactNode;
  /** On a phone: whether the list is shown, or what was opened from it. */
  showList: boolean;
  /** Name of the list, on the way back to it. */
  listName: string;
  onBack: () => void;
  children: ReactNode;
}

/** Paper has no way back. */
const NOT_PRINTED = { dataSet: { frame: '' } } as object;

/** List and detail: next to each other on a wide screen, one after the other on a phone. */
export function SideBySide({ list, showList, listName, onBack, children }: Props) {
  const wide = useWide();
  const colors = useColors();
  // What was opened stays mounted under the list: taking a navigator away while it navigates upsets it.
  if (!wide)
    return (
      <View style={styles.one}>
        {showList ? list : null}
        <View style={showList ? styles.hidden : styles.one}>
          <View style={styles.back} {...NOT_PRINTED}>
            <Button kind="quiet" icon={ChevronLeft} label={listName} onPress={onBack} />
          </View>
          {children}
        </View>
      </View>
    );
  return (
    <View style={styles.both}>
      <View role="complementary" style={[styles.list, { borderColor: colors.line }]}>
        {list}
      </View>
      <View style={styles.detail}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  one: { flex: 1 },
  hidden: { display: 'none' },
  back: { alignItems: 'flex-start' },
  both: { flex: 1, flexDirection: 'row' },
  list: { width: 400, borderRightWidth: 1 },
  detail: { flex: 1 },
});
