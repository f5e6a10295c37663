import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { codeLine, longLine, pieceLine, WHY_ASK } from '@/core/words/carry';
import type { Carrier, Code } from '@/work/carry';
import { keepAwake } from '../bench/device';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { CodeCamera } from './CodeCamera';
import { CodePicture } from './CodePicture';

/** What is to be shown: bytes, and what they hold in words; null: the other lacks nothing. */
export interface Outgoing {
  bytes: Uint8Array | null;
  says: string;
}

interface Props {
  carrier: Carrier;
  /** What goes out to a device that said what it has; null: it did not, so all of it. */
  outgoing: (ask: Uint8Array | null) => Outgoing;
}

type At = { at: 'idle'; says?: string } | { at: 'asking' } | ({ at: 'showing' } & Run);

interface Run {
  says: string;
  needed: number;
}

/** This logbook shown as a run of codes, whole or only what the other device lacks. */
export function ShowCard({ carrier, outgoing }: Props) {
  const [state, setState] = useState<At>({ at: 'idle' });
  const show = async (ask: Uint8Array | null) => {
    const { bytes, says } = outgoing(ask);
    if (!bytes) return setState({ at: 'idle', says });
    setState({ at: 'showing', says, needed: await carrier.show(bytes) });
  };
  return (
    <Card title="Show this logbook">
      {state.at === 'idle' ? (
        <>
          <Txt>{WHY_ASK}</Txt>
          {state.says ? <Txt live="polite">{state.says}</Txt> : null}
          <View style={styles.row}>
            <Button
              kind="strong"
              label="Show only what it lacks"
              onPress={() => setState({ at: 'asking' })}
            />
            <Button label="Show all of it" onPress={() => void show(null)} />
          </View>
        </>
      ) : null}
      {state.at === 'asking' ? (
        <CodeCamera
          carrier={carrier}
          hint="Hold the code the other device shows under “Read another device” before this camera."
          onSeen={(seen) => seen.kind === 'ask' && void show(seen.ask)}
          onCancel={() => setState({ at: 'idle' })}
        />
      ) : null}
      {state.at === 'showing' ? (
        <Running carrier={carrier} {...state} onDone={() => setState({ at: 'idle' })} />
      ) : null}
    </Card>
  );
}

/** Six codes a second: a camera of 30 pictures a second sees each several times. */
const EACH_MS = 160;
const SLOW_MS = 400;

function Running({
  carrier,
  says,
  needed,
  onDone,
}: Run & { carrier: Carrier; onDone: () => void }) {
  const [{ number, code }, setShown] = useState<{ number: number; code: Code | null }>({
    number: 0,
    code: null,
  });
  const [slow, setSlow] = useState(false);
  useEffect(() => keepAwake(), []);
  useEffect(() => {
    let over = false;
    const next = async () => {
      const piece = await carrier.piece(number);
      if (!over) setShown({ number: number + 1, code: piece });
    };
    const timer = setTimeout(() => void next(), number === 0 ? 0 : slow ? SLOW_MS : EACH_MS);
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [carrier, number, slow]);
  return (
    <>
      <Txt>{says}</Txt>
      {longLine(needed) ? <Txt>{longLine(needed)}</Txt> : null}
      {code ? <CodePicture code={code} label={pieceLine(number)} /> : null}
      <Txt variant="small" tone="inkSoft">
        {codeLine(number, needed)}
      </Txt>
      <View style={styles.row}>
        <Button kind="strong" label="The other has it" onPress={onDone} />
        <Button label={slow ? 'Faster' : 'Slower'} onPress={() => setSlow(!slow)} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
