import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  newChainDraft,
  readNewChain,
  type NewChainDraft,
  type NewChainField,
  type NewChainFields,
} from '@/core/entry/newChain';
import type { Bike, Chain } from '@/core/records/garage';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import { USUAL_LINKS } from '@/core/lube/dose';
import type { Problem } from '@/core/problem';
import { CLOSURE_OPTIONS } from '@/core/words/closures';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { readKept, writeKept } from '../form/keptDraft';

/** Of a chain nobody has said anything of. */
const USUAL = {
  links: USUAL_LINKS,
  closure: 'not known',
  openingsAllowed: null,
  directional: false,
} as const;

/** What was said of a new chain. */
export interface NewChainSaid {
  chain: NewChainFields;
  lube: LubeClass | null;
  keepsOld: boolean;
}

export interface NewChainProps {
  bike: Bike;
  /** The chain that comes off; null: there is none on the bike. */
  old: Chain | null;
  /** The last chain this bike had, which the new one is taken to be like. */
  like: Chain | null;
  /** The lube this bike is ridden with; absent: what a chain has out of its box. */
  usual?: LubeClass | null;
  /** Links that were worked out for it, as form text. */
  links?: string | null;
  /** What there is to say before it is fitted; null: the form is not yet complete. */
  note: (said: NewChainSaid | null) => ReactNode;
  /** To the page that works out width and length. */
  onGuide: () => void;
  /** To the same form at the bench; absent: this is it, and the chain is fitted there step by step. */
  onBench?: () => void;
  /** Returns whether it was taken: else what was typed stays. */
  onFit: (said: NewChainSaid) => boolean;
}

/** The form as it stands, with what becomes of the chain that comes off. */
interface Draft extends NewChainDraft {
  lube: LubeClass | null;
  keepsOld: boolean;
}

/** A new chain for a bike: what it is, what is on it, and what becomes of the old one. */
export function NewChain(props: NewChainProps) {
  const { bike, old, like, links = null, note, onGuide, onBench, onFit } = props;
  const opened: Draft = {
    ...newChainDraft(like ?? { ...USUAL, speeds: bike.speeds }),
    lube: props.usual ?? 'wet',
    keepsOld: true,
  };
  const kept = `new chain ${bike.id}`;
  const [draft, setDraft] = useState<Draft>(() => ({
    ...opened,
    ...readKept<Draft>(kept),
    ...(links === null ? {} : { links }),
  }));
  // Who goes to look up the length comes back to what was typed.
  useEffect(() => writeKept(kept, draft, opened));
  const [problems, setProblems] = useState<Partial<Record<NewChainField, Problem>>>({});
  const read = readNewChain(draft, bike);
  const { lube, keepsOld } = draft;
  const said = read.ok ? { chain: read.value, lube, keepsOld } : null;
  const fit = () => {
    setProblems(read.ok ? {} : read.problems);
    if (!said || !onFit(said)) return;
    setDraft(opened);
    writeKept(kept, opened, opened);
  };
  return (
    <View style={styles.form}>
      <ChainItself
        draft={draft}
        problems={problems}
        onChange={(chain) => setDraft({ ...draft, ...chain })}
        onGuide={onGuide}
        isMeasured={onBench !== undefined}
      />
      <LubeChoice
        lube={lube}
        onChange={(next) => setDraft({ ...draft, lube: next })}
        isOn={onBench !== undefined}
      />
      {old ? (
        <OldChoice
          name={old.name}
          keepsOld={keepsOld}
          onChange={(next) => setDraft({ ...draft, keepsOld: next })}
        />
      ) : null}
      {note(said)}
      <View style={styles.row}>
        <Button
          kind="strong"
          label={onBench ? 'It is on: write it down' : 'Begin at the bench'}
          onPress={fit}
        />
        {onBench ? <Button label="Fit it step by step" onPress={onBench} /> : null}
      </View>
    </View>
  );
}

interface OldProps {
  name: string;
  keepsOld: boolean;
  onChange: (keepsOld: boolean) => void;
}

const OldChoice = ({ name, keepsOld, onChange }: OldProps) => (
  <Choice
    label={`The old one, ${name}`}
    options={[
      { value: 'keep', label: 'Keep it', hint: 'As a spare, or to take turns with this one.' },
      { value: 'worn', label: 'It is worn out' },
    ]}
    value={keepsOld ? 'keep' : 'worn'}
    onChange={(next) => onChange(next === 'keep')}
  />
);

interface LubeProps {
  lube: LubeClass | null;
  onChange: (lube: LubeClass | null) => void;
  /** Whether the chain is on already: else it is the lube to come. */
  isOn: boolean;
}

function LubeChoice({ lube, onChange, isOn }: LubeProps) {
  return (
    <Choice<LubeClass | null>
      label={isOn ? 'Lube on the new chain' : 'Lube you will ride it with'}
      options={[
        ...LUBE_CLASS_NAMES.map((value) => ({
          value,
          label: value.charAt(0).toUpperCase() + value.slice(1),
          ...(value === 'wet' && isOn ? { hint: 'Factory grease counts as wet lube.' } : {}),
        })),
        ...(isOn ? [{ value: null, label: 'None, bare' }] : []),
      ]}
      value={lube}
      onChange={onChange}
    />
  );
}

interface ItselfProps {
  draft: NewChainDraft;
  problems: Partial<Record<NewChainField, Problem>>;
  onChange: (draft: NewChainDraft) => void;
  onGuide: () => void;
  /** Whether it has been measured already; else that is a step at the bench. */
  isMeasured: boolean;
}

/** Links, speeds, closure, first reading and price of the chain in the box. */
function ChainItself({ draft, problems, onChange, onGuide, isMeasured }: ItselfProps) {
  const field = (name: NewChainField) => ({
    value: draft[name],
    onChange: (text: string) => onChange({ ...draft, [name]: text }),
    problem: problems[name],
    numeric: true,
    half: true,
  });
  return (
    <>
      <View style={styles.row}>
        <Field label="Links, once cut" hint="One pin is one link." {...field('links')} />
        <Field label="Speeds it is made for" {...field('speeds')} />
      </View>
      <Button kind="plain" label="Which chain, and how long?" onPress={onGuide} />
      <Choice
        label="Closed by"
        options={[...CLOSURE_OPTIONS]}
        value={draft.closure}
        onChange={(closure) => onChange({ ...draft, closure })}
      />
      {draft.closure === 'reusable link' ? (
        <View style={styles.row}>
          <Field
            label="Openings its link allows"
            hint="By its maker. Empty: not known."
            {...field('openingsAllowed')}
          />
        </View>
      ) : null}
      <Choice
        label="Which way it runs"
        options={[
          { value: 'either', label: 'Either way' },
          { value: 'one', label: 'One way only', hint: 'An arrow or markings tell.' },
        ]}
        value={draft.directional ? 'one' : 'either'}
        onChange={(way) => onChange({ ...draft, directional: way === 'one' })}
      />
      <View style={styles.row}>
        {isMeasured ? (
          <Field
            label="First reading"
            unit="%"
            hint="The mean of three places, on the bike. Empty: not measured."
            {...field('baseline')}
          />
        ) : null}
        <Field label="Price" hint="Empty: not known." {...field('price')} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18, alignSelf: 'stretch' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
