import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { LinkBox } from './LinkBox';
import { Page } from './Page';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

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
  /** Stands below the chapters. */
  children?: ReactNode;
}

/** The chapters of a place. */
export function Menu({ title, chapters, path, children }: Props) {
  const colors = useColors();
  return (
    <Page title={title} keptAs={`list ${title}`}>
      <View style={styles.list}>
        {chapters.map((chapter) => {
          const here = path.startsWith(chapter.path);
          return (
            <LinkBox
              key={chapter.path}
              href={chapter.path}
              current={here}
              early
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
            </LinkBox>
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
