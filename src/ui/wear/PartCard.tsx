import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { othersNames, readName } from '@/core/entry/form';
import { priceText, readPrice } from '@/core/entry/number';
import type { Problem } from '@/core/problem';
import { PART_ENDS, type PartEnd } from '@/core/records/kinds';
import type { Bike, Garage, Part } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { goesOn, partLeft, partRate } from '@/core/wear/parts';
import { PART_END_LABEL, PART_LABEL, partSentences } from '@/core/words/parts';
import { Button } from '../form/Button';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { usePartStories } from './usePartStories';
import type { Played } from './useWear';

interface Props {
  part: Part;
  played: Played;
  garage: Garage;
  units: Units;
  /** Another name or price. */
  onSave: (part: Pick<Part, 'name' | 'price'>) => void;
  onFit: (bike: Bike) => void;
  onTakeOff: (bikeId: string) => void;
  onEnd: (bikeId: string | null, end: PartEnd) => void;
}

/** A part: what it has seen, how far it still goes, and where it goes next. */
export function PartCard({ part, played, garage, units, onSave, onFit, onTakeOff, onEnd }: Props) {
  const story = usePartStories(played, garage.parts).find((s) => s.part.id === part.id);
  if (!story) return null;
  const bike = story.bikeId === null ? null : garage.bikes[story.bikeId];
  const left = bike && partLeft(story, partRate(played.replay.steps, bike, part.kind));
  const others = Object.values(garage.bikes).filter(
    (b) => !b.retired && b.id !== bike?.id && goesOn(story, b, garage.bikes),
  );
  return (
    <Card title={PART_LABEL[part.kind]}>
      <Txt variant="strong">{bike ? `On ${bike.name}` : 'In the spare box'}</Txt>
      {partSentences(story, left ?? null, units).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <View style={styles.buttons}>
        {bike ? <Button label="Take it off" onPress={() => onTakeOff(bike.id)} /> : null}
        {others.map((other) => (
          <Button key={other.id} label={`Put it on ${other.name}`} onPress={() => onFit(other)} />
        ))}
        {PART_ENDS.map((end) => (
          <Button key={end} label={PART_END_LABEL[end]} onPress={() => onEnd(story.bikeId, end)} />
        ))}
      </View>
      <NameAndPrice part={part} garage={garage} onSave={onSave} />
    </Card>
  );
}

/** What a part is called and what it cost. */
function NameAndPrice({ part, garage, onSave }: Pick<Props, 'part' | 'garage' | 'onSave'>) {
  const [name, setName] = useState(part.name);
  const [price, setPrice] = useState(priceText(part.price));
  const [problems, setProblems] = useState<{ name?: Problem; price?: Problem }>({});
  const isAsItWas = name.trim() === part.name && price.trim() === priceText(part.price);
  const save = () => {
    const named = readName(name, othersNames(garage.parts, part.id));
    const priced = readPrice(price);
    setProblems({
      ...(named.ok ? {} : { name: named.problem }),
      ...(priced.ok ? {} : { price: priced.problem }),
    });
    if (named.ok && priced.ok) onSave({ name: named.value, price: priced.value });
  };
  return (
    <>
      <Field label="Name" value={name} onChange={setName} problem={problems.name} />
      <View style={styles.buttons}>
        <Field
          label="Price"
          hint="Empty: not known."
          value={price}
          onChange={setPrice}
          problem={problems.price}
          numeric
          half
        />
      </View>
      <Button label="Save the part" disabled={isAsItWas} onPress={save} />
    </>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
