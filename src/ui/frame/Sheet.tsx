import { createElement, useEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/**
 * A sheet over the page. It is the browser's own dialog: Escape closes it, focus stays in it and goes back to where it
 * was, and the page beneath is out of reach meanwhile.
 */
export function Sheet({ title, onClose, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const { current } = dialog;
    current?.showModal();
    return () => current?.close();
  }, []);
  return (
    <Dialog
      field={{
        ref: dialog,
        'aria-label': title,
        // A sheet opened from this one closes by itself.
        onClose: ({ target, currentTarget }: Event) => target === currentTarget && onClose(),
        // A tap beside the sheet is on the dialog itself.
        onClick: ({ target, currentTarget }: MouseEvent) =>
          target === currentTarget && (currentTarget as HTMLDialogElement).close(),
      }}
    >
      <View style={styles.inside}>
        <View style={styles.head}>
          <Txt variant="heading" level={2} style={styles.title}>
            {title}
          </Txt>
          <Button kind="quiet" label="Close" onPress={() => dialog.current?.close()} />
        </View>
        {children}
      </View>
    </Dialog>
  );
}

function Dialog({ field, children }: { field: object; children: ReactNode }) {
  const colors = useColors();
  const style = {
    padding: 0,
    border: `1px solid ${colors.line}`,
    borderRadius: 14,
    background: colors.cloth,
    width: 'min(560px, calc(100vw - 24px))',
    maxHeight: 'calc(100vh - 48px)',
  };
  return createElement('dialog', { ...field, style }, children);
}

const styles = StyleSheet.create({
  inside: { padding: 16, gap: 12 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  title: { flex: 1 },
});
