import type { WorkFromFile } from '../formats/table/work';
import { chainOn, type Fitting } from '../logbook/fittings';
import type { PlainEvent, WorkDone } from '../records/event';
import type { LubeClass } from '../lube/classes';
import { fail, ok, type Result } from '../problem';
import { MS_PER_DAY } from '../units/convert';

type Body<T> = T extends unknown ? Omit<T, 'id' | 'zone' | 'recordedAt'> : never;
/** Work or a reading of wear, as it goes into the log. */
export type NewWork = Body<Extract<PlainEvent, { type: 'workDone' | 'wearRead' }>>;

/** Work as it is written where little is known of it. */
export const plainWork = (
  at: string,
  chainId: string,
  more: Pick<WorkDone, 'method' | 'lube' | 'note'>,
): Body<WorkDone> => ({
  type: 'workDone',
  at,
  chainId,
  cogsCleaned: more.method !== 'dry wipe',
  baths: { count: 3, ml: 150 },
  drying: 'towel and air',
  used: [],
  minutes: null,
  depth: null,
  swatches: [],
  ...more,
});

/**
 * A row of past work as an event of the chain that was on the bike then. A new chain cannot be told from a row, and work
 * on chains the log does not know has no place.
 */
export function eventOfWork(
  { at, did, note }: WorkFromFile,
  bikeId: string,
  fittings: readonly Fitting[],
  events: readonly PlainEvent[],
): Result<NewWork> {
  if (did === null) return fail('work/other');
  if (did.kind === 'new chain') return fail('work/new-chain');
  const chainId = chainOn(fittings, bikeId, at);
  if (chainId === null) return fail('work/no-chain');
  if (did.kind === 'wear')
    return ok({ type: 'wearRead', at, chainId, tool: 'checker', percent: did.percent });
  const lubeClass = did.lube === 'as before' ? lubeBefore(chainId, at, events) : did.lube;
  const lube = lubeClass && { lubeClass, coat: 1, wiped: true };
  return ok(plainWork(at, chainId, { method: did.method, lube, note }));
}

/** The class a chain carried last before a moment; of none known the usual one. */
function lubeBefore(chainId: string, at: string, events: readonly PlainEvent[]): LubeClass {
  for (let n = events.length - 1; n >= 0; n--) {
    const event = events[n]!;
    if (event.at >= at || !('chainId' in event) || event.chainId !== chainId) continue;
    if (event.type === 'workDone' && event.lube) return event.lube.lubeClass;
    if (event.type === 'chainFitted' && event.start?.lube) return event.start.lube;
  }
  return 'wet';
}

/** Whether the log has such work on that day already. */
export const isWorkKnown = (work: NewWork, events: readonly PlainEvent[]): boolean =>
  events.some(
    (e) =>
      e.type === work.type &&
      e.chainId === work.chainId &&
      Math.abs(Date.parse(e.at) - Date.parse(work.at)) < MS_PER_DAY / 2,
  );
