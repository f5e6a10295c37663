import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { cautionsFor } from '@/core/bench';
import { METHODS, type ChainState } from '@/core/care';
import { readMoment, type FieldProblems } from '@/core/entry/form';
import type { Bike, Chain } from '@/core/garage';
import { DRYINGS } from '@/core/logbook';
import { bottlesOf, cleanersFor, undercoatOf, usedOn, type Product } from '@/core/shelf';
import { LUBE_CLASS_NAMES, LUBE_CLASSES, type LubeClass, type Schools } from '@/core/lube';
import type { Air } from '@/core/weather';
import { Button, Choice, Field, FormFoot, MomentField, Toggles } from '../form';
import { Txt } from '../theme';
import { DRYING_LABEL, METHOD_LABEL } from '../words';
import { CautionCard } from './CautionCard';
import { WorkEffect } from './WorkEffect';
import { FromShelf, pickOf, usedText } from './FromShelf';
import {
  capital,
  DEPTHS,
  depthOf,
  specOf,
  withOwn,
  type WorkDraft,
  type WorkEntry,
} from './workDraft';

interface Props {
  initial: WorkDraft;
  chains: readonly Chain[];
  /** The chain as it stands now, for showing what the work will do; null when it is not known. */
  before: (chainId: string) => { state: ChainState; cogs: number; air: Air } | null;
  /** Put on where the work proposed has no lube and the rider adds one. */
  usualLube: LubeClass;
  /** What stands on the shelf, and what a coat of a class takes of its bottle on a chain, ml. */
  products: Readonly<Record<string, Product>>;
  coatMl: (chainId: string, lube: LubeClass) => number;
  schools: Schools;
  /** The bike a chain is on. */
  bikeOf: (chainId: string) => Bike | undefined;
  now: number;
  onSave: (entry: WorkEntry) => void;
}

/** Work done, recorded: depth, method, lube. Shows what it does to the chain before it is saved. */
export function WorkForm({
  initial,
  chains,
  before,
  usualLube,
  products,
  coatMl,
  schools,
  bikeOf,
  now,
  onSave,
}: Props) {
  const [draft, setDraft] = useState(initial);
  const [lastLube, setLastLube] = useState<LubeClass>(initial.lubeClass ?? usualLube);
  const [problems, setProblems] = useState<FieldProblems<'at'>>({});
  const set = (part: Partial<WorkDraft>) => setDraft((d) => ({ ...d, ...part }));
  const depth = depthOf(draft);
  const pickDepth = (next: string) =>
    set({
      method: DEPTHS[next]?.[0] ?? 'none',
      lubeClass: next === 'Wipe-down' ? null : lastLube,
      cogsCleaned: next === 'Clean',
      drying: next === 'Clean' ? 'towel and air' : 'towel',
    });
  const pickLube = (lubeClass: LubeClass | null) => {
    if (lubeClass) setLastLube(lubeClass);
    set({ lubeClass, wiped: lubeClass ? LUBE_CLASSES[lubeClass].wiped : true });
  };
  const bottles = bottlesOf(products, draft.lubeClass);
  const cleaners = cleanersFor(products, draft.method, schools.degreaser);
  const bottle = pickOf(bottles, draft.bottleId);
  const under = undercoatOf(products, draft.lubeClass, schools.products);
  const cleaner = pickOf(cleaners, draft.cleanerId);
  const used = usedOn({
    method: draft.method,
    baths: draft.method === 'baths' ? { count: draft.bathCount, ml: draft.bathMl } : null,
    coat: [bottle, bottle && under].flatMap((from) =>
      from?.lubeClass ? [{ bottle: from, ml: coatMl(draft.chainId, from.lubeClass) }] : [],
    ),
    cleaner,
    settled: draft.settled,
  });
  const save = () => {
    const at = readMoment(draft.at, now);
    setProblems(at.ok ? {} : { at: at.problem });
    if (at.ok)
      onSave({
        ...specOf(draft),
        chainId: draft.chainId,
        used,
        at: at.value,
        note: draft.note.trim(),
      });
  };
  return (
    <View style={styles.form}>
      {chains.length > 1 ? (
        <Choice
          label="Chain"
          options={chains.map((c) => ({ value: c.id, label: c.name }))}
          value={draft.chainId}
          onChange={(chainId) => set({ chainId })}
        />
      ) : null}
      <Choice
        label="How deep"
        options={Object.keys(DEPTHS).map((d) => ({ value: d, label: d }))}
        value={depth}
        onChange={pickDepth}
      />
      <Choice
        label="Cleaned with"
        options={(DEPTHS[depth] ?? []).map((m) => ({ value: m, label: METHOD_LABEL[m] }))}
        value={draft.method}
        onChange={(method) => set({ method })}
      />
      {draft.method === 'baths' ? (
        <View style={styles.pair}>
          <Choice
            label="Baths"
            options={withOwn([1, 2, 3, 4], draft.bathCount).map((n) => ({
              value: n,
              label: String(n),
            }))}
            value={draft.bathCount}
            onChange={(bathCount) => set({ bathCount })}
          />
          <Choice
            label="Size of each"
            options={withOwn([100, 150, 250, 500], draft.bathMl).map((n) => ({
              value: n,
              label: `${n} ml`,
            }))}
            value={draft.bathMl}
            onChange={(bathMl) => set({ bathMl })}
          />
        </View>
      ) : null}
      <CautionCard
        names={cautionsFor(
          draft.method,
          draft.lubeClass !== null,
          bikeOf(draft.chainId),
          chains.find((c) => c.id === draft.chainId),
        )}
      />
      {depth === 'Clean' ? (
        <Choice
          label="Dried with"
          options={DRYINGS.map((d) => ({ value: d, label: DRYING_LABEL[d] }))}
          value={draft.drying}
          onChange={(drying) => set({ drying })}
        />
      ) : null}
      {depth === 'Wipe-down' ? null : (
        <Choice<LubeClass | null>
          label="Lube put on"
          options={[
            ...LUBE_CLASS_NAMES.map((l) => ({
              value: l,
              label: capital(l),
              hint: LUBE_CLASSES[l].character,
            })),
            ...(depth === 'Clean'
              ? [{ value: null, label: 'None yet', hint: 'A bare chain: lube it before you ride.' }]
              : []),
          ]}
          value={draft.lubeClass}
          onChange={pickLube}
        />
      )}
      <FromShelf
        label="From which bottle"
        list={bottles}
        chosen={bottle}
        onChange={(bottleId) => set({ bottleId })}
      />
      <FromShelf
        label="Cleaned with what"
        list={cleaners}
        chosen={cleaner}
        onChange={(cleanerId) => set({ cleanerId })}
      />
      <Toggles
        label="Also"
        options={[
          ...(cleaner?.kind === 'degreaser' &&
          METHODS[draft.method].rinsed &&
          draft.method === 'baths'
            ? [
                {
                  label: 'Degreaser settled, to be used again',
                  on: draft.settled,
                  onChange: (settled: boolean) => set({ settled }),
                },
              ]
            : []),
          {
            label: 'Cassette and jockey wheels cleaned',
            on: draft.cogsCleaned,
            onChange: (cogsCleaned) => set({ cogsCleaned }),
          },
          ...(draft.lubeClass && LUBE_CLASSES[draft.lubeClass].wiped
            ? [
                {
                  label: 'Wiped off afterwards',
                  on: draft.wiped,
                  onChange: (wiped: boolean) => set({ wiped }),
                },
              ]
            : []),
        ]}
      />
      <MomentField
        label="Done"
        value={draft.at}
        onChange={(at) => set({ at })}
        problem={problems.at}
      />
      <Field label="Note" value={draft.note} onChange={(note) => set({ note })} />
      <WorkEffect spec={specOf(draft)} before={before(draft.chainId)} />
      {used.length > 0 ? (
        <Txt variant="small" tone="inkSoft">
          Off the shelf: {used.map((u) => usedText(u, products)).join(', ')}.
        </Txt>
      ) : null}
      <FormFoot>
        <Button kind="strong" label="Save work" onPress={save} grow />
      </FormFoot>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
