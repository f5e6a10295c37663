import { startTransition, useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { breath } from '../slices';
import type { AppStore } from '../store';
import { planUnwatched, planWatched, type PlanState, type Watching } from './planSlice';

/**
 * The plan, in step with the logbook while a screen shows it. What makes it is loaded after the first
 * screen. `waits`: the rider came for it.
 */
export function usePlan({ waits }: Watching): PlanState {
  const store = useStore() as AppStore;
  const [plan, setPlan] = useState(() => store.getState().plan);
  useEffect(() => {
    let isAsked = false;
    let isWatching = false;
    let isOver = false;
    // A new agenda is long: it is drawn in pieces, so that the page answers in between.
    const show = () => startTransition(() => setPlan(store.getState().plan));
    const keeping = breath().then(() => import('./keepPlan'));
    // A plan of the last year alone would be thrown away.
    const watch = () => {
      if (isAsked || store.getState().session.phase === 'looking') return;
      isAsked = true;
      void keeping.then(({ keepPlan }) => {
        if (isOver) return;
        keepPlan(store);
        isWatching = true;
        store.dispatch(planWatched({ waits }));
      });
    };
    const unsubscribe = store.subscribe(() => {
      show();
      watch();
    });
    watch();
    return () => {
      isOver = true;
      unsubscribe();
      if (isWatching) store.dispatch(planUnwatched({ waits }));
    };
  }, [store, waits]);
  return plan;
}
