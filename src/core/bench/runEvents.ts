import { NEW_CHAIN } from '../care/model/state';
import type { ChainStart } from '../records/event';
import { changesChain } from './depths';
import type { WorkResult } from './result';
import { roundsSeen, type RoundSeen } from './rounds';
import { benchOf, type Run } from './run';

/** The fitting of the other chain. */
interface Fitted {
  type: 'chainFitted';
  at: string;
  chainId: string;
  bikeId: string;
  /** Of a chain out of its box: it comes with the factory's grease. */
  start: ChainStart | null;
}

/** A slower round that rode along. */
interface RoundDone extends RoundSeen {
  type: 'roundDone';
  at: string;
  bikeId: string;
}

/** What a session writes into the log; id, zone and moment of writing come from whoever records it. */
export type RunEvents = (Fitted | WorkResult | RoundDone)[];

/**
 * Returns the events of a session: its work; where another chain went on the fitting too, and what was left open with
 * the chain it speaks of: a worn link with the one that came off, all else with the one that is on. A new chain that was
 * not closed leaves nothing to write.
 */
export const eventsOf = (run: Run, work: WorkResult, bikeId: string | null): RunEvents => [
  ...chainEvents(run, work, bikeId),
  ...(bikeId === null
    ? []
    : roundsSeen(run, benchOf(run)).map((seen): RoundDone => ({
        type: 'roundDone',
        at: new Date(run.marks.at(-1)?.at ?? run.startedAt).toISOString(),
        bikeId,
        ...seen,
      }))),
];

function chainEvents(run: Run, work: WorkResult, bikeId: string | null): (Fitted | WorkResult)[] {
  const { next, depth } = run.job;
  const closed = run.marks.findLast((m) => m.kind === 'done' && m.step === 'close');
  const isClosed = benchOf(run).state.get('close') === 'done' && closed;
  if (depth === 'new chain' && !isClosed) return [];
  if (!changesChain(depth) || !next || !isClosed || bikeId === null) return [work];
  // Wax went on before it was closed, and is a coat of this chain all the same.
  const fitted = run.boxed ? Math.min(closed.at, Date.parse(work.at)) : closed.at;
  const at = new Date(fitted).toISOString();
  const { leftOpen = [], ...rest } = work;
  const onIt = leftOpen.filter((what) => what !== 'worn link');
  const of = (chainId: string, open: typeof leftOpen, minutes: number | null): WorkResult => ({
    ...rest,
    chainId,
    minutes,
    ...(open.length > 0 ? { leftOpen: open } : {}),
  });
  return [
    {
      type: 'chainFitted',
      at,
      chainId: next.id,
      bikeId,
      start: run.boxed ? NEW_CHAIN : null,
    },
    of(next.id, onIt, work.minutes),
    ...(leftOpen.includes('worn link') ? [of(run.chainId, ['worn link'], null)] : []),
  ];
}

/** The chains that were measured in a session, whose figures are still to be entered: the one that is on first. */
export function measuredIn(run: Run): string[] {
  const { state } = benchOf(run);
  const did = (step: string) => state.get(step) === 'done';
  const { next } = run.job;
  return [
    ...(did('baseline') && next ? [next.id] : []),
    ...(did('measure') || did('measure old') ? [run.chainId] : []),
  ];
}
