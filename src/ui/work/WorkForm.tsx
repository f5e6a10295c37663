import { useState, type PropsWithChildren } from 'react';
import { useWatch } from 'react-hook-form';
import type { ChainState } from '@/core/care/model/state';
import type { Bike, Chain } from '@/core/records/garage';
import { DRYINGS } from '@/core/records/kinds';
import { LUBE_CLASS_NAMES, LUBE_CLASSES, type LubeClass } from '@/core/lube/classes';
import type { Schools } from '@/core/lube/schools';
import type { Product } from '@/core/records/product';
import type { Air } from '@/core/weather/drying';
import { EntryForm } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';
import { Choice } from '../form/Choice';
import { Txt } from '../theme/Txt';
import { COAT_SHARES } from '@/core/words/facts';
import { DRYING_LABEL, METHOD_LABEL } from '@/core/words/labels';
import type { BenchTrial } from '@/core/bench/trial';
import { HowTried, WorkCautions } from '../bench/lazily';
import { FromShelf, usedText } from './FromShelf';
import { AlsoDone, Baths, WorkEntries } from './WorkEntries';
import { WorkEffect } from './WorkEffect';
import {
  capital,
  DEPTHS,
  depthOf,
  fromShelf,
  ofDepth,
  readWork,
  specOf,
  type Shelf,
  type WorkDraft,
  type WorkEntry,
} from './workDraft';
import { CHARACTER } from '@/core/words/bench/lubes';

interface Props {
  initial: WorkDraft;
  chains: readonly Chain[];
  /** The chain as it stood at a moment, now if none is entered, for showing what the work will do; null when it is not known. */
  before: (
    chainId: string,
    at: string | null,
  ) => { state: ChainState; cogs: number; air: Air } | null;
  /** Put on where the work proposed has no lube and the rider adds one. */
  usualLube: LubeClass;
  /** What stands on the shelf, and what a coat of a class takes of its bottle on a chain, ml. */
  products: Readonly<Record<string, Product>>;
  coatMl: (chainId: string, lube: LubeClass) => number;
  schools: Schools;
  /** The bike a chain is on. */
  bikeOf: (chainId: string) => Bike | undefined;
  /** A trial that runs on a bike and asks how a coat was put on; null: none does. */
  trial: ({ bikeId: string } & Pick<BenchTrial, 'id' | 'labels'>) | null;
  now: number;
  onSave: (entry: WorkEntry) => void;
}

/** Work done, recorded: depth, method, lube. Shows what it does to the chain before it is saved. */
export function WorkForm(props: Props) {
  const { initial, chains, products, bikeOf } = props;
  const { form, save, startAfresh } = useEntry<WorkDraft, WorkEntry>(
    initial,
    (draft) => readWork(draft, props.now, props),
    props.onSave,
  );
  const draft = useWatch({ control: form.control }) as WorkDraft;
  const put: Put = (part) => form.reset({ ...form.getValues(), ...part }, { keepErrors: true });
  const { used } = fromShelf(draft, props);
  return (
    <EntryForm form={form} startAfresh={startAfresh} saveLabel="Save work" onSave={save}>
      {chains.length > 1 ? (
        <WorkEntries.Choice
          name="chainId"
          label="Chain"
          options={chains.map((c) => ({ value: c.id, label: c.name }))}
        />
      ) : null}
      <HowDeep draft={draft} usualLube={initial.lubeClass ?? props.usualLube} onPut={put}>
        <WorkCautions
          method={draft.method}
          lubes={draft.lubeClass !== null}
          bike={bikeOf(draft.chainId)}
          chain={chains.find((c) => c.id === draft.chainId)}
        />
      </HowDeep>
      <OffTheShelf draft={draft} shelf={props} onPut={put} />
      {props.trial && draft.lubeClass && bikeOf(draft.chainId)?.id === props.trial.bikeId ? (
        <HowTried
          {...props.trial}
          tried={draft.trial?.arm ?? null}
          onTried={(arm) => put({ trial: props.trial && { id: props.trial.id, arm } })}
        />
      ) : null}
      <WorkEntries.Moment name="at" label="Done" />
      <WorkEntries.Text name="note" label="Note" />
      <WorkEffect spec={specOf(draft)} before={props.before(draft.chainId, draft.at)} />
      {used.length > 0 ? (
        <Txt variant="small" tone="inkSoft">
          Off the shelf: {used.map((u) => usedText(u, products)).join(', ')}.
        </Txt>
      ) : null}
    </EntryForm>
  );
}

type Put = (part: Partial<WorkDraft>) => void;

interface HowDeepProps {
  draft: WorkDraft;
  /** Put on when the rider adds lube to work that had none. */
  usualLube: LubeClass;
  onPut: Put;
}

/** How deep the work went, how, and what was put on; what may hurt stands between (`children`). */
function HowDeep({ draft, usualLube, onPut, children }: PropsWithChildren<HowDeepProps>) {
  const [lastLube, setLastLube] = useState(usualLube);
  const depth = depthOf(draft);
  const pickLube = (lubeClass: LubeClass | null) => {
    if (lubeClass) setLastLube(lubeClass);
    onPut({ lubeClass, coat: 1, wiped: lubeClass ? LUBE_CLASSES[lubeClass].wiped : true });
  };
  return (
    <>
      <Choice
        label="Which job"
        options={Object.keys(DEPTHS).map((d) => ({ value: d, label: d }))}
        value={depth}
        onChange={(next) => onPut(ofDepth(next, lastLube))}
      />
      <WorkEntries.Choice
        name="method"
        label="Cleaned with"
        options={(DEPTHS[depth] ?? []).map((m) => ({ value: m, label: METHOD_LABEL[m] }))}
      />
      {draft.method === 'baths' ? <Baths draft={draft} /> : null}
      {children}
      {depth === 'Clean' ? (
        <WorkEntries.Choice
          name="drying"
          label="Dried with"
          options={DRYINGS.map((d) => ({ value: d, label: DRYING_LABEL[d] }))}
        />
      ) : null}
      {depth === 'Wipe-down' ? null : (
        <Choice<LubeClass | null>
          label="Lube put on"
          options={depth === 'Clean' ? [...LUBES, NONE_YET] : LUBES}
          value={draft.lubeClass}
          onChange={pickLube}
        />
      )}
      {draft.lubeClass && draft.lubeClass !== 'hot wax' ? (
        <Choice<string>
          label="How much of a coat"
          options={COAT_SHARES}
          value={String(draft.coat)}
          onChange={(coat) => onPut({ coat: Number(coat) })}
        />
      ) : null}
    </>
  );
}

/** From which bottle and with which cleaner; what else was done. */
function OffTheShelf({ draft, shelf, onPut }: { draft: WorkDraft; shelf: Shelf; onPut: Put }) {
  const { bottles, bottle, cleaners, cleaner } = fromShelf(draft, shelf);
  return (
    <>
      <FromShelf
        label="From which bottle"
        list={bottles}
        chosen={bottle}
        onChange={(bottleId) => onPut({ bottleId })}
      />
      <FromShelf
        label="Cleaned with what"
        list={cleaners}
        chosen={cleaner}
        onChange={(cleanerId) => onPut({ cleanerId })}
      />
      <AlsoDone draft={draft} cleaner={cleaner} />
    </>
  );
}

const LUBES = LUBE_CLASS_NAMES.map((value) => ({
  value,
  label: capital(value),
  hint: CHARACTER[value],
}));
const NONE_YET = {
  value: null,
  label: 'None yet',
  hint: 'A bare chain: lube it before you ride.',
};
