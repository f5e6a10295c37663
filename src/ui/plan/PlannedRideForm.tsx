import { FormProvider, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { Bike } from '@/core/records/garage';
import { SURFACES, WEIGHTS } from '@/core/records/kinds';
import {
  plannedFields,
  readPlanned,
  type PlannedFields,
  type RideToCome,
} from '@/core/entry/plannedRide';
import type { PlannedRide } from '@/core/records/plan';
import { distanceUnit, type Units } from '@/core/units/convert';
import { entriesOf } from '../entry/entries';
import { useEntry } from '../entry/useEntry';
import { Button } from '../form/Button';
import { useAsOpened } from '../form/useAsOpened';
import { SURFACE_LABEL } from '@/core/words/labels';
import { RepeatEntry } from './RepeatEntry';

export type PlannedDraft = RideToCome;

interface Props {
  /** Null: a new one. */
  initial: PlannedRide | null;
  bikes: readonly Bike[];
  units: Units;
  today: string;
  /** `opened`: the ride as it was when the form was opened. */
  onSave: (ride: PlannedDraft, opened: PlannedRide | null) => void;
  onCancel: () => void;
}

const Entry = entriesOf<PlannedFields>();

const WEIGHT_LABEL = {
  ordinary: { label: 'Ordinary', hint: 'As any ride.' },
  'long day': { label: 'Long day', hint: 'Far from home: a dry chain counts five times.' },
  race: {
    label: 'Race',
    hint: 'Clean and set two days before, nothing new after; watts count twenty times.',
  },
} as const;

/** A ride to come: when, how far, on what, how much hangs on it, and how it repeats. */
export function PlannedRideForm({ initial, bikes, units, today, onSave, onCancel }: Props) {
  const opened = useAsOpened(initial);
  const { form, save } = useEntry<PlannedFields, RideToCome>(
    plannedFields(initial, bikes[0]?.id ?? '', today, units),
    (fields) => readPlanned(fields, units),
    (ride) => onSave(ride, opened),
  );
  const repeat = useWatch({ control: form.control, name: 'repeat' });
  return (
    <FormProvider {...form}>
      <View style={styles.form}>
        <Entry.Text name="distance" large numeric label="Distance" unit={distanceUnit(units)} />
        <Entry.Choice
          name="bikeId"
          label="Bike"
          options={bikes.map((b) => ({ value: b.id, label: b.name }))}
        />
        <View style={styles.when}>
          <View style={styles.half}>
            <Entry.Picker name="date" label={repeat ? 'From' : 'Day'} type="date" />
          </View>
          <View style={styles.half}>
            <Entry.Picker name="time" label="Start" type="time" />
          </View>
        </View>
        <Entry.Choice
          name="weight"
          label="How much hangs on it"
          options={WEIGHTS.map((value) => ({ value, ...WEIGHT_LABEL[value] }))}
        />
        <Entry.Choice
          name="surface"
          label="Ground"
          options={SURFACES.map((value) => ({ value, label: SURFACE_LABEL[value] }))}
        />
        <RepeatEntry today={today} />
        <Entry.Text name="title" label="Name it, if you like" />
        <View style={styles.when}>
          <Button kind="strong" label="Save" grow onPress={save} />
          <Button label="Cancel" onPress={onCancel} grow />
        </View>
      </View>
    </FormProvider>
  );
}

const styles = StyleSheet.create({
  form: { gap: 14 },
  when: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  half: { flexGrow: 1, flexBasis: 140, minWidth: 0 },
});
