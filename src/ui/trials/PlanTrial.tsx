import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { WAY_ANSWERS } from '@/core/trials/ways';
import type { Design } from '@/core/trials/designs';
import type { TrialQuestion } from '@/core/records/trial';
import { TRIED_WAYS, type TriedWay } from '@/core/records/trialKinds';
import type { Product } from '@/core/records/product';
import type { Units } from '@/core/units/convert';
import { WITHIN_LABELS, wayWords } from '@/core/words/trials';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { SelectField } from '../form/SelectField';
import { Txt } from '../theme/Txt';
import { DesignList } from './DesignList';

interface Props {
  /** Ways that this bike, lube and tools can be lubed by: the answers that can be tried of each. */
  possible: Readonly<Record<TriedWay, readonly string[]>>;
  /** Bottles of lube on the shelf. */
  bottles: readonly Product[];
  initial: TrialQuestion | null;
  /** What running it would take, the best way first. */
  designsOf: (question: TrialQuestion, careFor: number) => Design[];
  shown: { units: Units; currency: string | null };
  onBegin: (question: TrialQuestion, careFor: number, design: Design) => void;
}

const KINDS = [
  { value: 'way', label: 'A way of lubing' },
  { value: 'product', label: 'Two bottles' },
  { value: 'own', label: 'A question of my own' },
] as const;
type Kind = (typeof KINDS)[number]['value'];

const CARE_FOR = [0.15, 0.25, 0.5].map((value) => ({ value, label: `${value * 100} %` }));

/** Planning a trial: the question, the difference one cares for, and what it will take. */
export function PlanTrial({ possible, bottles, initial, designsOf, shown, onBegin }: Props) {
  const ways = TRIED_WAYS.filter((way) => possible[way].length > 1);
  const [kind, setKind] = useState<Kind>(initial?.kind ?? (ways.length > 0 ? 'way' : 'own'));
  const [asked, setAsked] = useState<TrialQuestion | null>(initial);
  const [careFor, setCareFor] = useState(0.5);
  const question = asked?.kind === kind ? asked : usualQuestion(kind, { ways, possible, bottles });
  const complete = question !== null && isComplete(question);
  return (
    <View style={{ gap: 18 }}>
      <Choice<Kind>
        label="What do you want to try?"
        options={KINDS.filter(
          ({ value }) =>
            value === 'own' || (value === 'way' ? ways.length > 0 : bottles.length > 1),
        )}
        value={kind}
        onChange={setKind}
      />
      {question?.kind === 'way' ? (
        <WayFields {...{ question, ways, possible }} onChange={setAsked} />
      ) : null}
      {question?.kind === 'product' ? (
        <BottleFields {...{ question, bottles }} onChange={setAsked} />
      ) : null}
      {question?.kind === 'own' ? <OwnFields question={question} onChange={setAsked} /> : null}
      <Choice<number>
        label="Which difference would make you change?"
        options={CARE_FOR}
        value={careFor}
        onChange={setCareFor}
      />
      {complete && question ? (
        <DesignList
          key={careFor}
          designs={designsOf(question, careFor)}
          careFor={careFor}
          {...shown}
          onBegin={(design) => onBegin(question, careFor, design)}
        />
      ) : (
        <Txt tone="inkSoft">{missing(question)}</Txt>
      )}
    </View>
  );
}

const isComplete = ({ kind, a, b, ...rest }: TrialQuestion): boolean =>
  a.trim() !== '' &&
  b.trim() !== '' &&
  a.trim() !== b.trim() &&
  (kind !== 'own' || ('ask' in rest && rest.ask.trim() !== ''));

const missing = (question: TrialQuestion | null): string =>
  question?.kind === 'own'
    ? 'Write down the question and two ways that differ. We then say what it takes.'
    : 'Choose two that differ. We then say what it takes.';

/** The question of a kind before anything is chosen. */
function usualQuestion(
  kind: Kind,
  { ways, possible, bottles }: Pick<Props, 'possible' | 'bottles'> & { ways: readonly TriedWay[] },
): TrialQuestion | null {
  if (kind === 'own') return { kind, ask: '', a: '', b: '' };
  if (kind === 'product') {
    const [a, b] = bottles;
    return a && b ? { kind, a: a.id, b: b.id } : null;
  }
  const [way] = ways;
  return way ? ofWay(way, possible) : null;
}

function ofWay(way: TriedWay, possible: Props['possible']): TrialQuestion {
  const [a = '', b = ''] = possible[way];
  return { kind: 'way', way, a, b };
}

/** What the two habits are called while they are chosen. */
const SIDES = [
  { arm: 'a', label: 'The one' },
  { arm: 'b', label: 'The other' },
] as const;

type OfKind<K extends Kind> = Extract<TrialQuestion, { kind: K }>;

function WayFields({
  question,
  ways,
  possible,
  onChange,
}: {
  question: OfKind<'way'>;
  ways: readonly TriedWay[];
  possible: Props['possible'];
  onChange: (question: TrialQuestion) => void;
}) {
  const { way } = question;
  const { answers } = wayWords(way);
  const options = WAY_ANSWERS[way]
    .filter((answer) => possible[way].includes(answer))
    .map((value) => ({ value, label: answers[value]?.label ?? value }));
  return (
    <>
      <Choice<TriedWay>
        label="Which habit?"
        options={ways.map((value) => ({ value, label: wayWords(value).question }))}
        value={way}
        onChange={(next) => onChange(ofWay(next, possible))}
      />
      {SIDES.map(({ arm, label }) => (
        <Choice<string>
          key={arm}
          label={label}
          options={options}
          value={question[arm]}
          onChange={(value) => onChange({ ...question, [arm]: value })}
        />
      ))}
    </>
  );
}

function BottleFields({
  question,
  bottles,
  onChange,
}: {
  question: OfKind<'product'>;
  bottles: readonly Product[];
  onChange: (question: TrialQuestion) => void;
}) {
  const options = bottles.map(({ id, name }) => ({ value: id, label: name }));
  return (
    <>
      {SIDES.map(({ arm, label }) => (
        <View key={arm} style={styles.row}>
          <SelectField
            label={label}
            value={question[arm]}
            options={options}
            onChange={(value) => onChange({ ...question, [arm]: value })}
          />
        </View>
      ))}
    </>
  );
}

function OwnFields({
  question,
  onChange,
}: {
  question: OfKind<'own'>;
  onChange: (question: TrialQuestion) => void;
}) {
  const put = (part: Partial<OfKind<'own'>>) => onChange({ ...question, ...part });
  return (
    <>
      <Field
        label="Your question"
        value={question.ask}
        hint="Say, “Does a warm chain take lube better?”"
        onChange={(ask) => put({ ask: ask.slice(0, 80) })}
      />
      {SIDES.map(({ arm, label }) => (
        <Field
          key={arm}
          label={label}
          value={question[arm]}
          onChange={(text) => put({ [arm]: text.slice(0, 80) })}
        />
      ))}
      <Txt variant="small">{WITHIN_LABELS}</Txt>
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
