import type { PlainEvent } from '../../records/event';
import type { FaultFollowed, FaultFound } from '../../records/faultEvents';
import type { BookState } from './bookState';

/** A fault that was found and is not over: still to be put right, or put right and not yet heard of. */
export interface OpenFault {
  found: FaultFound;
  putRight: boolean;
  /** The bike was ridden since it was put right: time to ask whether the noise is gone. */
  ridden: boolean;
}

/** Whether a fault rides along on a bike with this chain. */
const isOn = ({ found }: OpenFault, bikeId: string, chainId: string | undefined): boolean =>
  found.chainId === null ? found.bikeId === bikeId : found.chainId === chainId;

/** Faults of a bike and of the chain on it that are not over, the oldest first. */
export function faultsOn({ faults, fitted }: BookState, bikeId: string): OpenFault[] {
  const chainId = fitted.get(bikeId);
  return [...faults.values()].filter((fault) => isOn(fault, bikeId, chainId));
}

export const faultFound = ({ faults }: BookState, found: FaultFound): void =>
  void faults.set(found.id, { found, putRight: found.state === 'put right', ridden: false });

/** What became of a fault; of one the log does not know, nothing. */
export function faultFollowed({ faults }: BookState, { fault, outcome }: FaultFollowed): void {
  const open = faults.get(fault);
  if (outcome !== 'put right') faults.delete(fault);
  else if (open) faults.set(fault, { ...open, putRight: true, ridden: false });
}

/** A ride tells of every fault on the bike that was put right before. */
export function faultsRidden(
  book: BookState,
  { bikeId }: Extract<PlainEvent, { type: 'rideLogged' }>,
): void {
  for (const fault of faultsOn(book, bikeId))
    if (fault.putRight && !fault.ridden)
      book.faults.set(fault.found.id, { ...fault, ridden: true });
}
