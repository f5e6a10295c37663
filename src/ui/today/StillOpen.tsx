import type { ChainReport } from '@/core/care/verdict/report';
import type { PlainEvent } from '@/core/records/event';
import type { Unwritten } from '@/core/logbook/events';
import { FaultsLater } from './FaultsLater';
import { Inspection } from './Inspection';
import { LeftOpenLater } from './LeftOpenLater';

/** A note of a tap; whoever writes it down knows the moment. */
type Note<T extends PlainEvent['type']> = T extends unknown
  ? Omit<Unwritten<Extract<PlainEvent, { type: T }>>, 'at'>
  : never;

interface Props {
  report: ChainReport;
  onNote: (label: string, event: Note<'chainInspected' | 'settled' | 'faultFollowed'>) => void;
  /** To where a noise is traced to its cause. */
  onFind: () => void;
}

/** What waits for a word of the rider: a look at rust, what the bench left open, faults that were found. */
export function StillOpen({ report, onNote, onFind }: Props) {
  const { bike, chain, state, faults, verdict } = report;
  return (
    <>
      {verdict.kind === 'inspect' ? (
        <Inspection
          onFound={(found) =>
            onNote(`Noted: ${found}`, { type: 'chainInspected', chainId: chain.id, found })
          }
        />
      ) : null}
      <LeftOpenLater
        leftOpen={state.leftOpen}
        onSettled={(what) => onNote('Put right', { type: 'settled', chainId: chain.id, what })}
        onFind={onFind}
      />
      <FaultsLater
        faults={faults}
        onFollowed={({ found }, outcome) => {
          const followed = { bikeId: bike.id, fault: found.id, outcome };
          const label = outcome === 'put right' ? 'Put right' : 'Noted after the ride';
          onNote(label, { type: 'faultFollowed', ...followed });
          if (outcome === 'same') onFind();
        }}
      />
    </>
  );
}
