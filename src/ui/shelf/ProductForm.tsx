import { useWatch } from 'react-hook-form';
import {
  productDraft,
  readProduct,
  type ProductDraft,
  type ProductFields,
} from '@/core/entry/product';
import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube/classes';
import { PRODUCT_KINDS } from '@/core/records/kinds';
import type { Product } from '@/core/records/product';
import { distanceUnit, type Units } from '@/core/units/convert';
import { entriesOf } from '../entry/entries';
import { EntryForm, Row } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';
import { KIND_LABEL, unitOf } from '@/core/words/shelf';
import { CHARACTER } from '@/core/words/bench/lubes';

interface Props {
  /** Null: a new one. */
  product: Product | null;
  /** What the log says is left now. */
  left: number;
  units: Units;
  onSave: (fields: ProductFields) => void;
  onRemove?: () => void;
}

const Entry = entriesOf<ProductDraft>();

const CLASSES = LUBE_CLASS_NAMES.map((value) => ({
  value,
  label: value.charAt(0).toUpperCase() + value.slice(1),
  hint: CHARACTER[value],
}));

/** A product of the shelf: what it is, what it held and cost, what is left, what its label says. */
export function ProductForm({ product, left, units, onSave, onRemove }: Props) {
  const { form, save, startAfresh } = useEntry<ProductDraft, ProductFields>(
    productDraft(product, left, units),
    (draft) => readProduct(draft, units),
    onSave,
  );
  const kind = useWatch({ control: form.control, name: 'kind' });
  const unit = unitOf(kind);
  return (
    <EntryForm
      startAfresh={startAfresh}
      form={form}
      saveLabel={product ? 'Save product' : 'Put it on the shelf'}
      onSave={save}
      remove={{ label: 'Take it off the shelf', onPress: onRemove }}
    >
      <Entry.Text name="name" label="Name" />
      <Entry.Choice
        name="kind"
        label="What it is"
        options={PRODUCT_KINDS.map((value) => ({ value, label: KIND_LABEL[value] }))}
      />
      {kind === 'lube' ? <Entry.Choice name="lubeClass" label="Class" options={CLASSES} /> : null}
      <Row>
        <Entry.Text name="size" label="It held, when full" unit={unit} numeric half />
        <Entry.Text name="price" label="It cost" hint="Empty: costs are unknown." numeric half />
        <Entry.Text
          name="left"
          label="Left now"
          unit={unit}
          hint={product ? 'Counted again when you change it.' : 'Empty: all of it.'}
          numeric
          half
        />
        {kind === 'lube' ? <LubeLabel units={units} /> : null}
        {kind === 'degreaser' ? (
          <Entry.Text
            name="dilution"
            label="Parts of water to one"
            hint="As its label says; 0 is neat."
            numeric
            half
          />
        ) : null}
      </Row>
      {kind === 'degreaser' || kind === 'solvent' ? (
        <Entry.Toggles label="Its label" options={CLEANER_LABEL} />
      ) : null}
      {kind === 'lube' ? <Entry.Toggles label="Its label" options={LUBE_LABEL} /> : null}
      <Entry.Moment name="openedOn" label="Opened on" dayOnly />
    </EntryForm>
  );
}

const CLEANER_LABEL = [
  { name: 'forChains', label: 'Allows chains' },
  { name: 'sparesWax', label: 'Spares wax' },
] as const;
const LUBE_LABEL = [{ name: 'shake', label: 'Shake before use' }] as const;

/** What a lube's label says of it in figures. */
function LubeLabel({ units }: { units: Units }) {
  const lubeClass = useWatch<ProductDraft, 'lubeClass'>({ name: 'lubeClass' }) ?? 'all-weather';
  return (
    <>
      <Entry.Text
        name="lifeKm"
        label="Life by its label"
        unit={distanceUnit(units)}
        hint="Empty: its class’s."
        numeric
        half
      />
      <Entry.Text
        name="setHours"
        label="Sets by its label in"
        unit="h"
        hint={`In a warm room. Empty: its class’s ${LUBE_CLASSES[lubeClass].setHours} h.`}
        numeric
        half
      />
      <Entry.Text
        name="leastC"
        label="Not to be used below"
        unit={`°${units.temperature}`}
        hint="Empty: its label names none."
        numeric
        half
      />
    </>
  );
}
