import CameraIcon from 'lucide-react-native/icons/camera';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlainEvent } from '@/core/records/event';
import { newMark } from '@/core/senses/rag/outline';
import { pairsIn, wantsPair } from '@/core/senses/rag/pairs';
import { photoOf, type RagRead } from '@/core/senses/rag/photo';
import { ragValue, shiftOf, together } from '@/core/senses/rag/outside';
import type { Outlines, RagReading } from '@/core/senses/rag/read';
import { RAG_SHADES } from '@/core/words/labels';
import { ragSentence, refusalSentence } from '@/core/words/senses';
import { Button } from '../form/Button';
import { FilePick } from '../form/FilePick';
import { Txt } from '../theme/Txt';
import { Swatches } from './Swatches';
import { Camera } from './Camera';
import { practiceRag } from './practiceRag';
import { RagPicture } from './RagPicture';
import { useRag, type Looking } from './useRag';

interface Props {
  /** What was photographed before, and the swatches picked beside it. */
  events: readonly PlainEvent[];
  /** Whether a drawn rag is offered to try it on. */
  practice: boolean;
  onRead: (read: RagRead) => void;
  onCancel: () => void;
}

/** A rag read by the camera or from a picture file: found, put right by hand, and said in numbers. */
export function RagMeter({ events, practice, onRead, onCancel }: Props) {
  const rag = useRag();
  const [kept, setKept] = useState<readonly RagReading[]>([]);
  const { looking } = rag;
  if (looking.at === 'camera')
    return (
      <Camera stream={looking.stream} onPicture={(p) => void rag.look(p)} onCancel={rag.again} />
    );
  if (looking.at === 'looking') return <Txt live="polite">Looking at the rag…</Txt>;
  if (looking.at === 'seen')
    return (
      <Seen
        {...{ looking, kept, events, onRead }}
        onOutlines={(outlines) => void rag.read(outlines)}
        onAgain={rag.again}
        onAnother={(reading) => {
          setKept([...kept, reading]);
          rag.again();
        }}
      />
    );
  return (
    <View style={styles.column}>
      {looking.refused ? (
        <Txt tone="danger" live="assertive">
          {refusalSentence(looking.refused)}
        </Txt>
      ) : null}
      {kept.length > 0 ? <Txt>{`${kept.length} read. Now the next mark.`}</Txt> : null}
      <Txt variant="small" tone="inkSoft">
        Lay the rag flat in even light, the mark in the middle and clean cloth around it. The
        picture stays on this device and is not kept: only its numbers are.
      </Txt>
      <Button
        kind="strong"
        icon={CameraIcon}
        label="Open the camera"
        onPress={() => void rag.openCamera()}
      />
      <FilePick
        label="Choose a picture"
        fieldLabel="Picture of the rag"
        accept="image/*"
        onPick={([file]) => file && void rag.look(file)}
      />
      {practice ? (
        <Button
          label="Try it on a practice rag"
          onPress={() => void practiceRag().then(rag.look)}
        />
      ) : null}
      <Button kind="quiet" label="Pick a shade instead" onPress={onCancel} />
    </View>
  );
}

interface SeenProps {
  looking: Extract<Looking, { at: 'seen' }>;
  kept: readonly RagReading[];
  events: readonly PlainEvent[];
  onOutlines: (outlines: Outlines) => void;
  onAgain: () => void;
  onAnother: (reading: RagReading) => void;
  onRead: (read: RagRead) => void;
}

/** The picture, what it says, and what can be done with it. */
function Seen({ looking, kept, events, onOutlines, onAgain, onAnother, onRead }: SeenProps) {
  const [moving, setMoving] = useState(false);
  /** The swatch picked beside it; null: none, on purpose; not there: not asked yet. */
  const [picked, setPicked] = useState<number | null | undefined>(undefined);
  const pairs = useMemo(() => pairsIn(events), [events]);
  const { outlines, reading } = looking;
  const value = reading?.ok
    ? ragValue(together([...kept, reading.value] as [RagReading]), shiftOf(pairs))
    : null;
  // A pair is of one picture: of several nobody knows which the swatch was picked for.
  const asks =
    value !== null &&
    value.patches > 0 &&
    kept.length === 0 &&
    wantsPair(pairs) &&
    picked === undefined;
  return (
    <View style={styles.column}>
      <RagPicture {...{ url: looking.url, outlines, moving, onOutlines }} />
      {reading === null ? <Txt live="polite">Reading…</Txt> : null}
      {reading && !reading.ok ? (
        <Txt tone="danger" live="assertive">
          {refusalSentence(reading.problem)}
        </Txt>
      ) : null}
      {asks ? (
        <Picking onPick={setPicked} />
      ) : value && reading?.ok ? (
        <>
          <Txt variant="lead" live="polite">
            {ragSentence(value)}
          </Txt>
          {picked ? (
            <Txt variant="small">{`You picked “${RAG_SHADES[picked - 1] ?? ''}”.`}</Txt>
          ) : null}
          <Button
            kind="strong"
            label="Note it"
            onPress={() => onRead(photoOf(value, picked ?? null))}
          />
          <Button label="Add another mark" onPress={() => onAnother(reading.value)} />
        </>
      ) : null}
      {outlines ? (
        <OutlineButtons {...{ outlines, moving, onOutlines }} onMoving={() => setMoving(!moving)} />
      ) : null}
      <Button kind="quiet" label="Take it again" onPress={onAgain} />
    </View>
  );
}

interface OutlineProps {
  outlines: Outlines;
  moving: boolean;
  onMoving: () => void;
  onOutlines: (outlines: Outlines) => void;
}

/** Putting right what was found. */
const OutlineButtons = ({ outlines, moving, onMoving, onOutlines }: OutlineProps) => (
  <View style={styles.row}>
    <Button
      label={moving ? 'Outlines are right' : 'Move the outlines'}
      expanded={moving}
      onPress={onMoving}
    />
    {moving ? (
      <Button
        label="One more mark here"
        onPress={() =>
          onOutlines({ ...outlines, marks: [...outlines.marks, newMark(outlines.rag)] })
        }
      />
    ) : null}
    {moving && outlines.marks.length > 0 ? (
      <Button
        label="Remove the last mark"
        onPress={() => onOutlines({ ...outlines, marks: outlines.marks.slice(0, -1) })}
      />
    ) : null}
  </View>
);

/** Asked before the number is said, so that the eye is not led. */
const Picking = ({ onPick }: { onPick: (swatch: number | null) => void }) => (
  <View style={styles.column}>
    <Txt variant="strong">Before we say, which shade does it look like?</Txt>
    <Txt variant="small" tone="inkSoft">
      Three such pairs fit the camera to your eye and your rags.
    </Txt>
    <Swatches onPick={onPick} />
    <Button kind="quiet" label="Just tell me" onPress={() => onPick(null)} />
  </View>
);

const styles = StyleSheet.create({
  column: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
