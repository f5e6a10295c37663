import Mic from 'lucide-react-native/icons/mic';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { NO_COUNT, oneMore, readCountDraft, type CountDraft } from '@/core/entry/noiseCount';
import { countAsked } from '@/core/faults/gears';
import { readCount, type Count, type CountedGear } from '@/core/faults/rhythm';
import type { Cause } from '@/core/records/faults';
import { countAsk } from '@/core/words/faults/count';
import { heardText } from '@/core/words/faults/beats';
import { CountByEar } from '../senses/lazily';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field, FieldProblem } from '../form/Field';
import { Txt } from '../theme/Txt';
import { BeatRule } from './BeatRule';

interface Props {
  gear: CountedGear;
  /** Rings of the bike, and the cogs it may have. */
  rings: readonly number[];
  cogs: readonly number[];
  between: readonly Cause[];
  onCount: (count: Count) => void;
  onSkip: () => void;
}

/** Counting a noise: a gear, turns of the cranks, and how often it came; by taps or by figures. */
export function CountCard({ gear: usual, rings, cogs, between, onCount, onSkip }: Props) {
  const [gear, setGear] = useState(usual);
  const [draft, setDraft] = useState(NO_COUNT);
  const [asked, setAsked] = useState(false);
  const [byEar, setByEar] = useState(false);
  const read = readCountDraft(draft, gear);
  const put = (part: Partial<CountDraft>) => setDraft((d) => ({ ...d, ...part }));
  const heard = read.ok ? readCount(read.value) : null;
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        Count it
      </Txt>
      <Txt>{countAsk(countAsked(gear, between, cogs))}</Txt>
      {rings.length > 1 ? (
        <Choice
          label="Ring, teeth"
          options={rings.map((ring) => ({ value: ring, label: String(ring) }))}
          value={gear.ring}
          onChange={(ring) => setGear({ ...gear, ring })}
        />
      ) : null}
      {cogs.length > 1 ? (
        <Choice
          label="Cog, teeth"
          options={cogs.map((cog) => ({ value: cog, label: String(cog) }))}
          value={gear.cog}
          onChange={(cog) => setGear({ ...gear, cog })}
        />
      ) : null}
      <Taps draft={draft} put={put} />
      {byEar ? (
        <CountByEar
          gear={gear}
          onTake={({ turns, events }) => {
            put({ turns: String(turns), events: String(events) });
            setByEar(false);
          }}
        />
      ) : (
        <Button icon={Mic} label="Let the phone listen" onPress={() => setByEar(true)} />
      )}
      {heard ? (
        <>
          <BeatRule heard={heard} />
          <Txt live="polite">{heardText(heard)}</Txt>
        </>
      ) : null}
      {asked && !read.ok ? <FieldProblem problem={read.problem} /> : null}
      <Button
        kind="strong"
        label="That is my count"
        onPress={() => (read.ok ? onCount(read.value) : setAsked(true))}
      />
      <Button kind="quiet" label="I cannot count it" onPress={onSkip} />
    </View>
  );
}

interface TapsProps {
  draft: CountDraft;
  put: (part: Partial<CountDraft>) => void;
}

/** A tap for each turn and each time the noise came, or figures to type. */
const Taps = ({ draft, put }: TapsProps) => (
  <View style={styles.row}>
    <View style={styles.cell}>
      <Button kind="strong" label="A turn" onPress={() => put({ turns: oneMore(draft.turns) })} />
      <Field
        label="Turns of the cranks"
        value={draft.turns}
        onChange={(turns) => put({ turns })}
        numeric
      />
    </View>
    <View style={styles.cell}>
      <Button
        kind="strong"
        label="The noise"
        onPress={() => put({ events: oneMore(draft.events) })}
      />
      <Field
        label="Times it came"
        value={draft.events}
        onChange={(events) => put({ events })}
        numeric
      />
    </View>
  </View>
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12, flexWrap: 'wrap' },
  cell: { flexGrow: 1, flexBasis: 140, gap: 8 },
});
