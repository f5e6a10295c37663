import { StyleSheet, View } from 'react-native';
import type { Bike, Garage } from '@/core/records/garage';
import { meetingOn, togetherOf } from '@/core/wear/together';
import { TOGETHER } from '@/core/words/parts';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { usePartStories } from './usePartStories';
import type { Played } from './useWear';

interface Props {
  played: Played;
  parts: Garage['parts'];
  bike: Bike;
  /** Wear of the chain that is to run on the bike, %. */
  chainWear: number;
}

/** What new and worn parts would do to each other, where a chain is fitted; nothing where they go together. */
export function TogetherNote({ played, parts, bike, chainWear }: Props) {
  const colors = useColors();
  const stories = usePartStories(played, parts);
  const notes = togetherOf(meetingOn(played.replay.steps, stories, bike, chainWear));
  if (notes.length === 0) return null;
  return (
    <View role="note" aria-label="Caution" style={[styles.note, { borderColor: colors.danger }]}>
      {notes.map((note) => (
        <Txt key={note} variant="small">
          {TOGETHER[note]}
        </Txt>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  note: { borderLeftWidth: 4, paddingLeft: 12, paddingVertical: 4, gap: 8 },
});
