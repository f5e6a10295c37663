import Mic from 'lucide-react-native/icons/mic';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Refusal } from '@/core/senses/refusal';
import type { Recording } from '@/core/senses/sound/listen';
import type { Turn } from '@/core/senses/sound/turn';
import { refusalSentence } from '@/core/words/senses';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { FilePick } from '../form/FilePick';
import { ProgressBar } from '../form/ProgressBar';
import { Txt } from '../theme/Txt';
import { Beat } from './Beat';
import { useListening } from './useListening';

interface Props {
  /** What is shown of a recording, and done with it. */
  children: (recording: Recording, turn: Turn) => ReactNode;
}

const PACES = [45, 60, 75] as const;

/** Records a chain as it turns at the stand, and hands over what it says. */
export function Listener({ children }: Props) {
  const [perMinute, setPerMinute] = useState<number>(60);
  const [byTaps, setByTaps] = useState(false);
  const { listening, level, ...on } = useListening(perMinute, byTaps);
  switch (listening.at) {
    case 'recording':
      return (
        <View style={styles.column}>
          <Beat from={listening.from} perMinute={byTaps ? null : perMinute} />
          <ProgressBar share={level} label="How loud it is" />
          {byTaps ? <Button kind="strong" label="A turn" onPress={on.tap} /> : null}
          <Button label="That is enough" onPress={() => void on.stop()} />
          <Button kind="quiet" label="Stop without listening" onPress={on.again} />
        </View>
      );
    case 'reading':
      return <Txt live="polite">Listening…</Txt>;
    case 'heard':
      return (
        <View style={styles.column}>
          {children(listening.recording, listening.turn)}
          <Button kind="quiet" label="Record again" onPress={on.again} />
        </View>
      );
    case 'start':
      return (
        <Start
          refused={listening.refused}
          {...{ perMinute, byTaps }}
          onPace={(pace) => {
            setByTaps(pace === TAPPED);
            if (pace !== TAPPED) setPerMinute(pace);
          }}
          onRecord={() => void on.start()}
          onFile={(file) => void on.fromFile(file)}
        />
      );
  }
}

interface StartProps {
  refused: Refusal | null;
  perMinute: number;
  byTaps: boolean;
  onPace: (pace: number) => void;
  onRecord: () => void;
  onFile: (file: File) => void;
}

/** Before it is recorded: how, by which beat, from where. */
const Start = ({ refused, perMinute, byTaps, onPace, onRecord, onFile }: StartProps) => (
  <View style={styles.column}>
    {refused ? (
      <Txt tone="danger" live="assertive">
        {refusalSentence(refused)}
      </Txt>
    ) : null}
    <Txt variant="small" tone="inkSoft">
      Bike on the stand, phone a hand’s width from the chain, nobody talking. Turn the cranks
      evenly, fingers clear of chain and wheel. The sound stays on this device and is not kept: only
      its numbers are.
    </Txt>
    <Choice
      label="Pace"
      options={[
        ...PACES.map((n) => ({ value: n as number, label: `${n} a minute` })),
        { value: TAPPED, label: 'I tap each turn' },
      ]}
      value={byTaps ? TAPPED : perMinute}
      onChange={onPace}
    />
    <Button kind="strong" icon={Mic} label="Record" onPress={onRecord} />
    {byTaps ? null : (
      <FilePick
        label="Choose a sound file"
        fieldLabel="Recording of the chain"
        accept="audio/*,.wav"
        onPick={([file]) => file && onFile(file)}
      />
    )}
  </View>
);

/** Stands for taps among the paces. */
const TAPPED = 0;

const styles = StyleSheet.create({ column: { gap: 10 } });
