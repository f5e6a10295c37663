import { useState } from 'react';
import { bikeDraft, readBike, type BikeDraft, type BikeFields } from '@/core/entry/bike';
import { BIKE_KINDS, PRESETS, type BikeKind } from '@/core/garage/presets';
import {
  BRAKE_KINDS,
  DRIVES,
  FRAME_FINISHES,
  GEARS,
  STORAGE_PLACES,
  WHEEL_FIXINGS,
} from '@/core/records/kinds';
import type { Bike, Garage } from '@/core/records/garage';
import { entriesOf } from '../entry/entries';
import { EntryForm, Row } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';
import { Choice } from '../form/Choice';

interface Props {
  /** The bike to change; null for a new one. */
  bike: Bike | null;
  garage: Garage;
  onSave: (bike: BikeFields) => void;
  onRetire?: () => void;
}

const Entry = entriesOf<BikeDraft>();

const words = <T extends string>(list: readonly T[]) =>
  list.map((value) => ({ value, label: value.charAt(0).toUpperCase() + value.slice(1) }));

/** All that matters of a bike to its chain. A kind fills in what is usual. */
export function BikeForm({ bike, garage, onSave, onRetire }: Props) {
  const [kind, setKind] = useState<BikeKind>('road');
  const { form, save, startAfresh } = useEntry<BikeDraft, BikeFields>(
    bike ? bikeDraft(bike.name, bike) : bikeDraft('', PRESETS.road.specs),
    (draft) => readBike(draft, garage, bike?.id ?? ''),
    onSave,
  );
  const pickKind = (next: BikeKind) => {
    setKind(next);
    form.reset(bikeDraft(form.getValues('name'), PRESETS[next].specs));
  };
  return (
    <EntryForm
      startAfresh={startAfresh}
      form={form}
      saveLabel={bike ? 'Save bike' : 'Add bike'}
      onSave={save}
      remove={{ label: 'Remove bike', onPress: onRetire }}
    >
      {bike ? null : (
        <Choice label="Kind" options={words(BIKE_KINDS)} value={kind} onChange={pickKind} />
      )}
      <Entry.Text name="name" label="Name" autoFocus={bike === null} />
      <Teeth />
      <Entry.Choice name="gear" label="Gears" options={words(GEARS)} />
      <Entry.Choice name="drive" label="Drive" options={words(DRIVES)} />
      <Entry.Choice name="brake" label="Brakes" options={words(BRAKE_KINDS)} />
      <Entry.Choice name="storage" label="Kept" options={words(STORAGE_PLACES)} />
      <Entry.Choice name="wheel" label="Rear wheel held by" options={words(WHEEL_FIXINGS)} />
      <Entry.Choice name="frame" label="Frame finish" options={words(FRAME_FINISHES)} />
      <Entry.Toggles
        label="It has"
        options={[
          { name: 'mudguards', label: 'Mudguards' },
          { name: 'chainCase', label: 'A full chain case' },
          { name: 'narrowWide', label: 'Narrow-wide ring' },
          { name: 'ebike', label: 'A motor' },
        ]}
      />
    </EntryForm>
  );
}

/** What the gear map of Watts is made of, and the length of the chain. */
const Teeth = () => (
  <>
    <Row>
      <Entry.Text name="rings" label="Chainring teeth" hint="One to three, like 50, 34." />
      <Entry.Text name="speeds" label="Speeds" numeric />
    </Row>
    <Row>
      <Entry.Text name="smallestCog" label="Smallest cog" half numeric />
      <Entry.Text name="largestCog" label="Largest cog" half numeric />
    </Row>
    <Entry.Text
      name="cogs"
      label="All cogs"
      hint="Their teeth, like 11, 12, 14, 16. Empty: not known."
    />
    <Row>
      <Entry.Text
        name="chainstay"
        label="Chainstay"
        unit="mm"
        hint="Bottom bracket to axle."
        half
        numeric
      />
      <Entry.Text
        name="chainline"
        label="Chainline"
        unit="mm"
        hint="Frame’s middle to the middle of the rings."
        half
        numeric
      />
    </Row>
  </>
);
