import { useMemo, useState } from 'react';
import type { Logbook } from '@/core/logbook/logbook';
import type { Result } from '@/core/problem';
import {
  holdingsOf,
  isNothing,
  lackingIn,
  readHoldings,
  writeHoldings,
} from '@/core/carry/lacking';
import { packed } from '@/core/carry/packed';
import { writeAsk } from '@/core/carry/frame';
import {
  DEMO_CARRIED,
  NO_ASK,
  NO_LOGBOOK,
  NOTHING_LACKING,
  outgoingLine,
} from '@/core/words/carry';
import { BackupPreview, type BackupFile } from '../book/RestoreCard';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { ReadCard } from './ReadCard';
import { ShowCard, type Outgoing } from './ShowCard';
import { useCarrier } from './useCarrier';

interface Props {
  logbook: Logbook;
  /** Codes of a reading that was broken off. */
  before: readonly Uint8Array[];
  onKeep: (codes: readonly Uint8Array[]) => void;
  /** The made-up logbook is open. */
  demo: boolean;
  /** Reads what came, or says why it cannot be read. */
  onWhole: (text: string) => Promise<Result<BackupFile, string>>;
  onTake: () => void;
}

/** A logbook from device to device: shown as codes by one, read by the other's camera. Both ways, both merge. */
export function CarryPage({ logbook, demo, before, onKeep, onWhole, onTake }: Props) {
  const { carrier, failed } = useCarrier();
  const ask = useMemo(() => writeAsk(writeHoldings(holdingsOf(logbook))), [logbook]);
  const [came, setCame] = useState<BackupFile | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const whole = async (text: string | null) => {
    const read = text === null ? fails(NO_LOGBOOK) : await onWhole(text);
    setCame(read.ok ? read.value : null);
    setProblem(read.ok ? null : read.problem);
  };
  return (
    <Page title="To another device">
      {failed ? (
        <Txt tone="danger" live="assertive">
          This browser cannot write or read the codes. Send a backup file instead, from Files.
        </Txt>
      ) : null}
      {demo ? <Txt tone="danger">{DEMO_CARRIED}</Txt> : null}
      <ShowCard carrier={carrier} outgoing={(ask) => outgoingTo(logbook, ask)} />
      <ReadCard {...{ carrier, ask, before, onKeep }} onWhole={(text) => void whole(text)}>
        {problem ? (
          <Txt tone="danger" live="assertive">
            {problem}
          </Txt>
        ) : null}
        {came ? (
          <BackupPreview
            file={came}
            label="Take it in"
            onRestore={() => {
              setCame(null);
              onTake();
            }}
            onCancel={() => setCame(null)}
          />
        ) : null}
      </ReadCard>
    </Page>
  );
}

const fails = (problem: string) => ({ ok: false, problem }) as const;

/** The part of a logbook that goes to a device with such holdings; null: to one that did not say. */
function outgoingTo(logbook: Logbook, ask: Uint8Array | null): Outgoing {
  const theirs = ask && readHoldings(ask);
  if (ask && !theirs) return { bytes: null, says: NO_ASK };
  const part = theirs ? lackingIn(logbook, theirs) : logbook;
  return isNothing(part)
    ? { bytes: null, says: NOTHING_LACKING }
    : { bytes: packed(part), says: outgoingLine(part) };
}
