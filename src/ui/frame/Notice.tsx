import { useEffect } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  text: string;
  onUndo: (() => void) | null;
  onClose: () => void;
}

const SHOWN_MS = 12_000;

/** What was just done, with the way back. Ctrl+Z does the same long after the line has gone. */
export function Notice({ text, onUndo, onClose }: Props) {
  const colors = useColors();
  useEffect(() => {
    const timer = setTimeout(onClose, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [onClose]);
  return (
    <View role="status" aria-live="polite" style={styles.place}>
      <View style={[styles.notice, { backgroundColor: colors.strong }]}>
        <Txt variant="label" tone="onStrong" style={styles.text}>
          {text}
        </Txt>
        {onUndo ? (
          <Pressable role="button" onPress={onUndo} style={styles.undo}>
            <Txt variant="label" tone="onStrong" style={styles.underline}>
              Undo
            </Txt>
          </Pressable>
        ) : null}
        <Pressable role="button" aria-label="Close this line" onPress={onClose} style={styles.undo}>
          <Txt variant="label" tone="onStrong">
            ✕
          </Txt>
        </Pressable>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  // In the flow, at the foot: it covers no control.
  place: { paddingHorizontal: 12, paddingVertical: 6, alignItems: 'center' },
  notice: {
    flexDirection: 'row',
    alignItems: 'center',
    borderRadius: 12,
    paddingLeft: 16,
    minHeight: 48,
    maxWidth: 560,
  },
  text: { flexShrink: 1, paddingVertical: 10 },
  undo: {
    minHeight: 48,
    minWidth: 44,
    paddingHorizontal: 12,
    justifyContent: 'center',
    alignItems: 'center',
  },
  underline: { textDecorationLine: 'underline' },
});
