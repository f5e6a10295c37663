import type { ReplayStep } from '../replay/step';
import type { ChainState } from '../model/state';

/** Lubed with more than this left, a coat is wasted. Own choice: well before anyone would call it due. */
export const EARLY = 0.6;

/**
 * Whether lubing a chain now would be far too early, and the rider has not done so before: it is told once what it
 * costs, and not again.
 */
export const isFirstEarly = (steps: readonly ReplayStep[], state: ChainState): boolean =>
  state.film >= EARLY &&
  !steps.some(
    ({ event, from }) =>
      event.type === 'workDone' && event.lube !== null && from !== null && from.film >= EARLY,
  );
