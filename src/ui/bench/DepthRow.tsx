import { Pressable, StyleSheet, View } from 'react-native';
import type { Offer } from '@/core/bench/offer';
import { readyAt } from '@/core/bench/timeline';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { DEPTH_LABEL } from '@/core/words/labels';
import { afterSentence, DEPTH_FOR, REFUSED } from '@/core/words/offers';
import { clockFormat, timeOfDay, type Clock } from '@/core/intl/dates';
import { useWritten } from '../useSay';

interface Props {
  offer: Offer;
  chosen: boolean;
  /** Why it is the one to begin with; null: it is not. */
  reason: string | null;
  now: number;
  onChoose: () => void;
}

const weekdayAndTime = clockFormat({
  weekday: 'long',
  hour: '2-digit',
  minute: '2-digit',
});
const DAY_MS = 86_400_000;

/** One depth of work: what it takes, when the bike is ready, what it leaves. */
export function DepthRow({ offer, chosen, reason, now, onChoose }: Props) {
  const colors = useColors();
  const { units } = useWritten();
  const { time, after, refused } = offer;
  const tone = chosen ? 'onTape' : 'inkSoft';
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      aria-label={DEPTH_LABEL[offer.depth]}
      disabled={refused !== null}
      onPress={onChoose}
      style={[
        styles.row,
        {
          backgroundColor: chosen ? colors.tape : colors.cloth,
          borderColor: reason ? colors.ink : colors.line,
        },
      ]}
    >
      <View style={styles.head}>
        <Txt
          variant="strong"
          tone={chosen ? 'onTape' : refused ? 'inkSoft' : 'ink'}
          style={styles.grow}
        >
          {DEPTH_LABEL[offer.depth]}
        </Txt>
        {time ? (
          <Txt variant="numberSmall" tone={chosen ? 'onTape' : 'ink'}>
            {Math.round(time.handsOn)} min work
          </Txt>
        ) : null}
      </View>
      {refused ? (
        <Txt variant="small" tone="inkSoft">
          {REFUSED[refused]}
        </Txt>
      ) : null}
      {refused ? null : (
        <Txt variant="small" tone={tone}>
          {DEPTH_FOR[offer.depth]}
        </Txt>
      )}
      {time && after ? (
        <Txt variant="small" tone={tone}>
          {`Ready by ${when(readyAt(time, now), now, units.clock)}. ${afterSentence(after)}`}
        </Txt>
      ) : null}
      {reason ? (
        <Txt variant="label" tone={chosen ? 'onTape' : 'ink'}>
          {`Next. ${reason}`}
        </Txt>
      ) : null}
    </Pressable>
  );
}

const when = (at: number, now: number, clock: Clock): string =>
  (at - now < DAY_MS / 2 ? timeOfDay : weekdayAndTime)(at, clock);

const styles = StyleSheet.create({
  row: { borderWidth: 1, borderRadius: 12, padding: 14, gap: 4, minHeight: 56 },
  head: { flexDirection: 'row', gap: 12, alignItems: 'baseline' },
  grow: { flexGrow: 1, flexShrink: 1 },
});
