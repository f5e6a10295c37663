import { useSyncExternalStore } from 'react';
import { isAskedToSave, watchAskedToSave } from '../askedToSave';
import Search from 'lucide-react-native/icons/search';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Problem } from '@/core/problem';
import { LinkBox } from './LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { useSay, useWritten } from '../useSay';
import { timeOfDay, type Clock } from '@/core/intl/dates';

interface Props {
  /** Set while the demo is open. */
  onLeaveDemo: (() => void) | null;
  save:
    | { kind: 'saved'; at: number | null }
    | { kind: 'saving' }
    | { kind: 'failed'; problem: Problem };
}

/** One thin line at the top: whose logbook is open, and whether it is saved. */
export function StatusStrip({ onLeaveDemo, save }: Props) {
  const say = useSay();
  const { units } = useWritten();
  const colors = useColors();
  const asked = useSyncExternalStore(watchAskedToSave, isAskedToSave);
  const failed = save.kind === 'failed';
  return (
    <View
      role={'banner' as 'none'}
      {...({ dataSet: { frame: '' } } as object)}
      style={[
        styles.strip,
        {
          borderColor: failed ? colors.danger : colors.line,
          backgroundColor: failed ? colors.dangerCloth : colors.chalk,
        },
      ]}
    >
      {onLeaveDemo ? (
        <View style={styles.demo}>
          <Txt variant="small" tone="inkSoft">
            Demo logbook ·
          </Txt>
          <Pressable role="button" onPress={onLeaveDemo} style={styles.leave}>
            <Txt variant="small" style={styles.link}>
              Leave the demo
            </Txt>
          </Pressable>
        </View>
      ) : (
        <Txt variant="small" tone="inkSoft">
          Dapper Spoke
        </Txt>
      )}
      <View style={styles.right}>
        <View role="status" aria-live="polite" style={styles.save}>
          <Txt variant="small" tone={failed ? 'danger' : 'inkSoft'}>
            {asked && !failed ? SAVING : saveText(save, say, units.clock)}
          </Txt>
        </View>
        <LinkBox href="/find" name="Find" style={styles.find}>
          <Search size={20} color={colors.inkSoft} aria-hidden />
        </LinkBox>
      </View>
    </View>
  );
}

const SAVING = 'Saving …';

function saveText(save: Props['save'], say: (problem: Problem) => string, clock: Clock): string {
  if (save.kind === 'saving') return SAVING;
  if (save.kind === 'failed') return say(save.problem);
  return save.at === null ? '' : `Saved ${timeOfDay(save.at, clock)}`;
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    alignContent: 'center',
    justifyContent: 'space-between',
    columnGap: 12,
    paddingHorizontal: 16,
    minHeight: 45,
    borderBottomWidth: 1,
  },
  demo: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', flexShrink: 1 },
  leave: { minHeight: 44, paddingHorizontal: 4, justifyContent: 'center' },
  right: { flexDirection: 'row', alignItems: 'center', flexShrink: 1, marginRight: -12 },
  save: { flexShrink: 1, justifyContent: 'center' },
  find: { width: 44, height: 44, alignItems: 'center', justifyContent: 'center' },
  link: { textDecorationLine: 'underline' },
});
