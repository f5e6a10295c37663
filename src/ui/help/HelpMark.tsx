import { lazy, Suspense, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { MeasureName } from '@/core/help/measures';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

// With the tap that asks for it.
const HelpSheet = lazy(() => import('./HelpSheet').then((m) => ({ default: m.HelpSheet })));

/** A “?” beside a measure: it opens what the measure means and rests on. `of`: what it stands beside; else the title before it says that. */
export function HelpMark({ measure, of }: { measure: MeasureName; of?: string }) {
  const colors = useColors();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label={of ? `What is “${of}”?` : 'What does this mean?'}
        aria-haspopup="dialog"
        onPress={() => setOpen(true)}
        style={styles.tap}
      >
        <View style={[styles.mark, { borderColor: colors.lineStrong }]}>
          <Txt variant="label" tone="inkSoft" style={styles.sign}>
            ?
          </Txt>
        </View>
      </Pressable>
      {open ? (
        <Suspense fallback={null}>
          <HelpSheet measure={measure} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  // 44 px to tap, as high as its line: it reaches into the space around.
  tap: {
    width: 44,
    height: 44,
    marginVertical: -12,
    alignItems: 'center',
    justifyContent: 'center',
  },
  mark: {
    width: 22,
    height: 22,
    borderWidth: 1,
    borderRadius: 11,
    alignItems: 'center',
    justifyContent: 'center',
  },
  sign: { fontSize: 13, lineHeight: 16 },
});
