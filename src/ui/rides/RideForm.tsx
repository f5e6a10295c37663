import { readRide, type RideDraft, type RideFields } from '@/core/entry/ride';
import type { Bike } from '@/core/records/garage';
import { SURFACES, WEATHER_WORDS } from '@/core/records/kinds';
import type { Fitting } from '@/core/logbook/fittings';
import { distanceUnit, type Units } from '@/core/units/convert';
import { entriesOf } from '../entry/entries';
import { EntryForm, Row } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';
import { INDOOR_HINT, SURFACE_LABEL, WEATHER_HINT, WEATHER_LABEL } from '@/core/words/labels';

interface Props {
  initial: RideDraft;
  bikes: readonly Bike[];
  fittings: readonly Fitting[];
  units: Units;
  now: number;
  saveLabel: string;
  /** Put the cursor on the distance: the rider came to write. */
  autoFocus?: boolean;
  /** The weather is shown and put right elsewhere on the page. */
  weatherElsewhere?: boolean;
  onSave: (ride: RideFields) => void;
  onDelete?: () => void;
}

const Entry = entriesOf<RideDraft>();

const SURFACE_CHOICES = SURFACES.map((value) => ({
  value,
  label: SURFACE_LABEL[value],
  ...(value === 'indoor' ? { hint: INDOOR_HINT } : {}),
}));

const WEATHER_CHOICES = WEATHER_WORDS.map((value) => ({
  value,
  label: WEATHER_LABEL[value],
  hint: WEATHER_HINT[value],
}));

/** A ride by hand: one number, a word for the weather, save. The rest is filled in from last time. */
export function RideForm(props: Props) {
  const { initial, bikes, fittings, units, now, autoFocus = false } = props;
  const { form, save, startAfresh } = useEntry<RideDraft, RideFields>(
    initial,
    (draft) => readRide(draft, { units, now, fittings }),
    props.onSave,
  );
  // A room has no weather and no mud.
  const indoors = form.watch('surface') === 'indoor';
  return (
    <EntryForm
      startAfresh={startAfresh}
      form={form}
      saveLabel={props.saveLabel}
      onSave={save}
      remove={{ label: 'Delete ride', onPress: props.onDelete }}
    >
      {bikes.length > 1 ? (
        <Entry.Choice
          name="bikeId"
          label="Bike"
          options={bikes.map((b) => ({ value: b.id, label: b.name }))}
        />
      ) : null}
      <Entry.Text
        name="distance"
        label="Distance"
        unit={distanceUnit(units)}
        numeric
        large
        autoFocus={autoFocus}
        onSubmit={save}
      />
      {props.weatherElsewhere || indoors ? null : (
        <Entry.Choice name="weather" label="Weather" options={WEATHER_CHOICES} />
      )}
      <Entry.Toggles
        label="Also"
        options={[
          ...(indoors ? [] : [{ name: 'mud', label: 'Mud' } as const]),
          { name: 'salted', label: 'Salted' },
        ]}
      />
      <Entry.Choice name="surface" label="Surface" options={SURFACE_CHOICES} />
      <Row>
        <Entry.Moment name="at" label="Started" />
        <Entry.Text
          name="duration"
          label="Riding time"
          unit="h"
          hint="Like 1:45. Empty: worked out."
          numeric
        />
      </Row>
      <Entry.Text name="note" label="Note" />
    </EntryForm>
  );
}
