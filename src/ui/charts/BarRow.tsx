import type { ReactNode } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { Txt } from '../theme/Txt';

interface Props {
  label: string;
  /** The figure in words, for those who do not see the bar as well. */
  said: string;
  track: ViewStyle;
  /** What is drawn on the track. */
  children: ReactNode;
}

/** A figure by its name, and a bar under both. */
export const BarRow = ({ label, said, track, children }: Props) => (
  <View>
    <View style={styles.words}>
      <Txt variant="label">{label}</Txt>
      <Txt variant="number">{said}</Txt>
    </View>
    <View style={track} aria-hidden>
      {children}
    </View>
  </View>
);

const styles = StyleSheet.create({
  words: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', columnGap: 12 },
});
