import CloudRain from 'lucide-react-native/icons/cloud-rain';
import Ear from 'lucide-react-native/icons/ear';
import Route from 'lucide-react-native/icons/route';
import Search from 'lucide-react-native/icons/search';
import Shirt from 'lucide-react-native/icons/shirt';
import { startTransition, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { SOUNDS, type Sound } from '@/core/records/kinds';
import type { PlainEvent } from '@/core/records/event';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { InView } from '../frame/InView';
import { Txt } from '../theme/Txt';
import { SOUND_LABEL } from '@/core/words/labels';
import { RagCheck } from '../senses/lazily';
import type { RagNoted } from '../senses/RagCheck';

type Note = 'wet' | 'heard' | 'rag';

interface Props {
  /** What was asked for from outside the app, by a shortcut of its icon. */
  asked: string | undefined;
  onRode: () => void;
  onWet: (how: 'stood in rain' | 'washed') => void;
  onHeard: (sound: Sound) => void;
  onRag: (read: RagNoted) => void;
  /** What was noted before, for the camera to learn from; and whether it may be tried on a drawn rag. */
  events: readonly PlainEvent[];
  practice: boolean;
  /** To where a noise is traced to its cause. */
  onFind: () => void;
  /** To where a chain is listened to. */
  onListen: () => void;
}

/** The four things a rider notes with one clean finger. */
export function QuickNotes({
  asked,
  onRode,
  onWet,
  onHeard,
  onRag,
  events,
  practice,
  ...to
}: Props) {
  const [open, setOpen] = useState<Note | null>(
    NOTES.find(({ which }) => which === asked)?.which ?? null,
  );
  // The button answers at once; what opens is drawn in between.
  const toggle = (which: typeof open) =>
    startTransition(() => setOpen(open === which ? null : which));
  const done = (note: () => void) => () => {
    setOpen(null);
    note();
  };
  return (
    <View style={styles.notes}>
      <View style={styles.row}>
        <View style={styles.cell}>
          <Button icon={Route} label="Rode" onPress={onRode} grow />
        </View>
        {NOTES.map(({ which, icon, label }) => (
          <View key={which} style={styles.cell}>
            <Button
              icon={icon}
              label={label}
              expanded={open === which}
              onPress={() => toggle(which)}
              grow
            />
          </View>
        ))}
      </View>
      {open === 'wet' ? (
        <Panel title="How did it get wet?">
          <View style={styles.row}>
            <Button label="Stood in rain" onPress={done(() => onWet('stood in rain'))} />
            <Button label="Was washed" onPress={done(() => onWet('washed'))} />
          </View>
          <Txt variant="small" tone="inkSoft">
            Rained on while riding? Log it with the ride.
          </Txt>
        </Panel>
      ) : null}
      {open === 'heard' ? (
        <Heard {...to} onHeard={(sound) => done(() => onHeard(sound))()} />
      ) : null}
      {open === 'rag' ? (
        <RagCheck {...{ events, practice }} onRag={(read) => done(() => onRag(read))()} />
      ) : null}
    </View>
  );
}

const Heard = ({ onHeard, onFind, onListen }: Pick<Props, 'onHeard' | 'onFind' | 'onListen'>) => (
  <Panel title="What did you hear?">
    <View style={styles.row}>
      {HEARD.map((sound) => (
        <Button key={sound} label={SOUND_LABEL[sound]} onPress={() => onHeard(sound)} />
      ))}
    </View>
    <Button kind="quiet" icon={Search} label="Find where it comes from" onPress={onFind} />
    <Button kind="quiet" label="Listen to it at the stand" onPress={onListen} />
  </Panel>
);

/** What is heard; that it was not the chain is found out. */
const HEARD = SOUNDS.filter((sound) => sound !== 'not the chain');

const Panel = ({ title, children }: { title: string; children: ReactNode }) => (
  <InView>
    <Card title={title}>{children}</Card>
  </InView>
);

const NOTES = [
  { which: 'wet', icon: CloudRain, label: 'Got wet' },
  { which: 'heard', icon: Ear, label: 'Heard a noise' },
  { which: 'rag', icon: Shirt, label: 'Rag check' },
] as const;

const styles = StyleSheet.create({
  notes: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: '45%' },
});
