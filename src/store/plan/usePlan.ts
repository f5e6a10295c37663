import { startTransition, useEffect, useState } from 'react';
import { shallowEqual, useStore } from 'react-redux';
import { useAppSelector } from '../hooks';
import { breath } from '../slices';
import type { AppStore } from '../store';
import { planUnwatched, planWatched, progressOf, type PlanState, type Watching } from './planSlice';

/** Whether two states differ in how much of a new plan is made at most. */
const isAsShown = ({ phase: a, ...before }: PlanState, { phase: b, ...now }: PlanState): boolean =>
  a.at === b.at && shallowEqual(before, now);

/**
 * The plan, in step with the logbook while a screen shows it. What makes it is loaded after the first
 * screen. How much of a new one is made it does not follow: see `usePlanProgress`. `waits`: the rider came for it.
 */
export function usePlan({ waits }: Watching): PlanState {
  const store = useStore() as AppStore;
  const [plan, setPlan] = useState(() => store.getState().plan);
  useEffect(() => {
    let isAsked = false;
    let isWatching = false;
    let isOver = false;
    let shown: PlanState | null = null;
    const show = () => {
      const { plan: now } = store.getState();
      if (shown && isAsShown(shown, now)) return;
      shown = now;
      // A new agenda is long: it is drawn in pieces, so that the page answers in between.
      startTransition(() => setPlan(now));
    };
    show();
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

/** How much of a new plan is made, 0 to 1: it changes often, and what shows it shows nothing else. */
export const usePlanProgress = (): number =>
  useAppSelector(({ plan }) => progressOf(plan.phase) ?? 1);
