import type { PlainEvent } from '../records/event';
import type { FaultFound } from '../records/faultEvents';
import type { Cause } from '../records/faults';
import { OF_CHAIN } from './causes/ofChain';
import { kmOnBikeSince } from './ridden';

/** What was found on a bike before, the oldest first. What sounded the same on the next ride was not the cause. */
export function findingsOn(events: readonly PlainEvent[], bikeId: string): FaultFound[] {
  const wrong = new Set<string>();
  for (const e of events)
    if (e.type === 'faultFollowed' && e.outcome === 'same') wrong.add(e.fault);
  return events.filter(
    (e): e is FaultFound => e.type === 'faultFound' && e.bikeId === bikeId && !wrong.has(e.id),
  );
}

/** How often each cause was found. */
export function countsOf(findings: readonly FaultFound[]): Map<Cause, number> {
  const counts = new Map<Cause, number>();
  for (const { cause } of findings) counts.set(cause, (counts.get(cause) ?? 0) + 1);
  return counts;
}

/** A cause that was found before on a bike: how often, when last, and how far it was ridden since, km. */
export interface Repeat {
  times: number;
  last: FaultFound;
  km: number;
}

/** Whether a cause was found before on a bike; null: it was not. */
export function repeatOf(
  events: readonly PlainEvent[],
  bikeId: string,
  cause: Cause,
): Repeat | null {
  const findings = findingsOn(events, bikeId).filter((f) => f.cause === cause);
  const last = findings.at(-1);
  if (!last) return null;
  return {
    times: findings.length,
    last,
    km: kmOnBikeSince(events, bikeId, Date.parse(last.at)),
  };
}

/** Whether a cause lies in the chain: it leaves with it. */
export const isOfTheChain = (cause: Cause): boolean => Object.hasOwn(OF_CHAIN, cause);

/** Causes whose squeak tells that a coat of lube is spent. */
const OF_THE_COAT: readonly Cause[] = ['dry chain', 'rusted chain'];

/**
 * Squeaks noted of a chain since its last coat that a cause explains otherwise: they tell nothing of its lube. None
 * where the cause is that the coat is spent.
 */
export function misheard(
  events: readonly PlainEvent[],
  chainId: string,
  cause: Cause,
): Extract<PlainEvent, { type: 'soundHeard' }>[] {
  if (OF_THE_COAT.includes(cause)) return [];
  const coat = events.findLastIndex(
    (e) => e.type === 'workDone' && e.chainId === chainId && e.lube !== null,
  );
  return events
    .slice(coat + 1)
    .filter(
      (e): e is Extract<PlainEvent, { type: 'soundHeard' }> =>
        e.type === 'soundHeard' && e.chainId === chainId && e.sound === 'squeak',
    );
}
