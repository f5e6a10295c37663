import { StyleSheet, View } from 'react-native';
import type { Garage } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { Txt } from '../theme/Txt';
import { PartRow } from './PartsCard';
import { usePartStories } from './usePartStories';
import type { Played } from './useWear';

interface Props {
  played: Played;
  parts: Garage['parts'];
  units: Units;
}

/** Parts that are on no bike; nothing where there are none. */
export function SpareBox({ played, parts, units }: Props) {
  const spare = usePartStories(played, parts).filter((s) => s.bikeId === null && !s.part.retired);
  if (spare.length === 0) return null;
  return (
    <View style={styles.box}>
      <Txt variant="heading" level={2}>
        Spare box
      </Txt>
      {spare.map((story) => (
        <PartRow key={story.part.id} story={story} units={units} />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 12 } });
