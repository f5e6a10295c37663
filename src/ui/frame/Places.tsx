import BookOpen from 'lucide-react-native/icons/book-open';
import Gauge from 'lucide-react-native/icons/gauge';
import Route from 'lucide-react-native/icons/route';
import Spool from 'lucide-react-native/icons/spool';
import Wrench from 'lucide-react-native/icons/wrench';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { LinkBox } from './LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** The five places of the app. */
export const PLACES = [
  { path: '/', label: 'Today', icon: Gauge },
  { path: '/rides', label: 'Rides', icon: Route },
  { path: '/bench', label: 'Bench', icon: Wrench },
  { path: '/shelf', label: 'Shelf', icon: Spool },
  { path: '/book', label: 'Book', icon: BookOpen },
] as const;

interface Props {
  /** Path of the page shown. */
  path: string;
  /** A rail at the left instead of a bar at the foot. */
  rail: boolean;
}

/** The way from place to place: a bar under the thumb, a rail on a wide screen. */
export const Places = memo(function Places({ path, rail }: Props) {
  const colors = useColors();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[
        rail ? styles.rail : styles.bar,
        { backgroundColor: colors.cloth, borderColor: colors.line },
      ]}
    >
      {PLACES.map(({ path: to, label, icon: Icon }) => {
        const here = to === '/' ? path === '/' || path.startsWith('/plan') : path.startsWith(to);
        return (
          <LinkBox
            key={to}
            href={to}
            current={here}
            early
            style={rail ? styles.railItem : styles.barItem}
          >
            <View style={[styles.mark, here && { backgroundColor: colors.tape }]}>
              <Icon size={22} color={here ? colors.onTape : colors.inkSoft} aria-hidden />
            </View>
            <Txt variant="label" tone={here ? 'ink' : 'inkSoft'} style={styles.label}>
              {label}
            </Txt>
          </LinkBox>
        );
      })}
    </View>
  );
});

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: 1 },
  rail: { width: 92, borderRightWidth: 1, paddingTop: 16, gap: 6 },
  barItem: { flex: 1, minHeight: 60, alignItems: 'center', justifyContent: 'center', gap: 1 },
  railItem: { minHeight: 64, alignItems: 'center', justifyContent: 'center', gap: 2 },
  mark: { borderRadius: 14, paddingHorizontal: 16, paddingVertical: 3 },
  label: { fontSize: 13 },
});
