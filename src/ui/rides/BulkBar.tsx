import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { RideChange } from '@/core/rides/bulk';
import type { Bike } from '@/core/records/garage';
import { SURFACES, WEATHER_WORDS } from '@/core/records/kinds';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { SURFACE_LABEL, WEATHER_LABEL } from '@/core/words/labels';

interface Props {
  ticked: number;
  /** Rides the list shows. */
  shown: number;
  bikes: readonly Bike[];
  onTickAll: () => void;
  onTickNone: () => void;
  onChange: (change: RideChange) => void;
  onDelete: () => void;
  onDone: () => void;
}

/** What can be done to the rides ticked, at the foot of the list. Each change is one step to undo. */
export function BulkBar(props: Props) {
  const { ticked, shown, bikes, onChange } = props;
  const colors = useColors();
  const [changing, setChanging] = useState(false);
  const none = ticked === 0;
  return (
    <View
      role="group"
      aria-label="Change many rides"
      style={[styles.bar, { backgroundColor: colors.cloth, borderColor: colors.lineStrong }]}
    >
      <View style={styles.row}>
        <Txt variant="strong" live="polite" style={styles.grow}>
          {none ? 'Tick the rides to change.' : `${ticked} ticked`}
        </Txt>
        {ticked < shown ? (
          <Button kind="quiet" label={`Tick all ${shown}`} onPress={props.onTickAll} />
        ) : (
          <Button kind="quiet" label="Tick none" onPress={props.onTickNone} />
        )}
      </View>
      {changing && !none ? <Changes bikes={bikes} onChange={onChange} /> : null}
      <View style={styles.row}>
        <Button
          label="Change"
          expanded={changing && !none}
          disabled={none}
          onPress={() => setChanging(!changing)}
          grow
        />
        <Button kind="danger" label="Delete" disabled={none} onPress={props.onDelete} grow />
        <Button kind="strong" label="Done" onPress={props.onDone} grow />
      </View>
    </View>
  );
}

/** What can be changed in all of them at once. */
const Changes = ({ bikes, onChange }: Pick<Props, 'bikes' | 'onChange'>) => (
  <ScrollView style={styles.choices} contentContainerStyle={styles.fields}>
    <Words
      label="Weather"
      words={WEATHER_WORDS.map((weather) => [WEATHER_LABEL[weather], { weather }])}
      onChange={onChange}
    />
    <Words
      label="Surface"
      words={SURFACES.map((surface) => [SURFACE_LABEL[surface], { surface }])}
      onChange={onChange}
    />
    <Words
      label="Mud"
      words={[
        ['Mud', { mud: true }],
        ['No mud', { mud: false }],
      ]}
      onChange={onChange}
    />
    {bikes.length > 1 ? (
      <Words
        label="Bike"
        words={bikes.map((b) => [b.name, { bikeId: b.id }])}
        onChange={onChange}
      />
    ) : null}
  </ScrollView>
);

interface WordsProps {
  label: string;
  words: readonly [label: string, change: RideChange][];
  onChange: (change: RideChange) => void;
}

/** Words that each change the ticked rides at once: buttons, as nothing is chosen among them. */
function Words({ label, words, onChange }: WordsProps) {
  return (
    <View role="group" aria-label={label} style={styles.words}>
      <Txt variant="label">{label}</Txt>
      <View style={styles.row}>
        {words.map(([word, change]) => (
          <Button key={word} label={word} onPress={() => onChange(change)} />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { borderTopWidth: 1, padding: 12, gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1 },
  words: { gap: 6 },
  choices: { maxHeight: 230 },
  fields: { gap: 14, paddingVertical: 4 },
});
