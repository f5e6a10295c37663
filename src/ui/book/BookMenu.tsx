import { Pressable, StyleSheet, View } from 'react-native';
import { Page } from '../frame';
import { Txt, useColors } from '../theme';

const CHAPTERS = [
  { path: '/book/garage', label: 'Garage', hint: 'Bikes and chains' },
  { path: '/book/history', label: 'History', hint: 'Work, notes and readings' },
  { path: '/book/files', label: 'Files', hint: 'Backup and restore' },
  { path: '/book/settings', label: 'Settings', hint: 'Standard, units, weather, recorder' },
] as const;

interface Props {
  path: string;
  onGo: (path: string) => void;
}

/** The chapters of the book. */
export function BookMenu({ path, onGo }: Props) {
  const colors = useColors();
  return (
    <Page title="Book">
      <View style={styles.list}>
        {CHAPTERS.map((chapter) => {
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
