import type { PlainEvent } from '../records/event';
import type { PartNoted } from '../records/faultEvents';

const placeKey = ({ what, place }: PartNoted): string =>
  place ? `${what} ${place.links} ${place.side}` : what;

/** What is noted of a bike and the chain on it and is not put right yet, the oldest first. */
export function notesOn(
  events: readonly PlainEvent[],
  { bikeId, chainId }: { bikeId: string; chainId: string },
): PartNoted[] {
  const open = new Map<string, PartNoted>();
  for (const e of events) {
    if (e.type !== 'partNoted') continue;
    const isHere = e.chainId === null ? e.bikeId === bikeId : e.chainId === chainId;
    if (!isHere) continue;
    open.delete(placeKey(e));
    if (!e.putRight) open.set(placeKey(e), e);
  }
  return [...open.values()];
}
