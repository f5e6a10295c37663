import { StyleSheet, View } from 'react-native';
import type { Bike, Garage, Part } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { goesOn, type PartStory } from '@/core/wear/parts';
import { partLine } from '@/core/words/parts';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { usePartStories } from './usePartStories';
import type { Played } from './useWear';

interface Props {
  bike: Bike;
  played: Played;
  garage: Garage;
  units: Units;
  onNew: () => void;
  onFit: (part: Part) => void;
}

/** What wears with the chain on a bike, and what lies in the spare box for it. */
export function PartsCard({ bike, played, garage, units, onNew, onFit }: Props) {
  const stories = usePartStories(played, garage.parts);
  const on = stories.filter((s) => s.bikeId === bike.id);
  const spare = stories.filter(
    (s) => s.bikeId === null && !s.part.retired && goesOn(s, bike, garage.bikes),
  );
  return (
    <Card title="Cassette, rings, jockey wheels">
      {on.length === 0 ? (
        <Txt>
          None noted. Note the cassette, and we tell how far it still goes and what a worn chain
          costs it.
        </Txt>
      ) : null}
      {on.map((story) => (
        <PartRow key={story.part.id} story={story} units={units} />
      ))}
      <View style={styles.buttons}>
        <Button label="Note a part" onPress={onNew} />
        {spare.map(({ part }) => (
          <Button key={part.id} label={`Fit ${part.name}`} onPress={() => onFit(part)} />
        ))}
      </View>
    </Card>
  );
}

interface RowProps {
  story: PartStory;
  units: Units;
}

/** A part and its story in a line; leads to its page. */
export function PartRow({ story, units }: RowProps) {
  const colors = useColors();
  return (
    <LinkBox
      href={`/book/part/${story.part.id}`}
      style={[styles.row, { borderColor: colors.line }]}
    >
      <Txt variant="strong">{story.part.name}</Txt>
      <Txt variant="small" tone="inkSoft">
        {partLine(story, units)}
      </Txt>
    </LinkBox>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  row: { borderWidth: 1, borderRadius: 12, paddingHorizontal: 14, paddingVertical: 10 },
});
