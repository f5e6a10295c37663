import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { cameLine, WRONG_CODE } from '@/core/words/carry';
import type { Carrier, Code, Seen } from '@/work/carry';
import { Button } from '../form/Button';
import { ProgressBar } from '../form/ProgressBar';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { CodeCamera } from './CodeCamera';
import { CodePicture } from './CodePicture';

interface Props {
  carrier: Carrier;
  /** What this device has, for the other to read. */
  ask: Uint8Array;
  /** Pieces of a reading that was broken off. */
  before: readonly Uint8Array[];
  /** Keeps the pieces that came, so that it can go on later. */
  onKeep: (codes: readonly Uint8Array[]) => void;
  /** It came whole: the text of a backup, or null where it is none. */
  onWhole: (text: string | null) => void;
  /** What came, for a look before it is taken in. */
  children: ReactNode;
}

interface Far {
  have: number;
  need: number;
}

/** Another device's logbook read by the camera, code by code. */
export function ReadCard({ carrier, ask, before, onKeep, onWhole, children }: Props) {
  const [reading, setReading] = useState(false);
  const [far, setFar] = useState<Far | null>(null);
  const [wrong, setWrong] = useState(false);
  const take = (seen: Seen) => {
    setWrong(seen.kind === 'ask');
    if (seen.kind === 'part') {
      setFar(seen);
      // Kept now and then: a phone call must not cost the run.
      if (seen.have % KEEP_EACH === 0) void carrier.kept().then(onKeep);
    }
    if (seen.kind === 'whole') {
      setReading(false);
      setFar(null);
      onKeep([]);
      onWhole(seen.text);
    }
  };
  const begin = async () => {
    setReading(true);
    take(await carrier.resume(before));
  };
  const stop = () => {
    setReading(false);
    void carrier.kept().then(onKeep);
  };
  return (
    <Card title="Read another device">
      {reading ? (
        <>
          <CodeCamera
            carrier={carrier}
            hint="Fill the picture with the code of the other screen. Codes that are missed come again."
            onSeen={take}
            onCancel={stop}
          />
          {wrong ? <Txt live="polite">{WRONG_CODE}</Txt> : null}
          {far ? <ProgressBar share={far.have / far.need} label="Read so far" /> : null}
          {far ? (
            <Txt live="polite" variant="label">
              {cameLine(far.have, far.need)}
            </Txt>
          ) : null}
        </>
      ) : (
        <Begin {...{ carrier, ask, before }} onBegin={() => void begin()} />
      )}
      {children}
    </Card>
  );
}

const KEEP_EACH = 10;

/** The code that says what this device has, and the way to its camera. */
function Begin({
  carrier,
  ask,
  before,
  onBegin,
}: Pick<Props, 'carrier' | 'ask' | 'before'> & { onBegin: () => void }) {
  const [code, setCode] = useState<Code | null>(null);
  useEffect(() => {
    let over = false;
    void carrier.code(ask).then((made) => !over && setCode(made));
    return () => {
      over = true;
    };
  }, [carrier, ask]);
  return (
    <>
      <Txt>
        First let the other device read this code: it then shows only what is missing here. Next
        open the camera and hold the other screen before it.
      </Txt>
      <View style={styles.ask}>
        {code ? <CodePicture code={code} label="Code of what this device has" /> : null}
      </View>
      {before.length > 0 ? (
        <Txt>Part of a run was read before. The camera goes on where it stopped.</Txt>
      ) : null}
      <View style={styles.row}>
        <Button kind="strong" label="Open the camera" onPress={onBegin} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  ask: { maxWidth: 260, width: '100%', aspectRatio: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
