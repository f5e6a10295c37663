import type { WorkResult } from './result';
import { benchOf, type Run } from './run';

/** The fitting of the other chain. */
interface SwapFitted {
  type: 'chainFitted';
  at: string;
  chainId: string;
  bikeId: string;
  start: null;
}

/** What a session writes into the log; id, zone and moment of writing come from whoever records it. */
export type RunEvents = (SwapFitted | WorkResult)[];

/**
 * Returns the events of a session: its work; of a swap that was done the fitting too, and what was left open with
 * the chain it speaks of: a worn link with the one that came off, all else with the one that is on.
 */
export function eventsOf(run: Run, work: WorkResult, bikeId: string | null): RunEvents {
  const { next } = run.job;
  const closed = run.marks.findLast((m) => m.kind === 'done' && m.step === 'close');
  const swapped = benchOf(run).state.get('close') === 'done' && closed;
  if (run.job.depth !== 'swap' || !next || !swapped || bikeId === null) return [work];
  const at = new Date(closed.at).toISOString();
  const { leftOpen = [], ...rest } = work;
  const onIt = leftOpen.filter((what) => what !== 'worn link');
  const of = (chainId: string, open: typeof leftOpen, minutes: number | null): WorkResult => ({
    ...rest,
    chainId,
    minutes,
    ...(open.length > 0 ? { leftOpen: open } : {}),
  });
  return [
    { type: 'chainFitted', at, chainId: next.id, bikeId, start: null },
    of(next.id, onIt, work.minutes),
    ...(leftOpen.includes('worn link') ? [of(run.chainId, ['worn link'], null)] : []),
  ];
}
