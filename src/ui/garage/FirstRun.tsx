import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import { readStart, type StartDraft, type StartField } from '@/core/entry/fitting';
import { BIKE_KINDS, PRESETS, type BikeKind } from '@/core/garage/presets';
import { regionalOf } from '@/core/intl/device';
import type { ChainStart } from '@/core/records/event';
import { writtenAt, type Written } from '@/core/settings/regional';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { readKept, writeKept } from '../form/keptDraft';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { NEW_START, StartFields } from './StartFields';

interface Props {
  onStart: (kind: BikeKind, start: ChainStart, written: Written) => void;
  onDemo: () => void;
}

const KEPT = 'first run';

/** From nothing to a verdict: which bike, what lube, how long ago. Everything else has a usual value. */
export function FirstRun({ onStart, onDemo }: Props) {
  const [regional] = useState(() => regionalOf(navigator.language));
  const [written, setWritten] = useState(() => writtenAt(regional));
  const [kind, setKind] = useState<BikeKind>('road');
  const [draft, setDraft] = useState<StartDraft>(() => ({ ...NEW_START, ...readKept(KEPT) }));
  useEffect(() => writeKept(KEPT, draft, NEW_START), [draft]);
  const [problems, setProblems] = useState<FieldProblems<StartField>>({});
  const start = () => {
    const read = readStart(draft, written.units);
    setProblems(read.ok ? {} : read.problems);
    if (!read.ok) return;
    writeKept(KEPT, NEW_START, NEW_START);
    onStart(kind, read.value, written);
  };
  return (
    <View style={styles.page}>
      <View style={styles.head}>
        <Txt variant="verdict" level={1}>
          How far is your chain still good?
        </Txt>
        <Txt variant="lead">
          Tell us about your chain; we’ll say what it needs and when. Log rides and work to keep it
          current.
        </Txt>
      </View>
      <Card>
        <Choice
          label="Your bike"
          options={BIKE_KINDS.map((k) => ({ value: k, label: PRESETS[k].name }))}
          value={kind}
          onChange={setKind}
        />
        <StartFields
          draft={draft}
          onChange={(part) => setDraft((d) => ({ ...d, ...part }))}
          problems={problems}
          units={written.units}
        />
        <Choice
          label="Units"
          options={[
            { value: 'km' as const, label: 'Kilometres' },
            { value: 'mi' as const, label: 'Miles' },
          ]}
          value={written.units.distance}
          onChange={(distance) => setWritten(writtenAt(regional, distance))}
        />
        <Button kind="strong" label="Show my chain" onPress={start} />
      </Card>
      <View style={styles.demo}>
        <Txt tone="inkSoft">Or look around first: eight months of a rider on a made-up island.</Txt>
        <Button label="Open the demo" onPress={onDemo} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: 20 },
  head: { gap: 8, paddingTop: 8 },
  demo: { gap: 10, alignItems: 'flex-start' },
});
