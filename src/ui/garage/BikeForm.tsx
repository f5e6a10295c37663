import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import {
  bikeDraft,
  readBike,
  type BikeDraft,
  type BikeField,
  type BikeFields,
} from '@/core/entry/garage';
import {
  BIKE_KINDS,
  BRAKE_KINDS,
  DRIVES,
  FRAME_FINISHES,
  GEARS,
  PRESETS,
  STORAGE_PLACES,
  WHEEL_FIXINGS,
  type Bike,
  type BikeKind,
  type Garage,
} from '@/core/garage';
import { Button, Choice, Field, FormFoot, Toggles } from '../form';

interface Props {
  /** The bike to change; null for a new one. */
  bike: Bike | null;
  garage: Garage;
  onSave: (bike: BikeFields) => void;
  onRetire?: () => void;
}

const words = <T extends string>(list: readonly T[]) =>
  list.map((value) => ({ value, label: value.charAt(0).toUpperCase() + value.slice(1) }));

/** All that matters of a bike to its chain. A kind fills in what is usual. */
export function BikeForm({ bike, garage, onSave, onRetire }: Props) {
  const [kind, setKind] = useState<BikeKind>('road');
  const [draft, setDraft] = useState<BikeDraft>(() =>
    bike ? bikeDraft(bike.name, bike) : bikeDraft('', PRESETS.road.specs),
  );
  const [problems, setProblems] = useState<FieldProblems<BikeField>>({});
  const set = (part: Partial<BikeDraft>) => setDraft((d) => ({ ...d, ...part }));
  const save = () => {
    const read = readBike(draft, garage, bike?.id ?? '');
    setProblems(read.ok ? {} : read.problems);
    if (read.ok) onSave(read.value);
  };
  return (
    <View style={styles.form}>
      {bike ? null : (
        <Choice
          label="Kind"
          options={words(BIKE_KINDS)}
          value={kind}
          onChange={(next) => {
            setKind(next);
            setDraft((d) => bikeDraft(d.name, PRESETS[next].specs));
          }}
        />
      )}
      <Field
        label="Name"
        value={draft.name}
        onChange={(name) => set({ name })}
        problem={problems.name}
        autoFocus={bike === null}
      />
      <View style={styles.pair}>
        <Field
          label="Chainring teeth"
          value={draft.rings}
          onChange={(rings) => set({ rings })}
          problem={problems.rings}
          hint="One to three, like 50, 34."
        />
        <Field
          label="Speeds"
          value={draft.speeds}
          onChange={(speeds) => set({ speeds })}
          problem={problems.speeds}
          numeric
        />
      </View>
      <View style={styles.pair}>
        <Field
          label="Smallest cog"
          half
          value={draft.smallestCog}
          onChange={(smallestCog) => set({ smallestCog })}
          problem={problems.cogs}
          numeric
        />
        <Field
          label="Largest cog"
          half
          value={draft.largestCog}
          onChange={(largestCog) => set({ largestCog })}
          numeric
        />
      </View>
      <Choice
        label="Gears"
        options={words(GEARS)}
        value={draft.gear}
        onChange={(gear) => set({ gear })}
      />
      <Choice
        label="Drive"
        options={words(DRIVES)}
        value={draft.drive}
        onChange={(drive) => set({ drive })}
      />
      <Choice
        label="Brakes"
        options={words(BRAKE_KINDS)}
        value={draft.brake}
        onChange={(brake) => set({ brake })}
      />
      <Choice
        label="Kept"
        options={words(STORAGE_PLACES)}
        value={draft.storage}
        onChange={(storage) => set({ storage })}
      />
      <Choice
        label="Rear wheel held by"
        options={words(WHEEL_FIXINGS)}
        value={draft.wheel}
        onChange={(wheel) => set({ wheel })}
      />
      <Choice
        label="Frame finish"
        options={words(FRAME_FINISHES)}
        value={draft.frame}
        onChange={(frame) => set({ frame })}
      />
      <Toggles
        label="It has"
        options={[
          { label: 'Mudguards', on: draft.mudguards, onChange: (mudguards) => set({ mudguards }) },
          {
            label: 'Narrow-wide ring',
            on: draft.narrowWide,
            onChange: (narrowWide) => set({ narrowWide }),
          },
          { label: 'A motor', on: draft.ebike, onChange: (ebike) => set({ ebike }) },
        ]}
      />
      <FormFoot>
        <Button kind="strong" label={bike ? 'Save bike' : 'Add bike'} onPress={save} grow />
        {onRetire ? <Button kind="danger" label="Remove bike" onPress={onRetire} /> : null}
      </FormFoot>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
