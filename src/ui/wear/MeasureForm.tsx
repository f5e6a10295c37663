import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWatch } from 'react-hook-form';
import type { ReplayStep } from '@/core/care/replay/step';
import { readWearDraft, wearDraftOf, type WearDraft } from '@/core/entry/wear';
import type { Chain } from '@/core/records/garage';
import type { WearRead } from '@/core/records/event';
import { DROP_IN_SIDES, READ_BY, type Reading } from '@/core/wear/tools';
import { knownAt } from '@/core/wear/story';
import { questionsOf, type WearQuestion } from '@/core/wear/question';
import { againstLimit, READ_BY_WORDS, readingSentence, WEAR_QUESTION } from '@/core/words/wear';
import { EntryForm, Row } from '../entry/EntryForm';
import { entriesOf } from '../entry/entries';
import { useEntry } from '../entry/useEntry';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  now: number;
  limit: number;
  steps: readonly ReplayStep[];
  chain: Chain;
  /** A reading to be put right; null: a new one. */
  known: WearRead | null;
  onSave: (reading: Reading, at: string) => void;
}

const Wear = entriesOf<WearDraft>();
const SIDES = [
  { value: 'none' as const, label: 'None' },
  ...DROP_IN_SIDES.map((side) => ({ value: side, label: side.toFixed(2).replace(/0$/, '') })),
];

interface Asked {
  reading: Reading;
  at: string;
  questions: WearQuestion[];
}

/** Measuring a chain: with what, how, what it shows; what is odd is asked about before it is kept. */
export function MeasureForm({ now, limit, steps, chain, known, onSave }: Props) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const blank: WearDraft = {
    by: 'drop-in',
    dropsIn: 'none',
    first: '',
    second: '',
    third: '',
    at: new Date(now).toISOString(),
  };
  // Of a reading that is put right the others ask, not it itself.
  const others = known ? steps.filter((s) => s.event.id !== known.id) : steps;
  const { form, save, startAfresh } = useEntry<WearDraft, { reading: Reading; at: string }>(
    known ? wearDraftOf(known) : blank,
    (draft) => readWearDraft(draft, now),
    ({ reading, at }) => {
      const questions = questionsOf(reading, knownAt(others, chain, Date.parse(at)));
      if (questions.length === 0) onSave(reading, at);
      else setAsked({ reading, at, questions });
    },
  );
  const draft = useWatch({ control: form.control }) as WearDraft;
  if (asked)
    return (
      <Questions
        asked={asked}
        onKeep={() => onSave(asked.reading, asked.at)}
        onAgain={() => setAsked(null)}
      />
    );
  const read = readWearDraft(draft, now);
  return (
    <EntryForm form={form} startAfresh={startAfresh} saveLabel="Save the reading" onSave={save}>
      <Entries draft={draft} />
      {read.ok ? (
        <Card title="What it shows">
          <Txt variant="strong">{readingSentence(read.value.reading)}</Txt>
          <Txt>{againstLimit(read.value.reading, limit)}</Txt>
        </Card>
      ) : null}
    </EntryForm>
  );
}

/** With what, how, and what it showed at each place. */
function Entries({ draft }: { draft: WearDraft }) {
  const words = READ_BY_WORDS[draft.by];
  return (
    <>
      <Wear.Choice
        name="by"
        label="What do you measure with?"
        options={READ_BY.map((value) => {
          const { label, hint } = READ_BY_WORDS[value];
          return { value, label, hint };
        })}
      />
      <Card title="How to">
        {words.steps.map((step, n) => (
          <Txt key={step}>{`${n + 1}. ${step}`}</Txt>
        ))}
      </Card>
      {draft.by === 'drop-in' ? (
        <Wear.Choice name="dropsIn" label="Largest side that drops in" options={SIDES} />
      ) : (
        <Row>
          <Wear.Text name="first" label="First place" unit={words.unit} numeric />
          <Wear.Text name="second" label="Second place, if read" unit={words.unit} numeric />
          <Wear.Text name="third" label="Third place, if read" unit={words.unit} numeric />
        </Row>
      )}
      <Wear.Moment name="at" label="Measured" />
    </>
  );
}

interface QuestionsProps {
  asked: Asked;
  onKeep: () => void;
  onAgain: () => void;
}

/** What is odd about a reading, and the rider's word on it. */
function Questions({ asked, onKeep, onAgain }: QuestionsProps) {
  return (
    <Card title="Is this right?">
      <Txt variant="strong" live="assertive">
        {readingSentence(asked.reading)}
      </Txt>
      {asked.questions.map((question) => (
        <Txt key={question}>{WEAR_QUESTION[question]}</Txt>
      ))}
      <View style={styles.buttons}>
        <Button kind="strong" label="Measure again" onPress={onAgain} />
        <Button label="Keep it all the same" onPress={onKeep} />
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
