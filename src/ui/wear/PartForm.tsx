import { readPart, type PartDraft, type PartFields } from '@/core/entry/part';
import { PART_KINDS } from '@/core/records/kinds';
import type { Garage } from '@/core/records/garage';
import { distanceUnit, type Units } from '@/core/units/convert';
import { PART_LABEL } from '@/core/words/parts';
import { entriesOf } from '../entry/entries';
import { EntryForm, Row } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';

interface Props {
  garage: Garage;
  units: Units;
  now: number;
  onSave: (fields: PartFields) => void;
}

const Entry = entriesOf<PartDraft>();
const KINDS = PART_KINDS.map((value) => ({ value, label: PART_LABEL[value] }));

/** Noting a part on a bike: what it is, since when it is on, and what it had behind it. */
export function PartForm({ garage, units, now, onSave }: Props) {
  const blank: PartDraft = {
    kind: 'cassette',
    name: '',
    before: '',
    chains: '',
    at: new Date(now).toISOString(),
    price: '',
  };
  const { form, save, startAfresh } = useEntry<PartDraft, PartFields>(
    blank,
    (draft) => readPart(draft, { garage, id: '', units, now }),
    onSave,
  );
  return (
    <EntryForm form={form} startAfresh={startAfresh} saveLabel="Save the part" onSave={save}>
      <Entry.Choice name="kind" label="What it is" options={KINDS} />
      <Entry.Text name="name" label="Name" hint="Like 11–36 cassette." />
      <Row>
        <Entry.Moment name="at" label="Fitted" />
        <Entry.Text name="price" label="Price" hint="Empty: not known." numeric half />
      </Row>
      <Row>
        <Entry.Text
          name="before"
          label="Ridden before that"
          unit={distanceUnit(units)}
          hint="A guess will do. Empty: it was new."
          numeric
          half
        />
        <Entry.Text
          name="chains"
          label="Chains worn out on it before"
          hint="Empty: not known."
          numeric
          half
        />
      </Row>
    </EntryForm>
  );
}
