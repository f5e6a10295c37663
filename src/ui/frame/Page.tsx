import type { ReactNode } from 'react';
import { usePathname } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useKeptScroll } from './keptScroll';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  title?: string;
  /** Stands beside the title. */
  aside?: ReactNode;
  /** Wider than a column of text: for pages laid out in columns. */
  wide?: boolean;
  /** Nothing on the page takes focus, so the page itself does: arrow keys must still scroll it. */
  textOnly?: boolean;
  /** How far it is scrolled is kept under this; else under its path, which a list beside shares. */
  keptAs?: string;
  children: ReactNode;
}

/** A scrolling page with its title, no wider than reads well. */
export function Page({ title, aside, wide = false, textOnly = false, keptAs, children }: Props) {
  const colors = useColors();
  const path = usePathname();
  const ref = useKeptScroll(keptAs ?? path, false);
  return (
    <ScrollView
      ref={ref}
      {...({ dataSet: { page: '' } } as object)}
      {...(textOnly ? { tabIndex: 0 as const } : {})}
      style={[styles.scroll, { backgroundColor: colors.chalk }]}
      contentContainerStyle={styles.content}
    >
      <View style={[styles.column, wide && styles.wide]}>
        {title ? (
          <View style={styles.head}>
            <Txt variant="title" level={1} style={styles.title}>
              {title}
            </Txt>
            {aside}
          </View>
        ) : null}
        {children}
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  // What takes focus comes to stand above the buttons at the foot of a form.
  scroll: { flex: 1, scrollPaddingBottom: 88 } as object,
  content: { padding: 16, alignItems: 'center' },
  column: { width: '100%', maxWidth: 680, gap: 18, paddingBottom: 24 },
  wide: { maxWidth: 1160 },
  head: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 12, minHeight: 40 },
  title: { flexGrow: 1 },
});
