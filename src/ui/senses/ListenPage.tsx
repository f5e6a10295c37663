import Search from 'lucide-react-native/icons/search';
import { useState } from 'react';
import { View } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import type { ChainState } from '@/core/care/model/state';
import { likelyCogs, middleCog } from '@/core/garage/cogs';
import type { PlainEvent } from '@/core/records/event';
import type { Unwritten } from '@/core/logbook/events';
import { isFresh } from '@/core/senses/sound/fresh';
import { louderThan } from '@/core/senses/sound/against';
import { quietOf, recordedEvent, type RecordedIn } from '@/core/senses/sound/log';
import type { Recording } from '@/core/senses/sound/listen';
import type { Turn } from '@/core/senses/sound/turn';
import { dateFormat } from '@/core/intl/dates';
import {
  besideQuietSentence,
  NO_RHYTHM,
  notFreshSentence,
  rhythmSentence,
} from '@/core/words/senses';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { Listener } from './Listener';
import { SoundPicture } from './SoundPicture';

interface Props {
  /** Bikes with a chain, the one spoken of first. */
  reports: readonly [ChainReport, ...ChainReport[]];
  events: readonly PlainEvent[];
  /** The time, ms. */
  clock: () => number;
  onNote: (label: string, event: Unwritten) => void;
  /** To where a noise is traced to its cause. */
  onFind: (bikeId: string) => void;
}

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });

/** Listening to a chain at the stand: its rhythm, and how loud it is beside its own quiet. */
export function ListenPage({ reports, events, clock, onNote, onFind }: Props) {
  const [bikeId, setBikeId] = useState(reports[0].bike.id);
  const { bike, chain, state } = reports.find((r) => r.bike.id === bikeId) ?? reports[0];
  const cogs = likelyCogs(bike);
  const [ring, setRing] = useState<number | null>(null);
  const [cog, setCog] = useState<number | null>(null);
  const recordedIn = {
    bikeId: bike.id,
    ring: ring ?? bike.rings[0] ?? 42,
    cog: cog ?? middleCog(cogs),
  };
  const note = (recording: Recording, turn: Turn, quiet: boolean) => {
    const at = new Date(clock()).toISOString();
    const written = { ...recordedIn, chainId: chain.id, turn, quiet, at };
    onNote(
      quiet ? 'Its quiet is kept' : 'Recording noted',
      recordedEvent(recording, written, events),
    );
  };
  return (
    <Page title="Listen to the chain">
      {reports.length > 1 ? (
        <Choice
          label="On which bike?"
          options={reports.map((r) => ({ value: r.bike.id, label: r.bike.name }))}
          value={bike.id}
          onChange={(id) => {
            setBikeId(id);
            setRing(null);
            setCog(null);
          }}
        />
      ) : null}
      <GearChoice
        rings={bike.rings}
        cogs={cogs}
        gear={recordedIn}
        onRing={setRing}
        onCog={setCog}
      />
      <Card>
        <Listener key={bike.id}>
          {(recording, turn) => (
            <Heard
              {...{ recording, turn, recordedIn, events, state }}
              onNote={(quiet) => note(recording, turn, quiet)}
              onFind={() => onFind(bike.id)}
            />
          )}
        </Listener>
      </Card>
    </Page>
  );
}

interface GearProps {
  rings: readonly number[];
  cogs: readonly number[];
  gear: RecordedIn;
  onRing: (teeth: number) => void;
  onCog: (teeth: number) => void;
}

/** The gear it turns in, where the bike has more than one. */
const GearChoice = ({ rings, cogs, gear, onRing, onCog }: GearProps) => (
  <>
    {rings.length > 1 ? (
      <Choice label="Ring, teeth" options={rings.map(teeth)} value={gear.ring} onChange={onRing} />
    ) : null}
    {cogs.length > 1 ? (
      <Choice label="Cog, teeth" options={cogs.map(teeth)} value={gear.cog} onChange={onCog} />
    ) : null}
  </>
);

const teeth = (n: number) => ({ value: n, label: String(n) });

interface HeardProps {
  recording: Recording;
  turn: Turn;
  recordedIn: RecordedIn;
  events: readonly PlainEvent[];
  /** How the chain stands by the log. */
  state: ChainState;
  /** `quiet`: it is kept as the bike's quiet. */
  onNote: (quiet: boolean) => void;
  onFind: () => void;
}

/** What a recording says, and what can be done with it. */
function Heard({ recording, turn, recordedIn, events, state, onNote, onFind }: HeardProps) {
  const quiet = quietOf(events, recordedIn);
  const louder = quiet && louderThan(quiet.levels, recording.levels);
  const fresh = isFresh(state);
  return (
    <View style={{ gap: 10 }}>
      <SoundPicture {...{ recording, turn }} quiet={quiet?.levels ?? null} />
      <Txt variant="lead" live="polite">
        {besideQuietSentence(louder, quiet && day.format(Date.parse(quiet.at)))}
      </Txt>
      {recording.rhythms.length === 0 ? <Txt>{NO_RHYTHM}</Txt> : null}
      {recording.rhythms.map((rhythm) => (
        <Txt key={rhythm.perTurn}>{rhythmSentence(rhythm)}</Txt>
      ))}
      {louder ? <Button kind="strong" label="Note it" onPress={() => onNote(false)} /> : null}
      {fresh ? null : <Txt>{notFreshSentence(state)}</Txt>}
      <Button
        kind={!louder && fresh ? 'strong' : 'plain'}
        label="Keep it as its quiet"
        onPress={() => onNote(true)}
      />
      <Txt variant="small" tone="inkSoft">
        Its quiet is how it sounds just cleaned and coated. Record it with the same phone, at the
        same place, in the same gear, or the two cannot be held together.
      </Txt>
      {recording.rhythms.length > 0 ? (
        <Button icon={Search} label="Find where it comes from" onPress={onFind} />
      ) : null}
    </View>
  );
}
