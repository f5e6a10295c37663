import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import { readRide, type RideDraft, type RideField, type RideFields } from '@/core/entry/ride';
import type { Bike } from '@/core/garage';
import { SURFACES, WEATHER_WORDS, type Fitting } from '@/core/logbook';
import { distanceUnit, type UnitSystem } from '@/core/units';
import { Button, Choice, Field, FormFoot, MomentField, Toggles } from '../form';
import { SURFACE_LABEL, WEATHER_HINT, WEATHER_LABEL } from '../words';

interface Props {
  initial: RideDraft;
  bikes: readonly Bike[];
  fittings: readonly Fitting[];
  units: UnitSystem;
  now: number;
  saveLabel: string;
  /** Put the cursor on the distance: the rider came to write. */
  autoFocus?: boolean;
  /** The weather is shown and put right elsewhere on the page. */
  weatherElsewhere?: boolean;
  onSave: (ride: RideFields) => void;
  onDelete?: () => void;
}

/** A ride by hand: one number, a word for the weather, save. The rest is filled in from last time. */
export function RideForm({
  initial,
  bikes,
  fittings,
  units,
  now,
  saveLabel,
  autoFocus = false,
  weatherElsewhere = false,
  onSave,
  onDelete,
}: Props) {
  const [draft, setDraft] = useState(initial);
  const [problems, setProblems] = useState<FieldProblems<RideField>>({});
  const set = (part: Partial<RideDraft>) => setDraft((d) => ({ ...d, ...part }));
  const save = () => {
    const read = readRide(draft, { units, now, fittings });
    setProblems(read.ok ? {} : read.problems);
    if (read.ok) onSave(read.value);
  };
  return (
    <View style={styles.form}>
      {bikes.length > 1 ? (
        <Choice
          label="Bike"
          options={bikes.map((b) => ({ value: b.id, label: b.name }))}
          value={draft.bikeId}
          onChange={(bikeId) => set({ bikeId })}
        />
      ) : null}
      <Field
        label="Distance"
        value={draft.distance}
        onChange={(distance) => set({ distance })}
        problem={problems.distance}
        unit={distanceUnit(units)}
        numeric
        large
        autoFocus={autoFocus}
        onSubmit={save}
      />
      {weatherElsewhere ? null : (
        <Choice
          label="Weather"
          options={WEATHER_WORDS.map((w) => ({
            value: w,
            label: WEATHER_LABEL[w],
            hint: WEATHER_HINT[w],
          }))}
          value={draft.weather}
          onChange={(weather) => set({ weather })}
        />
      )}
      <Toggles
        label="Also"
        options={[
          { label: 'Mud', on: draft.mud, onChange: (mud) => set({ mud }) },
          { label: 'Salted', on: draft.salted, onChange: (salted) => set({ salted }) },
        ]}
      />
      <Choice
        label="Surface"
        options={SURFACES.map((s) => ({ value: s, label: SURFACE_LABEL[s] }))}
        value={draft.surface}
        onChange={(surface) => set({ surface })}
      />
      <View style={styles.pair}>
        <MomentField
          label="Started"
          value={draft.at}
          onChange={(at) => set({ at })}
          problem={problems.at}
        />
        <Field
          label="Riding time"
          value={draft.duration}
          onChange={(duration) => set({ duration })}
          problem={problems.duration}
          unit="h"
          hint="Like 1:45. Empty: worked out."
          numeric
        />
      </View>
      <Field label="Note" value={draft.note} onChange={(note) => set({ note })} />
      <FormFoot>
        <Button kind="strong" label={saveLabel} onPress={save} grow />
        {onDelete ? <Button kind="danger" label="Delete ride" onPress={onDelete} /> : null}
      </FormFoot>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
