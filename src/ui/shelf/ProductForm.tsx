import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import {
  readProduct,
  type ProductDraft,
  type ProductField,
  type ProductFields,
} from '@/core/entry/product';
import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube';
import { PRODUCT_KINDS, type Product } from '@/core/shelf';
import { distanceUnit, toShownDistance, toShownTemperature, type UnitSystem } from '@/core/units';
import { Button, Choice, Field, FormFoot, MomentField, Toggles } from '../form';
import { KIND_LABEL, unitOf } from './words';

interface Props {
  /** Null: a new one. */
  product: Product | null;
  /** What the log says is left now. */
  left: number;
  units: UnitSystem;
  onSave: (fields: ProductFields) => void;
  onRemove?: () => void;
}

const text = (value: number | null): string => (value === null ? '' : String(value));

const shown = (value: number | null | undefined, as: (value: number) => number) =>
  value === null || value === undefined ? null : Math.round(as(value));

const draftOf = (product: Product | null, left: number, units: UnitSystem): ProductDraft => ({
  name: product?.name ?? '',
  kind: product?.kind ?? 'lube',
  lubeClass: product?.lubeClass ?? 'all-weather',
  size: text(product?.size ?? null),
  price: text(product?.price ?? null),
  openedOn: product?.openedOn ?? null,
  left: product ? String(Math.round(Math.max(0, left) * 10) / 10) : '',
  lifeKm: text(shown(product?.lifeKm, (km) => toShownDistance(km, units))),
  setHours: text(product?.setHours ?? null),
  shake: product?.shake ?? false,
  leastC: text(shown(product?.leastC, (celsius) => toShownTemperature(celsius, units))),
  dilution: text(product?.dilution ?? null),
  forChains: product?.forChains ?? true,
  sparesWax: product?.sparesWax ?? false,
});

/** A product of the shelf: what it is, what it held and cost, what is left, what its label says. */
export function ProductForm({ product, left, units, onSave, onRemove }: Props) {
  const [draft, setDraft] = useState(() => draftOf(product, left, units));
  const [problems, setProblems] = useState<FieldProblems<ProductField>>({});
  const set = (part: Partial<ProductDraft>) => setDraft((d) => ({ ...d, ...part }));
  const unit = unitOf(draft.kind);
  const save = () => {
    const read = readProduct(draft, units);
    setProblems(read.ok ? {} : read.problems);
    if (read.ok) onSave(read.value);
  };
  return (
    <View style={styles.form}>
      <Field
        label="Name"
        value={draft.name}
        onChange={(name) => set({ name })}
        problem={problems.name}
      />
      <Choice
        label="What it is"
        options={PRODUCT_KINDS.map((value) => ({ value, label: KIND_LABEL[value] }))}
        value={draft.kind}
        onChange={(kind) => set({ kind })}
      />
      {draft.kind === 'lube' ? (
        <Choice
          label="Class"
          options={LUBE_CLASS_NAMES.map((value) => ({
            value,
            label: value.charAt(0).toUpperCase() + value.slice(1),
            hint: LUBE_CLASSES[value].character,
          }))}
          value={draft.lubeClass}
          onChange={(lubeClass) => set({ lubeClass })}
        />
      ) : null}
      <View style={styles.row}>
        <Field
          label="It held, when full"
          value={draft.size}
          onChange={(size) => set({ size })}
          problem={problems.size}
          unit={unit}
          numeric
          half
        />
        <Field
          label="It cost"
          value={draft.price}
          onChange={(price) => set({ price })}
          problem={problems.price}
          hint="Empty: costs are unknown."
          numeric
          half
        />
        <Field
          label="Left now"
          value={draft.left}
          onChange={(value) => set({ left: value })}
          problem={problems.left}
          unit={unit}
          hint={product ? 'Counted again when you change it.' : 'Empty: all of it.'}
          numeric
          half
        />
        {draft.kind === 'lube' ? (
          <Field
            label="Life by its label"
            value={draft.lifeKm}
            onChange={(lifeKm) => set({ lifeKm })}
            problem={problems.lifeKm}
            unit={distanceUnit(units)}
            hint="Empty: its class’s."
            numeric
            half
          />
        ) : null}
        {draft.kind === 'lube' ? (
          <>
            <Field
              label="Sets by its label in"
              value={draft.setHours}
              onChange={(setHours) => set({ setHours })}
              problem={problems.setHours}
              unit="h"
              hint={`In a warm room. Empty: its class’s ${LUBE_CLASSES[draft.lubeClass ?? 'all-weather'].setHours} h.`}
              numeric
              half
            />
            <Field
              label="Not to be used below"
              value={draft.leastC}
              onChange={(leastC) => set({ leastC })}
              problem={problems.leastC}
              unit={units === 'metric' ? '°C' : '°F'}
              hint="Empty: its label names none."
              numeric
              half
            />
          </>
        ) : null}
        {draft.kind === 'degreaser' ? (
          <Field
            label="Parts of water to one"
            value={draft.dilution}
            onChange={(dilution) => set({ dilution })}
            problem={problems.dilution}
            hint="As its label says; 0 is neat."
            numeric
            half
          />
        ) : null}
      </View>
      {draft.kind === 'degreaser' || draft.kind === 'solvent' ? (
        <Toggles
          label="Its label"
          options={[
            {
              label: 'Allows chains',
              on: draft.forChains,
              onChange: (forChains) => set({ forChains }),
            },
            {
              label: 'Spares wax',
              on: draft.sparesWax,
              onChange: (sparesWax) => set({ sparesWax }),
            },
          ]}
        />
      ) : null}
      {draft.kind === 'lube' ? (
        <Toggles
          label="Its label"
          options={[
            { label: 'Shake before use', on: draft.shake, onChange: (shake) => set({ shake }) },
          ]}
        />
      ) : null}
      <MomentField
        label="Opened on"
        value={draft.openedOn}
        onChange={(openedOn) => set({ openedOn })}
        dayOnly
      />
      <FormFoot>
        <Button
          kind="strong"
          label={product ? 'Save product' : 'Put it on the shelf'}
          onPress={save}
          grow
        />
        {onRemove ? (
          <Button kind="danger" label="Take it off the shelf" onPress={onRemove} />
        ) : null}
      </FormFoot>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
