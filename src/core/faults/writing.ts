import type { ChainReport } from '../care/verdict/report';
import type { PlainEvent } from '../records/event';
import type { Unwritten } from '../logbook/events';
import type { FaultFound, PartNoted } from '../records/faultEvents';
import { isOfTheChain, misheard } from './history';

/** What a search found, as the rider writes it down. */
export type Finding = Pick<FaultFound, 'noise' | 'cause' | 'place' | 'showed' | 'state'>;

/** What goes into the log of a finding: itself, and how earlier notes should have read. */
export interface WrittenFault {
  event: Unwritten<FaultFound>;
  amendments: { target: PlainEvent; replacement: Unwritten<Misheard> }[];
}

type Misheard = Extract<PlainEvent, { type: 'soundHeard' }>;

/**
 * The cause of a noise as it goes into the log at a moment (ISO). Squeaks noted since the last coat that it explains
 * otherwise count as not the chain’s: they teach nothing of its lube.
 */
export function writtenFault(
  { bike, chain }: Pick<ChainReport, 'bike' | 'chain'>,
  events: readonly PlainEvent[],
  finding: Finding,
  at: string,
): WrittenFault {
  const chainId = isOfTheChain(finding.cause) ? chain.id : null;
  return {
    event: { type: 'faultFound', at, bikeId: bike.id, chainId, ...finding },
    amendments: misheard(events, chain.id, finding.cause).map((target) => ({
      target,
      replacement: { ...target, sound: 'not the chain' },
    })),
  };
}

/** A note of a part, or that it is put right, as it goes into the log. */
export const writtenNote = (
  { bike, chain }: Pick<ChainReport, 'bike' | 'chain'>,
  note: Pick<PartNoted, 'what' | 'place' | 'putRight'>,
  at: string,
): Unwritten<PartNoted> => ({
  type: 'partNoted',
  at,
  bikeId: bike.id,
  chainId: note.what === 'stiff link' ? chain.id : null,
  ...note,
});
