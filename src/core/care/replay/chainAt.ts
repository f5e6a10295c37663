import type { Air } from '../../weather/drying';
import { stand } from '../model/stand';
import { startState, type ChainState } from '../model/state';
import { airOf } from './bookState';
import type { Replay } from './replay';

/**
 * A chain as it stood at a moment (ms), with the grit on its cogs and the air about it. Before its first fitting it is
 * as the rider said it was then; null where the log knows nothing of it.
 */
export function chainAt(
  replay: Replay,
  chainId: string,
  at: number,
): { state: ChainState; cogs: number; air: Air } | null {
  const own = replay.steps.filter((step) => step.chainId === chainId && step.after !== null);
  const last = own.findLast((step) => Date.parse(step.event.at) <= at);
  if (last?.after) {
    const { bike, home: cell, after, cogsAfter } = last;
    const air = airOf(replay.weather, { bike, cell }, after.at, at);
    return { state: stand(after, Math.max(at, after.at), air), cogs: cogsAfter, air };
  }
  const first = own.find(({ event }) => event.type === 'chainFitted')?.event;
  if (first?.type !== 'chainFitted' || !first.start) return null;
  const bike = replay.garage.bikes[first.bikeId];
  const air = airOf(replay.weather, { bike, cell: replay.book.cells.get(first.bikeId) }, at, at);
  return { state: startState(first.start, at), cogs: 0, air };
}
