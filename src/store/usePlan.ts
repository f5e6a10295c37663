import { startTransition, useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { useOpenLogbook } from './OpenContext';
import type { PlanState } from './planState';
import type { AppStore } from './store';

/**
 * The plan, in step with the logbook; null until the planner is there. What makes it is loaded after the
 * first screen.
 */
export function usePlan(): PlanState | null {
  const store = useStore() as AppStore;
  const { zone } = useOpenLogbook().edge;
  const [state, setState] = useState<PlanState | null>(null);
  useEffect(() => {
    let over = false;
    let stop = () => {
      over = true;
    };
    void import('./plan').then(({ watchPlan }) => {
      // A new agenda is long: it is drawn in pieces, so that the page answers in between.
      if (!over) stop = watchPlan(store, zone, (next) => startTransition(() => setState(next)));
    });
    return () => stop();
  }, [store, zone]);
  return state;
}
