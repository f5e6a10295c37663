import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Page } from './Page';
import { Txt, useColors } from '../theme';

/** A page to open from a menu. */
export interface Chapter {
  path: string;
  label: string;
  hint: string;
}

interface Props {
  title: string;
  chapters: readonly Chapter[];
  /** Path of the page shown. */
  path: string;
  onGo: (path: string) => void;
  /** Stands below the chapters. */
  children?: ReactNode;
}

/** The chapters of a place. */
export function Menu({ title, chapters, path, onGo, children }: Props) {
  const colors = useColors();
  return (
    <Page title={title}>
      <View style={styles.list}>
        {chapters.map((chapter) => {
          const here = path.startsWith(chapter.path);
          return (
            <Pressable
              key={chapter.path}
              role="link"
              aria-current={here ? 'page' : undefined}
              onPress={() => onGo(chapter.path)}
              style={[
                styles.row,
                {
                  backgroundColor: here ? colors.tape : colors.cloth,
                  borderColor: colors.line,
                },
              ]}
            >
              <Txt variant="strong" tone={here ? 'onTape' : 'ink'}>
                {chapter.label}
              </Txt>
              <Txt variant="small" tone={here ? 'onTape' : 'inkSoft'}>
                {chapter.hint}
              </Txt>
            </Pressable>
          );
        })}
      </View>
      {children}
    </Page>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  row: {
    minHeight: 60,
    borderWidth: 1,
    borderRadius: 12,
    paddingHorizontal: 14,
    justifyContent: 'center',
  },
});
